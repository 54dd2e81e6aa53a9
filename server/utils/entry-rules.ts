import {
  asSent,
  ENTRIES,
  type EntryBody,
  IDENTITY,
  may,
  mayTakeBack,
  type Permission,
  permissionForEvent,
  permissionForRecord,
  type RowEntity,
  whenWritten,
} from '#core'
import type { Actor } from '../auth/actor'
import type { Transaction } from '../database/edge'
import {
  appendCase,
  appendEvent,
  appendInstrument,
  appendProfile,
  appendRecord,
  appendVehicle,
  authorOfRecord,
  eventKindOf,
} from '../database/entries'
import { refuse } from './api-error'
import { checked } from './checked'
import { noteEntry } from './metrics'

interface Rules<E extends RowEntity> {
  /** what a person needs beside being allowed to record */
  permission?: (entry: EntryBody<E>) => Permission
  append: (tx: Transaction, actor: Actor, entry: EntryBody<E>) => Promise<boolean>
}

/** Who may write each kind of entry, and how it is written; a kind that is missing does not compile. */
const RULES: { [E in RowEntity]: Rules<E> } = {
  vehicles: {
    append: (tx, actor, entry) => appendVehicle(tx, actor.shopId, entry, entry.vehicle),
  },
  profiles: {
    append: (tx, actor, entry) => appendProfile(tx, actor.shopId, entry),
  },
  instruments: {
    append: (tx, actor, entry) =>
      appendInstrument(tx, actor.shopId, entry, entry.instrument, entry.supersedes),
  },
  cases: {
    append: (tx, actor, entry) =>
      appendCase(tx, actor.shopId, entry, entry.case, actor.elevationMetres),
  },
  records: {
    permission: ({ record }) => permissionForRecord(record),
    async append(tx, { shopId, role, personId }, entry) {
      const record = asSent(entry.record)
      if (record.kind === 'withdrawn') {
        const author = await authorOfRecord(tx, shopId, record.supersedes)
        if (author && !mayTakeBack(role, personId, author))
          throw refuse.notYours('roleMayNotTakeBack', { role })
      }
      return appendRecord(tx, shopId, entry.case, record)
    },
  },
  events: {
    permission: (entry) => permissionForEvent(entry.event.kind),
    async append(tx, { shopId, role }, entry) {
      const takenBack =
        entry.event.kind === 'withdrawn'
          ? await eventKindOf(tx, shopId, entry.event.supersedes)
          : undefined
      if (takenBack && !may(role, permissionForEvent(takenBack)))
        throw refuse.notYours('roleMayNotTakeBack', { role })
      return appendEvent(tx, shopId, entry.case, asSent(entry.event))
    },
  },
}

/**
 * Writes an entry that somebody sent under an id, as its kind is written: checked against its schema, allowed to whoever
 * sends it, made by them, and fitting to what is here. Gives whether it was new; refused in words otherwise.
 */
export async function takeEntry<E extends RowEntity>(
  tx: Transaction,
  actor: Actor,
  entity: E,
  id: string,
  raw: unknown,
): Promise<boolean> {
  const entry = checked(ENTRIES[entity], raw) as EntryBody<E>
  const { permission, append } = RULES[entity]
  if (permission && !may(actor.role, permission(entry)))
    throw refuse.notYours('roleMayNot', { role: actor.role })
  const identity = IDENTITY[entity](entry)
  if (identity.id !== id) throw refuse.bad('numberAndAddress', 'id')
  if (identity.author !== actor.personId) throw refuse.notYours('madeBySomeoneElse')
  const isNew = await append(tx, actor, entry)
  const { observedAt, clockOffsetMs } = whenWritten(entry)
  if (isNew) noteEntry(observedAt, clockOffsetMs)
  return isNew
}
