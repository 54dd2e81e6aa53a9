import { type Entity, type Message, message } from '#core'
import { ask, Refusal } from './api'
import type { LocalDatabase } from './database'
import { type Entry, isInLine, type OutboxItem, type Waiting, waitingRow } from './entries'

/** An entry that the server fails on this often, though it takes others, is set aside: the rest goes on. */
export const MOST_TRIES = 5

/** It is the server or the session that does not take it, not the entry: it will be taken later. */
const isForLater = ({ status }: Refusal) => status === 401 || status === 429 || status === 503

/**
 * Sends what is in line, in its order, until the line is empty or `isWanted` says that it is not to go on. What the
 * server refuses is set aside. What it fails on again and again is passed over: set aside once another entry was
 * taken, so that a server that takes nothing leaves the line as it is. Tells whether the server was asked.
 */
export async function send(
  local: LocalDatabase,
  author: string,
  elevationMetres: number,
  isWanted: () => boolean,
): Promise<boolean> {
  const stuck: OutboxItem[] = []
  let failure: Refusal | undefined
  for (let wasAsked = false; ; wasAsked = true) {
    const item = await nextInLine(local, stuck.at(-1)?.order ?? 0)
    if (!item || item.by !== author || !isWanted()) {
      if (stuck.length > 1) throw failure
      if (item === undefined) for (const only of stuck) await setAside(local, only, cannotBeTaken)
      return wasAsked
    }
    try {
      await put(item)
      await acknowledge(local, item, elevationMetres)
      for (const passed of stuck.splice(0)) await setAside(local, passed, cannotBeTaken)
    } catch (error) {
      if (!(error instanceof Refusal) || isForLater(error)) throw error
      if (error.status < 500) await setAside(local, item, refused(error))
      else if ((await countTry(local, item)) < MOST_TRIES) throw error
      else stuck.push(item)
      failure = error
    }
  }
}

const cannotBeTaken = message('common.offline.cannotBeTaken', { tries: MOST_TRIES })
const refused = ({ problem, sentence }: Refusal) =>
  problem ?? message('common.offline.refused', { sentence })

async function nextInLine(local: LocalDatabase, after: number): Promise<OutboxItem | undefined> {
  return (await local.entries.where('order').above(after).first()) as OutboxItem | undefined
}

export const put = <E extends Entity>({ kind, id, body }: Waiting<E>): Promise<unknown> =>
  ask('PUT', `/api/${kind}/${id}`, body)

/** Changes an entry that is still in line as `into` says; another tab may have taken it out meanwhile. */
const changeInLine = (
  local: LocalDatabase,
  { id }: OutboxItem,
  into: (now: OutboxItem) => Omit<Entry, 'change'>,
) =>
  local.change(async (next) => {
    const now = await local.entries.get(id)
    if (now && isInLine(now)) await local.entries.put({ ...into(now), change: next() } as Entry)
  })

/** What was acknowledged joins the copy at once, so that no moment lies between "sent" and "seen again". */
const acknowledge = (local: LocalDatabase, item: OutboxItem, elevationMetres: number) =>
  changeInLine(local, item, (now) => ({
    id: now.id,
    kind: now.kind,
    ...(now.case === undefined ? {} : { case: now.case }),
    ...(now.kind === 'photographs'
      ? { gone: 1 }
      : { row: waitingRow(now as Waiting, elevationMetres) }),
  }))

const setAside = (local: LocalDatabase, item: OutboxItem, problem: Message) =>
  changeInLine(local, item, ({ order: _, tries: __, ...aside }) => ({ ...aside, problem }))

async function countTry(local: LocalDatabase, item: OutboxItem): Promise<number> {
  const tries = (item.tries ?? 0) + 1
  await changeInLine(local, item, (now) => ({ ...now, tries }))
  return tries
}
