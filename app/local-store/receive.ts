import { ask } from './api'
import type { Held, LocalDatabase } from './database'
import { type Entry, isWaiting } from './entries'
import {
  caseOfRow,
  type CaseRows,
  type Changes,
  type Cursor,
  type Desk,
  ROWS_TOLD,
  type ToldRows,
  TOLD_KINDS,
} from './rows'

/** Cases fetched at once: so few that what is written of them keeps a page waiting for no longer than a blink. */
const CASES_AT_ONCE = 10
/** Rows written in one go, between which the page is let on. */
const ROWS_AT_ONCE = 80
/** A case may be long and a network slow: nobody waits for this answer with a finger on the glass; ms. */
const RECEIVING_LIMIT_MS = 60_000
/** A device that is more changes behind than this begins anew. */
const MOST_BEHIND = 20_000

/** Places among what is wanted: what somebody looks at comes first, then what changed, then the desk in its order. */
const PLACE = { looked: 0, changed: 1, desk: 2 }

interface Listening {
  /** whether anybody still looks */
  isWanted: () => boolean
  heard: (serverNow: string, sentAt: number) => void
  /** the server has forgotten some of what stands here */
  wasForgotten?: () => Promise<void>
}

/**
 * Takes what is new in the shop since the last time: the cases that are to stand here and do not, and, page after page,
 * what changed. What changed in a case that is not here makes that case wanted. Ends when there is no more, or nobody
 * looks any longer.
 */
export async function receive(local: LocalDatabase, listening: Listening): Promise<void> {
  const { isWanted } = listening
  if ((await local.number('cursor')) === 0) await begin(local, listening)
  while (isWanted()) {
    if (await fetchNextWanted(local, listening)) continue
    if (await takeChanges(local, listening)) return
  }
}

/** Asks, and tells what the server's clock says; nothing when nobody looks any longer. */
async function askFor<Answer extends { serverNow: string }>(
  path: string,
  { isWanted, heard }: Listening,
): Promise<Answer | undefined> {
  const sentAt = Date.now()
  const answer = await ask<Answer>('GET', path, undefined, RECEIVING_LIMIT_MS)
  if (!isWanted()) return undefined
  heard(answer.serverNow, sentAt)
  return answer
}

/** A device that holds nothing, or is too far behind, asks what it is to hold and follows the changes from there. */
async function begin(local: LocalDatabase, listening: Listening): Promise<void> {
  const desk = await askFor<Desk>('/api/desk', listening)
  if (!desk) return
  await local.change(async (next) => {
    if ((await local.number('cursor')) !== 0) return
    await putRows(local, next, desk)
    // Cases that stand here from before may have changed while nobody followed.
    const here = (await local.entries.where('kind').equals('cases').toArray())
      .filter((entry) => !isWaiting(entry))
      .map(({ id }) => id)
    await want(local, [...new Set([...desk.held, ...here])], PLACE.desk)
    await putCursor(local, desk)
  })
}

const putCursor = (local: LocalDatabase, { cursor, mark }: Cursor) =>
  local.meta.put({ key: 'cursor', value: cursor, mark })

/** Marks cases as wanted, those already marked in the place they have. */
async function want(local: LocalDatabase, ids: readonly string[], place: number): Promise<void> {
  const known = await local.held.bulkGet([...ids])
  await local.held.bulkPut(
    ids.map((id, i): Held => {
      const old = known[i] ?? { case: id }
      // Fractions keep the order of one list within its place.
      return { ...old, wanted: Math.min(old.wanted ?? Infinity, place + i / (ids.length + 1)) }
    }),
  )
}

/** Fetches the cases that are wanted most; tells whether there were any. */
async function fetchNextWanted(local: LocalDatabase, listening: Listening): Promise<boolean> {
  const wanted = await local.held.orderBy('wanted').limit(CASES_AT_ONCE).toArray()
  if (wanted.length === 0) return false
  await fetchCases(
    local,
    wanted.map((held) => held.case),
    listening,
  )
  return true
}

/** Fetches all that is recorded of these cases; tells which of them the server knows. */
export async function fetchCases(
  local: LocalDatabase,
  ids: readonly string[],
  listening: Listening,
): Promise<string[]> {
  const rows = await askFor<CaseRows>(`/api/rows?cases=${ids.join()}`, listening)
  if (!rows) return []
  await local.change(async (next) => {
    await putRows(local, next, rows)
    const known = await local.held.bulkGet([...ids])
    await local.held.bulkPut(
      ids.map((id, i) => {
        const { wanted: _, ...held } = known[i] ?? { case: id }
        return held
      }),
    )
  })
  return rows.cases.map(({ id }) => id)
}

/** Takes one page of changes, together with its cursor; tells whether it was the last, and nothing is wanted. */
async function takeChanges(local: LocalDatabase, listening: Listening): Promise<boolean> {
  const { value: after = 0, mark } = (await local.meta.get('cursor')) ?? {}
  const query = `after=${after}${mark === undefined ? '' : `&mark=${mark}`}`
  const page = await askFor<Changes>(`/api/changes?${query}`, listening)
  if (!page) return true
  if (page.from !== after || page.behind > MOST_BEHIND) {
    // A server that does not know what this device followed was restored from before.
    if (page.from !== after) await listening.wasForgotten?.()
    await local.change(() => putCursor(local, { cursor: 0 }))
    await begin(local, listening)
    return false
  }
  return local.change(async (next) => {
    // Another tab came further meanwhile, or the copy was forgotten: half of it must not stand for the whole.
    if ((await local.number('cursor')) !== after) return false
    const missing = await casesNotHere(local, page)
    const isHere = (row: { case: string }) => !missing.has(row.case)
    await putRows(local, next, {
      ...page,
      cases: page.cases.filter(({ id }) => !missing.has(id)),
      records: page.records.filter(isHere),
      events: page.events.filter(isHere),
    })
    await want(local, [...missing], PLACE.changed)
    await putCursor(local, page)
    return !page.more && missing.size === 0
  })
}

/**
 * Cases that something changed in and that do not stand here. One that the page tells of stands here with it, unless
 * the next page may tell of more that was recorded in it.
 */
async function casesNotHere(local: LocalDatabase, page: Changes): Promise<Set<string>> {
  const told = page.cases.map(({ id }) => id)
  const changed = new Set([...page.records, ...page.events].map((row) => row.case))
  if (page.more) told.forEach((id) => changed.add(id))
  else told.forEach((id) => changed.delete(id))
  const asked = [...changed]
  const known = await local.entries.bulkGet(asked)
  return new Set(asked.filter((_, i) => known[i]?.kind !== 'cases' || 'gone' in known[i]))
}

/** Writes rows as the server tells them; what waits here to be sent stays as it is. */
export async function putRows(
  local: LocalDatabase,
  next: () => number,
  rows: ToldRows,
): Promise<void> {
  const told = TOLD_KINDS.flatMap((kind) =>
    ROWS_TOLD[kind](rows).map((row) => ({ id: row.id, kind, row, of: caseOfRow(kind, row) })),
  )
  for (let from = 0; from < told.length; from += ROWS_AT_ONCE) {
    const lot = told.slice(from, from + ROWS_AT_ONCE)
    const known = await local.entries.bulkGet(lot.map(({ id }) => id))
    const fresh = lot.filter((_, i) => !known[i] || !isWaiting(known[i]))
    await local.entries.bulkPut(
      fresh.map(
        ({ of, ...entry }) =>
          ({ ...entry, ...(of === undefined ? {} : { case: of }), change: next() }) as Entry,
      ),
    )
  }
}
