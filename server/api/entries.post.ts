import { sql } from 'drizzle-orm'
import { z } from 'zod'
import { message, ROW_ENTITIES } from '#core'
import { type Actor, requireActor } from '../auth/actor'
import { inTransaction } from '../database/client'
import type { Transaction } from '../database/edge'
import { learnSoon } from '../database/learning'
import { defineApi, ENTRIES_BYTES, isDatabaseAway, readChecked, saidOf } from '../utils/define-api'
import { takeEntry } from '../utils/entry-rules'
import { doneTogether } from '../utils/together'

/** Entries of one batch. */
const MOST_ENTRIES = 50

const entry = z.strictObject({
  kind: z.enum(ROW_ENTITIES),
  id: z.string().max(80),
  body: z.unknown(),
})
const body = z.strictObject({ entries: z.array(entry).min(1).max(MOST_ENTRIES) })
type Sent = z.infer<typeof entry>

/** An entry of a batch cannot be written: the batch is tried again, an entry after the other. */
class NotAll extends Error {}

type Outcome = { id: string; status: number } & ({ isNew: boolean } | { error: object })

async function written(tx: Transaction, actor: Actor, { kind, id, body }: Sent): Promise<Outcome> {
  const isNew = await takeEntry(tx, actor, kind, id, body)
  return { id, status: isNew ? 201 : 200, isNew }
}

/** What one person sends in one request. */
interface Batch {
  actor: Actor
  entries: readonly Sent[]
}

/** Batches written in one transaction. */
const MOST_BATCHES = 40

/** Writes all of all batches, as it mostly goes. */
const allAtOnce = (batches: readonly Batch[]) =>
  inTransaction(async (tx) => {
    const outcomes: Outcome[][] = []
    for (const { actor, entries } of batches) {
      const ofBatch: Outcome[] = []
      for (const sent of entries)
        try {
          ofBatch.push(await written(tx, actor, sent))
        } catch (error) {
          throw isRefusal(error) ? new NotAll() : error
        }
      outcomes.push(ofBatch)
    }
    return outcomes
  })

/** One batch by itself: at once, or where something in it is refused, an entry after the other. */
async function alone(batch: Batch): Promise<Outcome[]> {
  try {
    return (await allAtOnce([batch]))[0]!
  } catch (error) {
    if (error instanceof NotAll) return oneByOne(batch)
    throw error
  }
}

/** Batches of a shop that come while others are being written are written together: one commit for all of them. */
const writtenTogether = doneTogether(allAtOnce, alone, MOST_BATCHES, isDatabaseAway)

/** Writes those that can be, and nothing of the others: each gets what a route of its own would have answered. */
const oneByOne = ({ actor, entries }: Batch) =>
  inTransaction(async (tx) => {
    const outcomes: Outcome[] = []
    for (const sent of entries) outcomes.push(await writtenOrNot(tx, actor, sent))
    return outcomes
  })

async function writtenOrNot(tx: Transaction, actor: Actor, sent: Sent): Promise<Outcome> {
  const noted = tx.noted.length
  await tx.execute(sql`savepoint entry`)
  try {
    const outcome = await written(tx, actor, sent)
    await tx.execute(sql`release savepoint entry`)
    return outcome
  } catch (error) {
    const said = saidOf(error)
    if (!said || said.status >= 500) throw error
    await tx.execute(sql`rollback to savepoint entry`)
    tx.noted.splice(noted)
    tx.seen.clear()
    return { id: sent.id, status: said.status, error: said.body }
  }
}

const isRefusal = (error: unknown) => (saidOf(error)?.status ?? 500) < 500

/**
 * Writes entries of one person in their order, in one transaction: the shop's cursor moves once, and the others hear of
 * them once. Each has an outcome of its own.
 */
export default defineApi(async (event) => {
  const actor = await requireActor(event, 'record')
  const tooLarge = message('refusal.entryTooLarge')
  const { entries } = await readChecked(event, body, ENTRIES_BYTES, tooLarge)
  const outcomes = await writtenTogether(actor.shopId, { actor, entries })
  if (entries.some(({ kind }) => kind === 'events')) learnSoon(actor.shopId)
  return { outcomes, serverNow: new Date().toISOString() }
})
