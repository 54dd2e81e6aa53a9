import { and, eq, sql } from 'drizzle-orm'
import { LRUCache } from 'lru-cache'
import { type ClosedCase, closedCaseOf, type ShopExperience } from '#core'
import { log, toldOf } from '../utils/log'
import { database, inTransaction } from './client'
import type { Transaction } from './edge'
import { loadCase } from './read'
import { caseIndex, closedCases, signCounts } from './schema'

/** Counted beside the signs, once for every closed case. */
export const EVERY_CASE = 'case:closed'

/** Confirmed cases of a shop as they were counted last; one that is closed elsewhere is counted within a minute. */
const counted = new LRUCache<string, ShopExperience>({ max: 500, ttl: 60_000 })

/** Cases learnt of before something is answered that reckons with them; what is left is learnt of the next time. */
const AT_ONCE = 100

/** Learns of the cases that were closed or opened again since the last time, at most `most` of them. */
export async function learn(shopId: string, most = AT_ONCE): Promise<void> {
  const due = await database()
    .select({ caseId: caseIndex.caseId })
    .from(caseIndex)
    .where(and(eq(caseIndex.shopId, shopId), caseIndex.isDue))
    .limit(most)
  for (const { caseId } of due) await learnOf(shopId, caseId)
  if (due.length > 0) counted.delete(shopId)
}

/** The same after somebody has ended a case, without anybody waiting for it. */
export function learnSoon(shopId: string): void {
  learn(shopId).catch((error: unknown) => log.error({ learning: toldOf(error) }))
}

/**
 * Makes anew what was learnt of one case. It is first said to be no longer due: whoever ends it while it is read waits
 * for that row, and makes it due again.
 */
const learnOf = (shopId: string, caseId: string) =>
  inTransaction(async (tx) => {
    await tx
      .update(caseIndex)
      .set({ isDue: false })
      .where(and(eq(caseIndex.shopId, shopId), eq(caseIndex.caseId, caseId)))
    const parts = await loadCase(shopId, caseId)
    const learnt = parts && closedCaseOf(parts)
    const [before] = await tx
      .delete(closedCases)
      .where(and(eq(closedCases.shopId, shopId), eq(closedCases.caseId, caseId)))
      .returning({ signs: closedCases.signs })
    if (before) await count(tx, shopId, before.signs, -1)
    if (!learnt) return
    await tx.insert(closedCases).values({ ...rowOf(learnt), shopId, caseId })
    await count(tx, shopId, learnt.signs, 1)
  })

const rowOf = ({ lead, causeProbability, causes, signs, checks, ...plain }: ClosedCase) => ({
  ...plain,
  causes: [...causes],
  signs: [...signs],
  checks: [...checks],
  lead: lead.fault,
  leadProbability: lead.probability,
  causeProbability: causeProbability ?? null,
})

/** Counts signs up or down, in their order, so that two who count wait for each other and never both. */
const count = (tx: Transaction, shopId: string, signs: readonly string[], by: 1 | -1) =>
  tx
    .insert(signCounts)
    .values([EVERY_CASE, ...signs].sort().map((sign) => ({ shopId, sign, cases: by })))
    .onConflictDoUpdate({
      target: [signCounts.shopId, signCounts.sign],
      set: { cases: sql`${signCounts.cases} + ${by}` },
    })

/** Confirmed cases of a shop, complaint by complaint and cause by cause. */
export async function experienceOf(shopId: string): Promise<ShopExperience> {
  const known = counted.get(shopId)
  if (known) return known
  const { complaint, causes } = closedCases
  const confirmed = and(eq(closedCases.shopId, shopId), eq(closedCases.outcome, 'cause-confirmed'))
  const cases = sql<number>`count(*)::int`
  const cause = sql<string>`unnest(${causes})`.as('cause')
  const [totals, byCause] = await Promise.all([
    database().select({ complaint, cases }).from(closedCases).where(confirmed).groupBy(complaint),
    database()
      .select({ complaint, cause, cases })
      .from(closedCases)
      .where(confirmed)
      .groupBy(complaint, sql`cause`),
  ])
  const confirmedOf = (of: string) =>
    Object.fromEntries(
      byCause.filter((row) => row.complaint === of).map((row) => [row.cause, row.cases]),
    )
  const experience: ShopExperience = Object.fromEntries(
    totals.map((row) => [
      row.complaint,
      { cases: row.cases, confirmed: confirmedOf(row.complaint) },
    ]),
  )
  counted.set(shopId, experience)
  return experience
}
