import { type Entity, type Message, message } from '#core'
import { ask, Refusal, refusalOf, type Said } from './api'
import type { LocalDatabase } from './database'
import { type Entry, isInLine, type OutboxItem, type Waiting, waitingRow } from './entries'

/** An entry that the server fails on this often, though it takes others, is set aside: the rest goes on. */
export const MOST_TRIES = 5

/** It is the server or the session that does not take it, not the entry: it will be taken later. */
const isForLater = ({ status, code }: Refusal) =>
  status === 401 || status === 429 || status === 503 || code === 'first-password'

/** Entries sent in one request. */
const MOST_AT_ONCE = 25

/**
 * Sends what is in line, in its order, many in a request, until the line is empty or `isWanted` says that it is not to
 * go on. What the server refuses is set aside. Where it takes no batch, entries go one by one; what it fails on again
 * and again is passed over: set aside once another entry was taken, so that a server that takes nothing leaves the line
 * as it is. Tells whether the server was asked.
 */
export async function send(
  local: LocalDatabase,
  author: string,
  elevationMetres: number,
  isWanted: () => boolean,
): Promise<boolean> {
  const stuck: OutboxItem[] = []
  let failure: Refusal | undefined
  let atOnce = MOST_AT_ONCE
  const othersWereTaken = async () => {
    for (const passed of stuck.splice(0)) await setAside(local, passed, cannotBeTaken)
  }
  for (let wasAsked = false; ; wasAsked = true) {
    const lot = await nextInLine(local, stuck.at(-1)?.order ?? 0, atOnce)
    const batch = sentTogether(lot, author)
    const [item] = batch
    if (!item || !isWanted()) {
      if (stuck.length > 1) throw failure
      if (lot.length === 0) for (const only of stuck) await setAside(local, only, cannotBeTaken)
      return wasAsked
    }
    try {
      if (batch.length > 1) {
        if (await sendBatch(local, batch, elevationMetres)) await othersWereTaken()
        continue
      }
      await put(item)
      await acknowledge(local, item, elevationMetres)
      await othersWereTaken()
    } catch (error) {
      if (!(error instanceof Refusal) || isForLater(error)) throw error
      if (batch.length > 1) atOnce = 1
      else if (error.status < 500) await setAside(local, item, refused(error))
      else if ((await countTry(local, item)) < MOST_TRIES) throw error
      else stuck.push(item)
      failure = error
    }
  }
}

/** Of what is next in line, what goes in one request: entries of whoever is signed in; a photograph goes alone. */
function sentTogether(lot: readonly OutboxItem[], author: string): OutboxItem[] {
  const isRow = ({ kind, by }: OutboxItem) => by === author && kind !== 'photographs'
  const end = lot.findIndex((item) => !isRow(item))
  const rows = end < 0 ? [...lot] : lot.slice(0, end)
  return rows.length === 0 ? lot.slice(0, 1).filter(({ by }) => by === author) : rows
}

/** What came of one entry of a batch. */
interface Outcome {
  id: string
  status: number
  error?: Said
}

/** Sends entries in one request; what was refused of them is set aside. Tells whether any was taken. */
async function sendBatch(
  local: LocalDatabase,
  batch: readonly OutboxItem[],
  elevationMetres: number,
): Promise<boolean> {
  const entries = batch.map(({ kind, id, body }) => ({ kind, id, body }))
  const { outcomes } = await ask<{ outcomes: Outcome[] }>('POST', '/api/entries', { entries })
  const outcomeOf = new Map(outcomes.map((outcome) => [outcome.id, outcome]))
  const isTaken = ({ id }: OutboxItem) => (outcomeOf.get(id)?.status ?? 500) < 300
  await changeInLine(
    local,
    batch.filter(({ id }) => outcomeOf.has(id)),
    (now) => {
      const { status, error } = outcomeOf.get(now.id)!
      return isTaken(now)
        ? asTold(now, elevationMetres)
        : asSetAside(now, refused(refusalOf(status, error)))
    },
  )
  return batch.some(isTaken)
}

const cannotBeTaken = message('common.offline.cannotBeTaken', { tries: MOST_TRIES })
const refused = ({ problem, sentence }: Refusal) =>
  problem ?? message('common.offline.refused', { sentence })

const nextInLine = (local: LocalDatabase, after: number, most: number) =>
  local.entries.where('order').above(after).limit(most).toArray() as Promise<OutboxItem[]>

export const put = <E extends Entity>({ kind, id, body }: Waiting<E>): Promise<unknown> =>
  ask('PUT', `/api/${kind}/${id}`, body)

/** Changes entries that are still in line as `into` says; another tab may have taken some out meanwhile. */
const changeInLine = (
  local: LocalDatabase,
  items: readonly OutboxItem[],
  into: (now: OutboxItem) => Omit<Entry, 'change'>,
) =>
  local.change(async (next) => {
    const inLine = (await local.entries.bulkGet(items.map(({ id }) => id))).filter(
      (now) => now !== undefined && isInLine(now),
    ) as OutboxItem[]
    await local.entries.bulkPut(inLine.map((now) => ({ ...into(now), change: next() }) as Entry))
  })

/** What was acknowledged joins the copy at once, so that no moment lies between "sent" and "seen again". */
const asTold = (now: OutboxItem, elevationMetres: number): Omit<Entry, 'change'> => ({
  id: now.id,
  kind: now.kind,
  ...(now.case === undefined ? {} : { case: now.case }),
  ...(now.kind === 'photographs'
    ? { gone: 1 }
    : { row: waitingRow(now as Waiting, elevationMetres) }),
})

function asSetAside(now: OutboxItem, problem: Message): Omit<Entry, 'change'> {
  const { order: _, tries: __, ...aside } = now
  return { ...aside, problem } as Omit<OutboxItem, 'change'>
}

const acknowledge = (local: LocalDatabase, item: OutboxItem, elevationMetres: number) =>
  changeInLine(local, [item], (now) => asTold(now, elevationMetres))

const setAside = (local: LocalDatabase, item: OutboxItem, problem: Message) =>
  changeInLine(local, [item], (now) => asSetAside(now, problem))

async function countTry(local: LocalDatabase, item: OutboxItem): Promise<number> {
  const tries = (item.tries ?? 0) + 1
  await changeInLine(local, [item], (now) => ({ ...now, tries }))
  return tries
}
