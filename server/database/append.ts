import { createHash } from 'node:crypto'
import { and, eq, sql } from 'drizzle-orm'
import type { PgTable } from 'drizzle-orm/pg-core'
import { refuse } from '../utils/api-error'
import type { Database } from './client'
import { changes, shops } from './schema'

export type Transaction = Parameters<Parameters<Database['transaction']>[0]>[0]

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

interface FactTable extends PgTable {
  shopId: any
  id: any
  contentHash: any
}

/**
 * Appends a fact once. The same id with the same content is already done and harmless; the same id with other
 * content is a conflict and changes nothing. Gives whether a row was written.
 */
export async function appendFact(
  tx: Transaction,
  table: FactTable,
  entity: string,
  row: { shopId: string; id: string; contentHash: string } & Record<string, unknown>,
): Promise<boolean> {
  const written = await tx
    .insert(table)
    .values(row as never)
    .onConflictDoNothing()
    .returning({ id: table.id })
  if (written.length > 0) {
    await noteChange(tx, row.shopId, entity, row.id)
    return true
  }
  const [old] = await tx
    .select({ hash: table.contentHash })
    .from(table as PgTable)
    .where(and(eq(table.shopId, row.shopId), eq(table.id, row.id)))
  if (old?.hash !== row.contentHash)
    throw refuse.conflict(
      'Something else was already kept under this entry’s number. Yours is set aside here, unchanged.',
    )
  return false
}
