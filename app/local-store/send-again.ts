import { IDENTITY, ROW_ENTITIES, type RowEntity, whenWritten } from '#core'
import type { LocalDatabase } from './database'
import { isGone, isWaiting, type Entry, type OutboxItem, type Told } from './entries'
import { BODY_OF } from './rows'

/**
 * Puts everything that this person recorded and that stands here back in line, as it was sent: the server has forgotten
 * some of it, and does not mind what it knows. What somebody else recorded, they send.
 */
export async function sendAgain(local: LocalDatabase): Promise<void> {
  await local.change(async (next) => {
    const told = (await local.entries.toArray()).filter(canBeSentAgain)
    // Ids grow with time: what is corrected comes before its correction.
    const inOrder = told.toSorted((a, b) => place(a) - place(b) || (a.id < b.id ? -1 : 1))
    const again = inOrder.flatMap((entry) => waitingAgain(entry, local.personId) ?? [])
    await local.entries.bulkPut(
      again.map((item) => {
        const change = next()
        return { ...item, change, order: change } as OutboxItem
      }),
    )
  })
}

type EntrySentAgain = { [E in RowEntity]: Told<E> }[RowEntity]

const place = ({ kind }: EntrySentAgain) => ROW_ENTITIES.indexOf(kind)

const canBeSentAgain = (entry: Entry): entry is EntrySentAgain =>
  !isGone(entry) && !isWaiting(entry) && (ROW_ENTITIES as readonly string[]).includes(entry.kind)

/** An entry as it waits to be sent, when this person made it. */
function waitingAgain<E extends RowEntity>(
  { id, kind, row, case: of }: Told<E>,
  person: string,
): object | undefined {
  const body = BODY_OF[kind](row)
  if (!body || IDENTITY[kind](body).author !== person) return undefined
  const at = whenWritten(body).observedAt
  return { id, kind, body, by: person, at, ...(of === undefined ? {} : { case: of }) }
}
