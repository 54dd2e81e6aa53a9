import { sql } from 'drizzle-orm'
import { z } from 'zod'
import { message } from '#core'
import { type Actor, requireActor } from '../auth/actor'
import { inTransaction } from '../database/client'
import type { Transaction } from '../database/edge'
import { defineApi, readChecked, saidOf } from '../utils/define-api'
import { ROW_ENTITIES, takeEntry } from '../utils/entry-rules'

/** Entries of one batch, and what they may be together, bytes. */
const MOST_ENTRIES = 50
const MOST_BYTES = 4 * 1024 * 1024

const entry = z.strictObject({
  kind: z.enum(ROW_ENTITIES),
  id: z.string().max(80),
  body: z.unknown(),
})
const body = z.strictObject({ entries: z.array(entry).min(1).max(MOST_ENTRIES) })
type Sent = z.infer<typeof entry>

/**
 * Writes one entry of a batch, and nothing of one that is refused. Gives what a route of its own would have answered;
 * what no refusal was thrown for ends the batch.
 */
async function outcomeOf(tx: Transaction, actor: Actor, { kind, id, body }: Sent) {
  const noted = tx.noted.length
  await tx.execute(sql`savepoint entry`)
  try {
    const isNew = await takeEntry(tx, actor, kind, id, body)
    await tx.execute(sql`release savepoint entry`)
    return { id, status: isNew ? 201 : 200, isNew }
  } catch (error) {
    const said = saidOf(error)
    if (!said || said.status >= 500) throw error
    await tx.execute(sql`rollback to savepoint entry`)
    tx.noted.splice(noted)
    return { id, status: said.status, error: said.body }
  }
}

/**
 * Writes entries of one person in their order, in one transaction: the shop's cursor moves once, and the others hear of
 * them once. Each has an outcome of its own.
 */
export default defineApi(async (event) => {
  const actor = await requireActor(event, 'record')
  const tooLarge = message('refusal.entryTooLarge')
  const { entries } = await readChecked(event, body, MOST_BYTES, tooLarge)
  const outcomes = await inTransaction(async (tx) => {
    const all = []
    for (const sent of entries) all.push(await outcomeOf(tx, actor, sent))
    return all
  })
  return { outcomes, serverNow: new Date().toISOString() }
})
