import { createHash } from 'node:crypto'
import pg from 'pg'
import { refuse } from '../utils/api-error'
import {
  type EntryTable,
  inTodaysWords,
  insertMany,
  insertOnce,
  rowOf,
  rowsOf,
  statement,
  type Transaction,
} from './edge'

/** JSON with sorted keys and without undefined, so that equal contents have equal hashes. */
export function canonical(value: unknown): string {
  if (Array.isArray(value)) return `[${value.map(canonical).join(',')}]`
  if (typeof value === 'object' && value !== null)
    return `{${Object.entries(value)
      .filter(([, v]) => v !== undefined)
      .sort(([a], [b]) => (a < b ? -1 : 1))
      .map(([k, v]) => `${JSON.stringify(k)}:${canonical(v)}`)
      .join(',')}}`
  return JSON.stringify(value)
}

export const contentHash = (value: unknown): string =>
  createHash('sha256').update(canonical(value)).digest('hex')

/** Something that changed in a shop, to be numbered when its transaction ends. */
export interface Noted {
  shopId: string
  entity: string
  entityId: string
}

/** Notes a change; it gets its number when the transaction ends, so that the shop's other writers wait but a moment. */
export function noteChange(tx: Transaction, shopId: string, entity: string, entityId: string) {
  tx.noted.push({ shopId, entity, entityId })
}

/**
 * Statements that number what was noted, in its order, under the shop's row lock, which is held from there to the end
 * of the transaction: numbers follow each other in the order of commits. Told to all instances, once for each shop. As
 * text, so that they go to the database in one piece with the commit, and the shop's other writers wait for no answer
 * on its way.
 */
export function numbering(noted: readonly Noted[]): string {
  const list = (values: readonly string[]) => `array[${values.map(pg.escapeLiteral).join(',')}]`
  return [...new Set(noted.map(({ shopId }) => shopId))]
    .map((shopId) => {
      const ofShop = noted.filter((one) => one.shopId === shopId)
      return statement`
      with moved as (
        update shops set change_seq = change_seq + ${ofShop.length}
        where id = ${pg.escapeLiteral(shopId)} returning id, change_seq - ${ofShop.length} as before
      ), numbered as (
        insert into changes (shop_id, seq, entity, entity_id)
        select moved.id, moved.before + noted.nth, noted.entity, noted.entity_id
        from moved, unnest(
          ${list(ofShop.map(({ entity }) => entity))}::text[],
          ${list(ofShop.map(({ entityId }) => entityId))}::uuid[]
        ) with ordinality as noted(entity, entity_id, nth)
      )
      select pg_notify('thermognosis_change', id::text) from moved;`
    })
    .join('')
}

/**
 * Appends an entry once. The same id with the same content is already done and harmless; the same id with other
 * content is a conflict and changes nothing. Gives whether a row was written.
 */
export async function appendEntry<T extends EntryTable>(
  tx: Transaction,
  table: T,
  entity: string,
  row: T['$inferInsert'],
): Promise<boolean> {
  if (await insertOnce(tx, table, row)) {
    noteChange(tx, row.shopId, entity, row.id)
    return true
  }
  if (!isSame(await rowOf(tx, table, row.shopId, row.id), row)) throw refuse.conflict('numberTaken')
  return false
}

/** Rows in one statement. */
const ROWS_AT_ONCE = 1_000

/** Calls `work` with so many rows as one statement takes, one after the other. */
export async function inLots<Row>(
  rows: readonly Row[],
  work: (lot: Row[]) => Promise<void>,
): Promise<void> {
  for (let from = 0; from < rows.length; from += ROWS_AT_ONCE)
    await work(rows.slice(from, from + ROWS_AT_ONCE))
}

/**
 * Appends many entries of one shop, each as the row that is made for it, as appendEntry does one. Gives the ids of the rows that were written; calls `conflict`
 * for one whose id holds other content.
 */
export async function appendEntries<T extends EntryTable, Item>(
  tx: Transaction,
  table: T,
  entity: string,
  items: readonly Item[],
  rowFor: (item: Item) => T['$inferInsert'],
  conflict: (id: string) => never,
): Promise<Set<string>> {
  const written = new Set<string>()
  await inLots(items, async (some) => {
    const lot = some.map(rowFor)
    const now = await insertMany(tx, table, lot)
    for (const { shopId, id } of lot)
      if (now.has(id)) {
        written.add(id)
        noteChange(tx, shopId, entity, id)
      }
    const known = lot.filter(({ id }) => !now.has(id))
    if (known.length === 0) return
    const ids = known.map(({ id }) => id)
    const olds = new Map(
      (await rowsOf(tx, table, known[0]!.shopId, ids)).map((old) => [old.id, old]),
    )
    for (const row of known) if (!isSame(olds.get(row.id), row)) conflict(row.id)
  })
  return written
}

/** Whether the row that is here has the content of the one that is sent. */
const isSame = (old: { contentHash: string } | undefined, row: { contentHash: string }): boolean =>
  old !== undefined && (old.contentHash === row.contentHash || saysTheSame(old, row))

/** Columns that are no content: when and how it came here, and the hash of the words it came in. */
const ABOUT_ITS_WAY = ['receivedAt', 'clockOffsetMs', 'contentHash', 'importedBy', 'importedFrom']

/** Whether a row that was written in the words of an earlier version says what this one says in today's. */
function saysTheSame(old: object, row: object): boolean {
  const contentOf = (columns: object) =>
    canonical(
      Object.fromEntries(
        Object.entries(inTodaysWords(columns)).filter(
          ([column, value]) =>
            column in row && !ABOUT_ITS_WAY.includes(column) && (value ?? null) !== null,
        ),
      ),
    )
  return contentOf(old) === contentOf(row)
}
