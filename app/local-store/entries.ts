import type { Entity, EntryBody, Message } from '#core'
import { type Kind, ROW_OF, type Rows } from './rows'

interface Stored<K extends Kind> {
  id: string
  kind: K
  /** number of the change that wrote it, in the order of this device */
  change: number
  /** case it belongs to */
  case?: string
}

/** The server told of it, or acknowledged it: as a page shows it. */
export interface Told<K extends Kind = Kind> extends Stored<K> {
  row: Rows[K]
}

/** Recorded here and not acknowledged yet: as it is sent. */
export interface Waiting<E extends Entity = Entity> extends Stored<E> {
  body: EntryBody<E>
  /** who recorded it, and when by this device */
  by: string
  at: string
  /** place in the line; one that is set aside has none */
  order?: number
  /** how often the server could not take it though it answered others */
  tries?: number
  /** why it is set aside, or could not be kept */
  problem?: Message
  /** the same in the words of an earlier version */
  reason?: string
}

/** Let go; stands here until the next start, so that every page hears of it. */
interface Gone extends Stored<Kind> {
  gone: 1
}

/** One thing that this device knows, stored once: in line to be sent, set aside, or as the server has it. */
export type Entry = { [K in Kind]: Told<K> }[Kind] | OutboxItem | Gone
export type OutboxItem = { [E in Entity]: Waiting<E> }[Entity]

export const isWaiting = (entry: Entry): entry is OutboxItem => 'body' in entry
export const isInLine = (entry: Entry): entry is OutboxItem & { order: number } =>
  isWaiting(entry) && entry.order !== undefined
export const isGone = (entry: Entry): entry is Gone => 'gone' in entry

/** What a page shows of an entry; nothing of one that is gone or set aside. */
export function rowOf(entry: Entry, elevationMetres: number): Rows[Kind] | undefined {
  if (isGone(entry)) return undefined
  if (!isWaiting(entry)) return entry.row
  return entry.order === undefined ? undefined : waitingRow(entry, elevationMetres)
}

/** The row of what waits, as it will stand when the server has taken it. */
export function waitingRow<E extends Entity>(entry: Waiting<E>, elevationMetres: number): Rows[E] {
  return ROW_OF[entry.kind](entry.body, elevationMetres)
}
