import { createHash } from 'node:crypto'
import { eq, sql } from 'drizzle-orm'
import { refuse } from '../utils/api-error'
import { type EntryTable, inTodaysWords, insertOnce, rowOf, type Transaction } from './edge'
import { changes, shops } from './schema'

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

/** Next number of the shop's cursor, under the shop's row lock until the transaction ends; told to all instances. */
export async function noteChange(
  tx: Transaction,
  shopId: string,
  entity: string,
  entityId: string,
): Promise<void> {
  const [row] = await tx
    .update(shops)
    .set({ changeSeq: sql`${shops.changeSeq} + 1` })
    .where(eq(shops.id, shopId))
    .returning({ seq: shops.changeSeq })
  await tx.insert(changes).values({ shopId, seq: row!.seq, entity, entityId })
  await tx.execute(sql`select pg_notify('thermognosis_change', ${shopId})`)
}

/**
 * Appends a entry once. The same id with the same content is already done and harmless; the same id with other
 * content is a conflict and changes nothing. Gives whether a row was written.
 */
export async function appendEntry<T extends EntryTable>(
  tx: Transaction,
  table: T,
  entity: string,
  row: T['$inferInsert'],
): Promise<boolean> {
  if (await insertOnce(tx, table, row)) {
    await noteChange(tx, row.shopId, entity, row.id)
    return true
  }
  const old = await rowOf(tx, table, row.shopId, row.id)
  if (!old || !(old.contentHash === row.contentHash || saysTheSame(old, row)))
    throw refuse.conflict('numberTaken')
  return false
}

/** Columns that are no content: when and how it came here, and the hash of the words it came in. */
const ABOUT_ITS_WAY = ['receivedAt', 'clockOffsetMs', 'contentHash']

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
