import { and, asc, eq, gt, inArray } from 'drizzle-orm'
import { database } from './client'
import { eventOf, instrumentOf, optional, profileOf, recordOf, rowsOf } from './edge'
import {
  attachments,
  cases,
  changes,
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

const PAGE = 500

/** How far a device has followed the shop: the number of the last change, and what it was a change of. */
export interface Cursor {
  after: number
  mark?: string | undefined
}

/**
 * Whether the change that a device followed last is the one that stands here under its number. It is not when the
 * database was restored from before: other changes have, or will have, those numbers.
 */
async function isOfThisHistory(shopId: string, { after, mark }: Cursor): Promise<boolean> {
  if (after === 0) return true
  const [last] = await database()
    .select({ entityId: changes.entityId })
    .from(changes)
    .where(and(eq(changes.shopId, shopId), eq(changes.seq, after)))
  return last !== undefined && (mark === undefined || mark === last.entityId)
}

/**
 * What changed in a shop after a cursor, oldest first, a page at a time. Everything is an entry and never changes
 * again. A cursor of another history is followed from the start.
 */
export async function changesAfter(shopId: string, cursor: Cursor) {
  const db = database()
  const after = (await isOfThisHistory(shopId, cursor)) ? cursor.after : 0
  const page = await db
    .select()
    .from(changes)
    .where(and(eq(changes.shopId, shopId), gt(changes.seq, after)))
    .orderBy(asc(changes.seq))
    .limit(PAGE)
  const ids = (entity: string) => page.filter((c) => c.entity === entity).map((c) => c.entityId)
  const [person, vehicle, profile, instrument, kase, record, event] = await Promise.all([
    rowsOf(db, people, shopId, ids('person')),
    rowsOf(db, vehicles, shopId, ids('vehicle')),
    rowsOf(db, vehicleProfiles, shopId, ids('profile')),
    rowsOf(db, instruments, shopId, ids('instrument')),
    rowsOf(db, cases, shopId, ids('case')),
    rowsOf(db, records, shopId, ids('record')),
    rowsOf(db, events, shopId, ids('event')),
  ])
  const references =
    kase.length === 0
      ? []
      : await db
          .select()
          .from(attachments)
          .where(and(eq(attachments.shopId, shopId), inArray(attachments.caseId, ids('case'))))
  const seqOf = new Map(page.map((c) => [c.entityId, c.seq]))
  return {
    cursor: page.at(-1)?.seq ?? after,
    mark: page.at(-1)?.entityId ?? (after === 0 ? undefined : cursor.mark),
    more: page.length === PAGE,
    people: person.map((p) => ({ id: p.id, name: p.name })),
    vehicles: vehicle.map(vehicleOf),
    profiles: profile.map((p) => ({
      id: p.id,
      vehicle: p.vehicleId,
      profile: profileOf(p),
      seq: seqOf.get(p.id),
    })),
    instruments: instrument.map((i) => ({
      ...instrumentOf(i),
      supersedes: i.supersedes ?? undefined,
    })),
    cases: kase.map((c) => ({
      ...caseOf(c),
      elevationMetres: c.elevationMetres,
      attachments: references.filter((a) => a.caseId === c.id).map((a) => a.reference),
    })),
    records: record.map((r) => ({ case: r.caseId, record: recordOf(r) })),
    events: event.map((e) => ({ case: e.caseId, event: eventOf(e) })),
  }
}

/** Everything of one case that its file holds, or undefined when this shop has no such case. */
export async function loadCase(shopId: string, caseId: string) {
  const db = database()
  const [row] = await db
    .select()
    .from(cases)
    .where(and(eq(cases.shopId, shopId), eq(cases.id, caseId)))
  if (!row) return undefined
  const inCase = (table: typeof records | typeof events) =>
    db
      .select()
      .from(table)
      .where(and(eq(table.shopId, shopId), eq(table.caseId, caseId)))
      .orderBy(asc(table.id))
  const [[vehicle], profiles, caseRecords, caseEvents, references, everyone, everyInstrument] =
    await Promise.all([
      db
        .select()
        .from(vehicles)
        .where(and(eq(vehicles.shopId, shopId), eq(vehicles.id, row.vehicleId))),
      db
        .select()
        .from(vehicleProfiles)
        .where(
          and(eq(vehicleProfiles.shopId, shopId), eq(vehicleProfiles.vehicleId, row.vehicleId)),
        )
        .orderBy(asc(vehicleProfiles.receivedAt), asc(vehicleProfiles.id)),
      inCase(records),
      inCase(events),
      db
        .select()
        .from(attachments)
        .where(and(eq(attachments.shopId, shopId), eq(attachments.caseId, caseId))),
      db.select().from(people).where(eq(people.shopId, shopId)),
      db.select().from(instruments).where(eq(instruments.shopId, shopId)),
    ])
  const newest = profiles.at(-1)
  return {
    case: caseOf(row),
    site: { elevationMetres: row.elevationMetres },
    vehicle: { ...vehicleOf(vehicle!), profile: newest ? profileOf(newest) : {} },
    records: caseRecords.map(recordOf),
    events: caseEvents.map(eventOf),
    attachments: references.map((a) => a.reference),
    people: everyone.map((p) => optional({ id: p.id, name: p.name })),
    instruments: everyInstrument.map(instrumentOf),
  }
}
