import { and, eq, getTableColumns, getTableName, inArray } from 'drizzle-orm'
import pg from 'pg'
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
import { quantities } from './schema'

/**
 * The one edge at which rows of the database and the types of core meet. Every table of entries has a shop, an id and
 * the hash of its content; the query builder cannot see that through a table that is a parameter, so this file, and
 * no other, says it.
 */

/** A database all of whose statements run in one transaction, and what is noted of it. */
export type Transaction = Database & {
  readonly $client: pg.PoolClient
  /** what changed */
  readonly noted: Noted[]
  /** what was asked for in it and need not be asked for again: entries never change */
  readonly seen: Map<string, unknown>
}

/** What `work` finds, once in a transaction for a key; what was not found is looked for again. */
export async function once<T>(tx: Transaction, key: string, work: () => Promise<T>): Promise<T> {
  const known = tx.seen.get(key) as T | undefined
  if (known !== undefined) return known
  const found = await work()
  if (found !== undefined) tx.seen.set(key, found)
  return found
}

/** Tables that a entry is appended to. */
export type EntryTable =
  | typeof vehicles
  | typeof vehicleProfiles
  | typeof instruments
  | typeof cases
  | typeof records
  | typeof events

/** A statement as text, for what the query builder would make anew each time; its values go beside it. */
export const statement = String.raw

/** The statement that inserts a row of these columns into a table, as text, and the columns in its order. */
const insertions = new Map<string, { name: string; text: string }>()

function insertion(table: EntryTable, keys: readonly string[]) {
  const into = getTableName(table)
  const known = insertions.get(`${into}/${keys.join()}`)
  if (known) return known
  const columns = getTableColumns(table) as Record<string, { name: string }>
  const names = keys.map((key) => pg.escapeIdentifier(columns[key]!.name))
  const made = {
    name: `insert-${into}-${insertions.size}`,
    text: statement`insert into ${pg.escapeIdentifier(into)} (${names.join()})
      values (${keys.map((_, i) => `$${i + 1}`).join()}) on conflict do nothing returning id`,
  }
  insertions.set(`${into}/${keys.join()}`, made)
  return made
}

/**
 * Inserts a row unless its shop and id are taken; gives whether it was written. The most frequent statement of all: its
 * text is made once and planned once on each connection.
 */
export async function insertOnce<T extends EntryTable>(
  tx: Transaction,
  table: T,
  row: T['$inferInsert'],
): Promise<boolean> {
  const given = Object.entries(row).filter(([, value]) => value !== undefined)
  const { name, text } = insertion(
    table,
    given.map(([key]) => key),
  )
  const values = given.map(([, value]) => value as unknown)
  const { rowCount } = await tx.$client.query({ name, text, values })
  return rowCount === 1
}

/** Tables that many rows come into at once. */
type ManyTable = EntryTable | typeof quantities

/**
 * Inserts rows that are free, all in one value of JSON: as parameters of their own they would take the statement's
 * builder longer than the database. A column that the first row does not name has its default.
 */
async function insertAsJson<T extends ManyTable>(
  tx: Transaction,
  table: T,
  rows: readonly T['$inferInsert'][],
): Promise<pg.QueryResult<{ id: string }>> {
  const columns = getTableColumns(table) as Record<string, { name: string }>
  const keys = Object.keys(rows[0]!).filter((key) => columns[key])
  const names = keys.map((key) => columns[key]!.name)
  const asColumns = (row: T['$inferInsert']) =>
    Object.fromEntries(keys.map((key, i) => [names[i]!, (row as Record<string, unknown>)[key]]))
  const [into, list] = [pg.escapeIdentifier(getTableName(table)), names.map(pg.escapeIdentifier)]
  const text = statement`insert into ${into} (${list.join()})
    select ${list.join()} from json_populate_recordset(null::${into}, $1) on conflict do nothing`
  const isEntry = 'id' in columns
  return tx.$client.query(isEntry ? statement`${text} returning id` : text, [
    JSON.stringify(rows.map(asColumns)),
  ])
}

/** Inserts those rows whose shop and id are free; gives the ids of those that were written. */
export async function insertMany<T extends EntryTable>(
  tx: Transaction,
  table: T,
  rows: readonly T['$inferInsert'][],
): Promise<Set<string>> {
  if (rows.length === 0) return new Set()
  const { rows: written } = await insertAsJson(tx, table, rows)
  return new Set(written.map(({ id }) => id))
}

/** Inserts what was measured in records that are new. */
export async function insertQuantities(
  tx: Transaction,
  rows: readonly (typeof quantities.$inferInsert)[],
): Promise<void> {
  if (rows.length > 0) await insertAsJson(tx, quantities, rows)
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

/** Who wrote an entry, when and by which clock, and how it came here from elsewhere. */
export const writtenOf = ({
  authorId,
  observedAt,
  clockOffsetMs,
  importedBy,
  importedFrom,
}: Pick<EntryRow, 'authorId' | 'observedAt' | 'clockOffsetMs' | 'importedBy' | 'importedFrom'>) =>
  optional({
    by: authorId,
    observedAt,
    clockOffsetMs,
    imported: importedBy === null ? null : optional({ by: importedBy, shop: importedFrom }),
  })

const envelopeOf = (row: EntryRow) =>
  optional({
    id: row.id,
    ...writtenOf(row),
    receivedAt: momentOf(row.receivedAt),
    supersedes: row.supersedes,
    note: row.note,
    kind: row.kind,
    data: carryData(row.data),
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
