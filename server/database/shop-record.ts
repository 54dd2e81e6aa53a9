import { eq, sql } from 'drizzle-orm'
import type { ShopRecord } from '#core'
import { database } from './client'
import { experienceOf } from './learning'
import { closedCases, shops } from './schema'

const howMany = sql<number>`count(*)::int`

/** What a shop has learnt of all its closed cases, summed up by the database. */
export async function shopRecord(shopId: string): Promise<ShopRecord> {
  const ofShop = eq(closedCases.shopId, shopId)
  const { complaint, outcome, isComeback, lead, causes, leadProbability, checks } = closedCases
  const cameTrue = sql<boolean>`${lead} = any(${causes})`
  // The tenth within which it was told, and what was told in it on the mean.
  const tenth = sql`least(9, floor(${leadProbability} * 10))`
  const [ends, told, paid, experience, [shop]] = await Promise.all([
    database()
      .select({ complaint, outcome, isComeback, cases: howMany })
      .from(closedCases)
      .where(ofShop)
      .groupBy(complaint, outcome, isComeback),
    database()
      .select({
        told: sql<number>`avg(${leadProbability})::float8`,
        cameTrue: sql<number>`avg(case when ${cameTrue} then 1 else 0 end)::float8`,
        cases: howMany,
      })
      .from(closedCases)
      .where(sql`${ofShop} and ${outcome} = 'cause-confirmed'`)
      .groupBy(tenth)
      .orderBy(tenth),
    database().execute<{ check: string; cases: number; minutes: number; decibans: number }>(sql`
      select one.check, count(*)::int as cases, sum(one.minutes)::float8 as minutes,
        sum(one.decibans)::float8 as decibans
      from ${closedCases}, jsonb_to_recordset(${checks}) as one("check" text, minutes float8, decibans float8)
      where ${ofShop} and ${outcome} = 'cause-confirmed'
      group by one.check`),
    experienceOf(shopId),
    database().select({ uses: shops.usesExperience }).from(shops).where(eq(shops.id, shopId)),
  ])
  return { ends, told, checks: paid.rows, experience, usesExperience: shop!.uses }
}
