import { and, asc, desc, eq, gte, sql } from 'drizzle-orm'
import {
  DESK,
  instrumentsUsed,
  MOST_OF_A_SHOP_NAME,
  peopleNamed,
  policyOfShop,
  recentSinceMs,
} from '#core'
import { askedOften, database } from './client'
import { instrumentOf, optional, rowsOf } from './edge'
import { told, toldEvents, toldOfCases, toldRecords } from './told'
import {
  caseIndex,
  cases,
  changes,
  instruments,
  people,
  shops,
  vehicleProfiles,
  vehicles,
} from './schema'

const PAGE = 500

/** How far a device has followed the shop: the number of the last change, and what it was a change of. */
export interface Cursor {
  after: number
  mark?: string | undefined
}

type Change = typeof changes.$inferSelect

/**
 * The page of changes after a cursor, and where it begins. With them is read the change that the device followed last:
 * when that is not the one that stands here under its number, the database was restored from before, other changes have
 * or will have those numbers, and the page begins at the start.
 */
async function pageAfter(
  shopId: string,
  { after, mark }: Cursor,
): Promise<{ page: Change[]; from: number }> {
  const read = (from: number, most: number) =>
    database()
      .select()
      .from(changes)
      .where(and(eq(changes.shopId, shopId), gte(changes.seq, from)))
      .orderBy(asc(changes.seq))
      .limit(most)
  if (after > 0) {
    const [last, ...page] = await read(after, PAGE + 1)
    if (last?.seq === after && (mark === undefined || mark === last.entityId))
      return { page, from: after }
  }
  return { page: await read(1, PAGE), from: 0 }
}

const lastChangeQuery = askedOften((db) =>
  db
    .select({ changeSeq: shops.changeSeq })
    .from(shops)
    .where(eq(shops.id, sql.placeholder('shopId')))
    .prepare('last-change'),
)

/** The number of the last change of a shop. */
export async function lastChange(shopId: string): Promise<number> {
  const [shop] = await lastChangeQuery().execute({ shopId })
  return shop?.changeSeq ?? 0
}

/**
 * What changed in a shop after a cursor, oldest first, a page at a time. Everything is an entry and never changes
 * again. A cursor of another history is followed from the start.
 */
export async function changesAfter(shopId: string, asked: Cursor) {
  const db = database()
  const { page, from } = await pageAfter(shopId, asked)
  const cursor = page.at(-1)?.seq ?? from
  const more = page.length === PAGE
  const ids = (entity: string) => page.filter((c) => c.entity === entity).map((c) => c.entityId)
  const [person, vehicle, profile, instrument, kase, record, event] = await Promise.all([
    rowsOf(db, people, shopId, ids('person')),
    rowsOf(db, vehicles, shopId, ids('vehicle')),
    rowsOf(db, vehicleProfiles, shopId, ids('profile')),
    rowsOf(db, instruments, shopId, ids('instrument')),
    rowsOf(db, cases, shopId, ids('case')),
    toldRecords(db, shopId, ids('record')),
    toldEvents(db, shopId, ids('event')),
  ])
  return {
    cursor,
    mark: page.at(-1)?.entityId ?? (from === 0 ? undefined : asked.mark),
    from,
    more,
    /** how many changes are left after these: who is far behind does better to begin anew */
    behind: more ? (await lastChange(shopId)) - cursor : 0,
    ...(await told(db, shopId, {
      people: person,
      vehicles: vehicle,
      profiles: profile,
      instruments: instrument,
      cases: kase,
    })),
    records: record,
    events: event,
  }
}

/** Everything of one case that its file holds, or undefined when this shop has no such case. */
export async function loadCase(shopId: string, caseId: string) {
  const db = database()
  const of = await toldOfCases(db, shopId, [caseId])
  const [found] = of.cases
  if (!found) return undefined
  const { elevationMetres, attachments, written: _, ...header } = found
  const { written: __, ...vehicle } = of.vehicles[0]!
  const recorded = of.records.map(({ record }) => record)
  const happened = of.events.map(({ event }) => event)
  const named = peopleNamed({ case: header, records: recorded, events: happened })
  const used = recorded.flatMap(instrumentsUsed).map(({ id }) => id)
  const [everyone, tools, [shop]] = await Promise.all([
    rowsOf(db, people, shopId, [...new Set(named)]),
    rowsOf(db, instruments, shopId, [...new Set(used)]),
    db
      .select({ name: shops.name, ways: shops.ways, book: shops.book })
      .from(shops)
      .where(eq(shops.id, shopId)),
  ])
  const policy = policyOfShop(shop!.ways ?? undefined, shop!.book ?? undefined)
  return {
    case: header,
    shop: { name: shop!.name.slice(0, MOST_OF_A_SHOP_NAME) },
    ...(policy ? { policy } : {}),
    site: { elevationMetres },
    vehicle: { ...vehicle, profile: of.profiles[0]?.profile ?? {} },
    records: recorded,
    events: happened,
    attachments,
    people: everyone.map(({ id, name }) => optional({ id, name })),
    instruments: tools.map(instrumentOf),
  }
}

/**
 * What a device that holds nothing yet begins with: everybody, every instrument, the cases it is to hold, newest first,
 * and where to follow the changes from. It was read before anything else is asked for, so nothing falls between.
 */
export async function deskOf(shopId: string, nowMs = Date.now()) {
  const db = database()
  const ofShop = eq(caseIndex.shopId, shopId)
  const newestFirst = [desc(caseIndex.touchedAt), desc(caseIndex.caseId)]
  const id = { caseId: caseIndex.caseId }
  const [last] = await db
    .select()
    .from(changes)
    .where(eq(changes.shopId, shopId))
    .orderBy(desc(changes.seq))
    .limit(1)
  const [open, recent, everyone, tools] = await Promise.all([
    db
      .select(id)
      .from(caseIndex)
      .where(and(ofShop, eq(caseIndex.isOpen, true)))
      .orderBy(...newestFirst)
      .limit(DESK.mostOpen),
    db
      .select(id)
      .from(caseIndex)
      .where(and(ofShop, gte(caseIndex.touchedAt, new Date(recentSinceMs(nowMs)).toISOString())))
      .orderBy(...newestFirst)
      .limit(DESK.mostRecent),
    db.select().from(people).where(eq(people.shopId, shopId)),
    db.select().from(instruments).where(eq(instruments.shopId, shopId)),
  ])
  const held = [...new Set([...open, ...recent].map(({ caseId }) => caseId))]
  return {
    cursor: last?.seq ?? 0,
    mark: last?.entityId,
    held,
    ...(await told(db, shopId, { people: everyone, instruments: tools })),
  }
}
