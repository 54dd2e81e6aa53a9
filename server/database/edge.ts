import { and, eq, inArray } from 'drizzle-orm'
import type { PgInsertValue } from 'drizzle-orm/pg-core'
import {
  carryData,
  carryInstrument,
  carryProfile,
  type CaseEvent,
  type CaseRecord,
  type Instrument,
  type SystemProfile,
} from '#core'
import type { Noted } from './append'
import type { Database } from './client'
import type {
  cases,
  events,
  instruments,
  people,
  records,
  vehicleProfiles,
  vehicles,
} from './schema'

/**
 * The one edge at which rows of the database and the types of core meet. Every table of entries has a shop, an id and
 * the hash of its content; the query builder cannot see that through a table that is a parameter, so this file, and
 * no other, says it.
 */

/** A database all of whose statements run in one transaction, and what is noted as changed in it. */
export type Transaction = Database & { readonly noted: Noted[] }

/** Tables that a entry is appended to. */
export type EntryTable =
  | typeof vehicles
  | typeof vehicleProfiles
  | typeof instruments
  | typeof cases
  | typeof records
  | typeof events

/** Inserts a row unless its shop and id are taken; gives whether it was written. */
export async function insertOnce<T extends EntryTable>(
  tx: Transaction,
  table: T,
  row: T['$inferInsert'],
): Promise<boolean> {
  const written = await tx
    .insert<EntryTable>(table)
    .values(row as PgInsertValue<EntryTable>)
    .onConflictDoNothing()
    .returning({ id: table.id })
  return written.length > 0
}

/** Inserts those rows whose shop and id are free; gives the ids of those that were written. */
export async function insertMany<T extends EntryTable>(
  tx: Transaction,
  table: T,
  rows: readonly T['$inferInsert'][],
): Promise<Set<string>> {
  const written = await tx
    .insert<EntryTable>(table)
    .values([...rows] as PgInsertValue<EntryTable>[])
    .onConflictDoNothing()
    .returning({ id: table.id })
  return new Set(written.map(({ id }) => id))
}

/** The row of an id in a shop, or undefined. */
export async function rowOf<T extends EntryTable>(
  tx: Transaction,
  table: T,
  shopId: string,
  id: string,
): Promise<T['$inferSelect'] | undefined> {
  const [row] = await tx
    .select()
    .from(table as EntryTable)
    .where(and(eq(table.shopId, shopId), eq(table.id, id)))
  return row as T['$inferSelect'] | undefined
}

/** The rows of these ids in a shop, in no order. */
export async function rowsOf<T extends EntryTable | typeof people>(
  db: Database,
  table: T,
  shopId: string,
  ids: readonly string[],
): Promise<T['$inferSelect'][]> {
  if (ids.length === 0) return []
  const rows = await db
    .select()
    .from(table as EntryTable | typeof people)
    .where(and(eq(table.shopId, shopId), inArray(table.id, [...ids])))
  return rows as T['$inferSelect'][]
}

type EntryRow = typeof records.$inferSelect

/** A moment as the case format writes it, from what the database tells. */
export const momentOf = (text: string) => new Date(text).toISOString()

/** A row's columns as the case format writes them: what is null there is absent here. */
export function optional<T extends Record<string, unknown>>(
  columns: T,
): { [K in keyof T]: Exclude<T[K], null> } {
  const present = Object.entries(columns).filter(
    ([, value]) => value !== null && value !== undefined,
  )
  return Object.fromEntries(present) as { [K in keyof T]: Exclude<T[K], null> }
}

const envelopeOf = ({
  id,
  kind,
  data,
  note,
  supersedes,
  authorId,
  observedAt,
  receivedAt,
  clockOffsetMs,
}: EntryRow) =>
  optional({
    id,
    by: authorId,
    observedAt,
    receivedAt: momentOf(receivedAt),
    clockOffsetMs,
    supersedes,
    note,
    kind,
    data: carryData(data),
  })

/** A row of records or events as the case format writes it. It was validated when it was written. */
export const recordOf = (row: EntryRow): CaseRecord => envelopeOf(row) as object as CaseRecord
export const eventOf = (row: EntryRow): CaseEvent => envelopeOf(row) as object as CaseEvent

/** Bodies of rows as they are said today. */
export const instrumentOf = (row: typeof instruments.$inferSelect): Instrument =>
  carryInstrument(row.body) as Instrument
export const profileOf = (row: typeof vehicleProfiles.$inferSelect): SystemProfile =>
  carryProfile(row.profile) as SystemProfile

/** Columns of a row of entries with what version 1 of the case format wrote said in today's words. */
export function inTodaysWords(columns: object): object {
  const { data, body, profile } = columns as Record<string, unknown>
  return {
    ...columns,
    ...(data === undefined ? {} : { data: carryData(data) }),
    ...(body === undefined ? {} : { body: carryInstrument(body) }),
    ...(profile === undefined ? {} : { profile: carryProfile(profile) }),
  }
}
