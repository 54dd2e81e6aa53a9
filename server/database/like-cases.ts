import { and, arrayOverlaps, desc, eq, ne } from 'drizzle-orm'
import { assess, beforeRepair, type LikeCase, likeness, signsSeen, signWeight } from '#core'
import { database } from './client'
import { momentOf, rowsOf } from './edge'
import { EVERY_CASE } from './learning'
import { loadCase } from './read'
import { cases, closedCases, signCounts, vehicles } from './schema'

/** Cases that are compared by all that was seen in them; those that share a rare sign are looked up for it. */
const MOST_COMPARED = 800
const SHOWN = 8

/**
 * The closed cases of a shop that are most alike to a case by what was recorded, likest first; undefined where there is
 * no such case. Those are compared that share one of its rarest signs, as many signs as lead to no more than 800 cases.
 */
export async function likeCases(shopId: string, caseId: string): Promise<LikeCase[] | undefined> {
  const parts = await loadCase(shopId, caseId)
  if (!parts) return undefined
  const seen = signsSeen({ assessment: assess(beforeRepair(parts)) })
  const counts = await database().select().from(signCounts).where(eq(signCounts.shopId, shopId))
  const seenIn = new Map(counts.map(({ sign, cases: n }) => [sign, n]))
  const all = seenIn.get(EVERY_CASE) ?? 0
  const weightOf = (sign: string) => signWeight(seenIn.get(sign) ?? 0, all)
  const known = seen.filter((sign) => (seenIn.get(sign) ?? 0) > 0)
  const rarest = known.toSorted((a, b) => seenIn.get(a)! - seenIn.get(b)!)
  if (rarest.length === 0) return []
  const candidates = await sharing(shopId, caseId, lookedUpBy(rarest, seenIn))
  const best = candidates
    .map((row) => ({ ...row, likeness: likeness(seen, row.signs, weightOf) }))
    .sort((a, b) => b.likeness - a.likeness)
    .slice(0, SHOWN)
  return described(shopId, best, rarest)
}

/** The rarest signs, as many as lead to no more cases than are compared; at least one. */
function lookedUpBy(rarest: readonly string[], seenIn: ReadonlyMap<string, number>): string[] {
  let led = 0
  return rarest.filter((sign, i) => (led += seenIn.get(sign)!) <= MOST_COMPARED || i === 0)
}

const sharing = (shopId: string, caseId: string, signs: string[]) =>
  database()
    .select({
      caseId: closedCases.caseId,
      complaint: closedCases.complaint,
      outcome: closedCases.outcome,
      causes: closedCases.causes,
      closedAt: closedCases.closedAt,
      signs: closedCases.signs,
    })
    .from(closedCases)
    .where(
      and(
        eq(closedCases.shopId, shopId),
        ne(closedCases.caseId, caseId),
        arrayOverlaps(closedCases.signs, signs),
      ),
    )
    .orderBy(desc(closedCases.closedAt))
    .limit(MOST_COMPARED)

/** The same with what each case and its vehicle are called. */
async function described(
  shopId: string,
  best: readonly (Awaited<ReturnType<typeof sharing>>[0] & { likeness: number })[],
  rarest: readonly string[],
): Promise<LikeCase[]> {
  const db = database()
  const ids = best.map(({ caseId }) => caseId)
  const headers = new Map((await rowsOf(db, cases, shopId, ids)).map((row) => [row.id, row]))
  const vehicleIds = [...new Set([...headers.values()].map(({ vehicleId }) => vehicleId))]
  const named = await rowsOf(db, vehicles, shopId, vehicleIds)
  const nameOf = new Map(named.map(({ id, name }) => [id, name]))
  return best.map(({ caseId, signs, closedAt, ...row }) => {
    const header = headers.get(caseId)!
    return {
      ...row,
      id: caseId,
      title: header.title,
      vehicle: nameOf.get(header.vehicleId) ?? '',
      closedAt: momentOf(closedAt),
      shared: rarest.filter((sign) => signs.includes(sign)),
    }
  })
}
