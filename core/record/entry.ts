import { z } from 'zod'
import { moment } from '../quantity/moment'
import { systemProfile } from '../vehicle/profile'
import { type CaseRecord, caseRecord } from './envelope'
import { type CaseEvent, caseEvent } from './events'
import { caseHeader, instrument, vehicle } from './schema'
import { carryInstrument, carryProfile, carryRecord } from './version-1'

/** Who, when and by which clock; the same for everything that is sent. */
const written = {
  /** id of the person who recorded it */
  by: z.uuid(),
  /** by the device's clock */
  observedAt: moment,
  /** server clock minus device clock, milliseconds; a clock may be off by any number of years */
  clockOffsetMs: z.number().int().optional(),
}

/** Room for a picture of 3 MB as base64; the browser makes them far smaller. */
export const MAX_PHOTOGRAPH_BYTES = 4_200_000

/**
 * What a device sends, by kind of entry: under `/api/<entity>/<id>`, by its author only. The one list that server and
 * browser share; each has a table over it that does not compile while a kind is missing.
 */
export const ENTRIES = {
  vehicles: z.strictObject({ ...written, vehicle: vehicle.omit({ profile: true }) }),
  profiles: z.strictObject({
    ...written,
    id: z.uuid(),
    vehicle: z.uuid(),
    profile: z.preprocess(carryProfile, systemProfile),
    supersedes: z.uuid().optional(),
  }),
  instruments: z.strictObject({
    ...written,
    instrument: z.preprocess(carryInstrument, instrument),
    supersedes: z.uuid().optional(),
  }),
  cases: z.strictObject({ ...written, case: caseHeader }),
  records: z.strictObject({ case: z.uuid(), record: z.preprocess(carryRecord, caseRecord) }),
  events: z.strictObject({ case: z.uuid(), event: z.preprocess(carryRecord, caseEvent) }),
  photographs: z.strictObject({
    by: z.uuid(),
    sha256: z.string().regex(/^[0-9a-f]{64}$/),
    base64: z.string().max(MAX_PHOTOGRAPH_BYTES),
  }),
} as const

/** A kind of entry, as its address names it. */
export type Entity = keyof typeof ENTRIES
/** What is sent of an entry. */
export type EntryBody<E extends Entity> = z.infer<(typeof ENTRIES)[E]>

/** A record or event without what only the server can tell of it, whoever sends it: when it was received, and from where. */
export function asSent<T extends CaseRecord | CaseEvent>(entry: T): T {
  const { receivedAt: _, imported: __, ...sent } = entry
  return sent as T
}

/** Kinds of entries that are rows; a photograph is bytes. */
export type RowEntity = Exclude<Entity, 'photographs'>
/** These kinds, in the order in which one may build on the other. */
export const ROW_ENTITIES = [
  'vehicles',
  'profiles',
  'instruments',
  'cases',
  'records',
  'events',
] as const satisfies readonly RowEntity[]

interface Moment {
  observedAt: string
  clockOffsetMs?: number | undefined
}

/** When an entry that is a row was recorded, by its device. */
export function whenWritten(body: EntryBody<RowEntity>): Moment {
  if ('record' in body) return body.record
  return 'event' in body ? body.event : body
}

/** The id under which an entry is sent and kept, and the person who made it. */
export const IDENTITY: {
  [E in Entity]: (body: EntryBody<E>) => { id: string; author: string }
} = {
  vehicles: ({ vehicle: { id }, by }) => ({ id, author: by }),
  profiles: ({ id, by }) => ({ id, author: by }),
  instruments: ({ instrument: { id }, by }) => ({ id, author: by }),
  cases: ({ case: { id, openedBy } }) => ({ id, author: openedBy }),
  records: ({ record: { id, by } }) => ({ id, author: by }),
  events: ({ event: { id, by } }) => ({ id, author: by }),
  photographs: ({ sha256, by }) => ({ id: sha256, author: by }),
}
