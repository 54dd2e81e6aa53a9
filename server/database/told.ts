import { asc, and, eq, inArray } from 'drizzle-orm'
import {
  eventOf,
  instrumentOf,
  momentOf,
  optional,
  profileOf,
  recordOf,
  rowsOf,
  writtenOf,
} from './edge'
import { LRUCache } from 'lru-cache'
import type { Database } from './client'
import {
  attachments,
  cases,
  events,
  instruments,
  people,
  records,
  vehicleProfiles,
  vehicles,
} from './schema'

export const vehicleOf = (row: typeof vehicles.$inferSelect) =>
  optional({
    id: row.id,
    name: row.name,
    model: row.model,
    plate: row.plate,
    year: row.year,
    kilometres: row.kilometres,
  })

export const caseOf = (row: typeof cases.$inferSelect) =>
  optional({
    id: row.id,
    complaint: row.complaint,
    title: row.title,
    openedAt: row.openedAt,
    openedBy: row.authorId,
    vehicle: row.vehicleId,
    bay: row.bay,
  })

const toldRecord = (row: typeof records.$inferSelect) => ({
  case: row.caseId,
  record: recordOf(row),
})
const toldEvent = (row: typeof events.$inferSelect) => ({ case: row.caseId, event: eventOf(row) })

/** Records and events told lately, which many devices ask for at once: an entry never changes. */
const LATELY = { max: 4_000 }
const lately = {
  records: new LRUCache<string, ReturnType<typeof toldRecord>>(LATELY),
  events: new LRUCache<string, ReturnType<typeof toldEvent>>(LATELY),
}

/** What is told of these ids of a shop, in no order; only what was not told lately is read. */
async function toldLately<Row extends { id: string }, Told extends object>(
  known: LRUCache<string, Told>,
  shopId: string,
  ids: readonly string[],
  read: (ids: readonly string[]) => Promise<Row[]>,
  tell: (row: Row) => Told,
): Promise<Told[]> {
  const keyOf = (id: string) => `${shopId}/${id}`
  const fresh = await read(ids.filter((id) => !known.has(keyOf(id))))
  const made = new Map(fresh.map((row) => [keyOf(row.id), tell(row)]))
  const told = ids.flatMap((id) => made.get(keyOf(id)) ?? known.get(keyOf(id)) ?? [])
  for (const [key, one] of made) known.set(key, one)
  return told
}

export const toldRecords = (db: Database, shopId: string, ids: readonly string[]) =>
  toldLately(lately.records, shopId, ids, (some) => rowsOf(db, records, shopId, some), toldRecord)
export const toldEvents = (db: Database, shopId: string, ids: readonly string[]) =>
  toldLately(lately.events, shopId, ids, (some) => rowsOf(db, events, shopId, some), toldEvent)

/** Rows of the database by their kinds. */
interface RowsByKind {
  people: (typeof people.$inferSelect)[]
  vehicles: (typeof vehicles.$inferSelect)[]
  profiles: (typeof vehicleProfiles.$inferSelect)[]
  instruments: (typeof instruments.$inferSelect)[]
  cases: (typeof cases.$inferSelect)[]
  records: (typeof records.$inferSelect)[]
  events: (typeof events.$inferSelect)[]
}

/** Rows as a device is told of them, with what was attached to the cases among them. */
export async function told(db: Database, shopId: string, rows: Partial<RowsByKind>) {
  const caseIds = (rows.cases ?? []).map(({ id }) => id)
  const references =
    caseIds.length === 0
      ? []
      : await db
          .select()
          .from(attachments)
          .where(and(eq(attachments.shopId, shopId), inArray(attachments.caseId, caseIds)))
  return {
    people: (rows.people ?? []).map(({ id, name }) => ({ id, name })),
    vehicles: (rows.vehicles ?? []).map((row) => ({ ...vehicleOf(row), written: writtenOf(row) })),
    profiles: (rows.profiles ?? []).map((row) => ({
      id: row.id,
      vehicle: row.vehicleId,
      profile: profileOf(row),
      receivedAt: momentOf(row.receivedAt),
      supersedes: row.supersedes ?? undefined,
      written: writtenOf(row),
    })),
    instruments: (rows.instruments ?? []).map((row) => ({
      ...instrumentOf(row),
      supersedes: row.supersedes ?? undefined,
      written: writtenOf(row),
    })),
    cases: (rows.cases ?? []).map((row) => ({
      ...caseOf(row),
      elevationMetres: row.elevationMetres,
      written: writtenOf(row),
      attachments: references
        .filter(({ caseId }) => caseId === row.id)
        .map(({ reference }) => reference),
    })),
    records: (rows.records ?? []).map(toldRecord),
    events: (rows.events ?? []).map(toldEvent),
  }
}

/** Everything that a device needs to work on these cases; nothing of an id that this shop has no case under. */
export async function toldOfCases(db: Database, shopId: string, caseIds: readonly string[]) {
  const found = await rowsOf(db, cases, shopId, caseIds)
  const ids = found.map(({ id }) => id)
  const vehicleIds = [...new Set(found.map(({ vehicleId }) => vehicleId))]
  if (ids.length === 0) return told(db, shopId, {})
  const inCases = (table: typeof records | typeof events) =>
    db
      .select()
      .from(table)
      .where(and(eq(table.shopId, shopId), inArray(table.caseId, ids)))
      .orderBy(asc(table.id))
  const [ofVehicles, profiles, ofRecords, ofEvents] = await Promise.all([
    rowsOf(db, vehicles, shopId, vehicleIds),
    newestProfiles(db, shopId, vehicleIds),
    inCases(records),
    inCases(events),
  ])
  return told(db, shopId, {
    cases: found,
    vehicles: ofVehicles,
    profiles,
    records: ofRecords,
    events: ofEvents,
  })
}

/** The newest profile of each of these vehicles, as the server received them. */
export async function newestProfiles(db: Database, shopId: string, vehicleIds: readonly string[]) {
  if (vehicleIds.length === 0) return []
  const all = await db
    .select()
    .from(vehicleProfiles)
    .where(
      and(eq(vehicleProfiles.shopId, shopId), inArray(vehicleProfiles.vehicleId, [...vehicleIds])),
    )
    .orderBy(asc(vehicleProfiles.receivedAt), asc(vehicleProfiles.id))
  return [...new Map(all.map((row) => [row.vehicleId, row])).values()]
}
