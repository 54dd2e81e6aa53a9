import { and, eq, sql } from 'drizzle-orm'
import { type CaseEvent, type CaseHeader, type CaseRecord, compareMoments, isClosed } from '#core'
import { eventOf, once, rowOf, type Transaction } from './edge'
import { caseIndex, closedCases, events, vehicles } from './schema'

/** Events that may end a case, or begin it anew. */
const ENDS = new Set(['closed', 'reopened', 'withdrawn'])

/** Words in small letters, as the index keeps them and as they are asked for. */
export const inSmallLetters = (words: string): string => words.toLowerCase().trim()

/** Makes a new case findable. */
export async function indexCase(tx: Transaction, shopId: string, header: CaseHeader) {
  const vehicle = await rowOf(tx, vehicles, shopId, header.vehicle)
  const words = [header.title, vehicle?.name, vehicle?.model, vehicle?.plate, header.bay]
  await tx
    .insert(caseIndex)
    .values({
      shopId,
      caseId: header.id,
      isOpen: true,
      touchedAt: sql`least(now(), ${header.openedAt}::timestamptz)`,
      complaint: header.complaint,
      bay: header.bay === undefined ? null : inSmallLetters(header.bay),
      people: [header.openedBy],
      words: inSmallLetters(words.filter(Boolean).join(' ')),
    })
    .onConflictDoNothing()
}

/**
 * Notes that somebody recorded something in a case. Within an hour, and by the same person, nothing is written: many
 * who write in one case do not wait for each other.
 */
export async function touchCase(tx: Transaction, shopId: string, caseId: string, by: string) {
  await once(tx, `touched/${shopId}/${caseId}/${by}`, async () => {
    await touch(tx, shopId, caseId, by)
    return true
  })
}

async function touch(tx: Transaction, shopId: string, caseId: string, by: string) {
  await tx.execute(sql`
    update case_index set
      touched_at = now(),
      people = case when ${by}::uuid = any(people) then people else people || ${by}::uuid end
    where shop_id = ${shopId} and case_id = ${caseId}
      and (touched_at < now() - interval '1 hour' or not ${by}::uuid = any(people))`)
}

/** Whether an event may have opened or closed its case. */
export const mayEnd = (event: CaseEvent): boolean => ENDS.has(event.kind)

/** Notes whether a case is open, by all its events; what the shop has learnt of it, or is to learn, is due. */
export async function noteEnd(tx: Transaction, shopId: string, caseId: string) {
  const all = await tx
    .select()
    .from(events)
    .where(and(eq(events.shopId, shopId), eq(events.caseId, caseId)))
  const hasEnded = isClosed(all.map(eventOf))
  const learnt = tx
    .select({ caseId: closedCases.caseId })
    .from(closedCases)
    .where(and(eq(closedCases.shopId, shopId), eq(closedCases.caseId, caseId)))
  await tx
    .update(caseIndex)
    .set({ isOpen: !hasEnded, isDue: hasEnded || sql`exists (${learnt})` })
    .where(and(eq(caseIndex.shopId, shopId), eq(caseIndex.caseId, caseId)))
}

/** Notes all that was imported of a case at once: it was touched when the newest of it was recorded, not now. */
export async function indexImported(
  tx: Transaction,
  shopId: string,
  caseId: string,
  entries: readonly (CaseRecord | CaseEvent)[],
) {
  if (entries.length === 0) return
  const [first, ...others] = entries.map(({ observedAt }) => observedAt)
  const newest = others.reduce((a, b) => (compareMoments(a, b) < 0 ? b : a), first!)
  const people = sql.param([...new Set(entries.map(({ by }) => by))])
  await tx.execute(sql`
    update case_index set
      touched_at = greatest(touched_at, least(now(), ${newest}::timestamptz)),
      people = array(select unnest(people) union select unnest(${people}::uuid[]))
    where shop_id = ${shopId} and case_id = ${caseId}`)
  await noteEnd(tx, shopId, caseId)
}
