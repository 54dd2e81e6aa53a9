import Dexie, { type EntityTable } from 'dexie'
import {
  carryInstrument,
  carryProfile,
  carryRecord,
  type CaseEvent,
  type CaseFile,
  type CaseHeader,
  type CaseRecord,
  type Instrument,
  type SystemProfile,
  type Vehicle,
} from '#core'

export interface LocalProfile {
  id: string
  vehicle: string
  profile: SystemProfile
  seq?: number
}

export type LocalCase = CaseHeader & {
  elevationMetres: number
  attachments?: CaseFile['attachments']
}
export interface LocalRecord {
  id: string
  case: string
  record: CaseRecord
}
export interface LocalEvent {
  id: string
  case: string
  event: CaseEvent
}

/** What the copy of a shop holds, by kind. */
export interface CopyRows {
  people: { id: string; name: string | null }
  vehicles: Omit<Vehicle, 'profile'>
  profiles: LocalProfile
  instruments: Instrument & { supersedes?: string }
  cases: LocalCase
  records: LocalRecord
  events: LocalEvent
}
export type Copy = keyof CopyRows

/** Something recorded, as it is sent: what the server's route of its kind takes. */
export interface Bodies {
  vehicles: { vehicle: CopyRows['vehicles'] }
  profiles: LocalProfile
  instruments: { instrument: CopyRows['instruments'] }
  cases: { case: CaseHeader }
  records: Omit<LocalRecord, 'id'>
  events: Omit<LocalEvent, 'id'>
  photographs: { by: string; sha256: string; base64: string }
}
export type Entity = keyof Bodies

interface Waiting<E extends Entity> {
  order?: number
  /** id of the entry inside, made here */
  id: string
  entity: E
  body: Bodies[E]
  by: string
  at: string
  /** case it belongs to, for the list of what is set aside */
  case?: string
  state: 'kept' | 'refused'
  reason?: string
}
/** Something recorded here that the server has not acknowledged yet. */
export type OutboxItem = { [E in Entity]: Waiting<E> }[Entity]

/**
 * A row as it is said today. What stands here in the words of an earlier version stays so: it is carried forward
 * whenever it is read.
 */
function inTodaysWords<Row>(row: Row): Row {
  const said = row as Record<string, unknown> | undefined
  if (!said) return row
  const { profile, record, event, instrument, body } = said
  const carried = {
    ...said,
    ...(profile === undefined ? {} : { profile: carryProfile(profile) }),
    ...(record === undefined ? {} : { record: carryRecord(record) }),
    ...(event === undefined ? {} : { event: carryRecord(event) }),
    ...(instrument === undefined ? {} : { instrument: carryInstrument(instrument) }),
    ...(body === undefined ? {} : { body: inTodaysWords(body) }),
  }
  return carried as Row
}

/** One person's copy of the shop and the outbox, in the browser. Each person has a database of their own. */
export class LocalDatabase extends Dexie {
  people!: EntityTable<CopyRows['people'], 'id'>
  vehicles!: EntityTable<CopyRows['vehicles'], 'id'>
  profiles!: EntityTable<CopyRows['profiles'], 'id'>
  instruments!: EntityTable<CopyRows['instruments'], 'id'>
  cases!: EntityTable<CopyRows['cases'], 'id'>
  records!: EntityTable<CopyRows['records'], 'id'>
  events!: EntityTable<CopyRows['events'], 'id'>
  outbox!: EntityTable<OutboxItem, 'order'>
  meta!: EntityTable<{ key: string; value: number | string }, 'key'>

  constructor(personId: string) {
    super(`thermognosis-${personId}`)
    this.version(1).stores({
      people: 'id',
      vehicles: 'id',
      profiles: 'id, vehicle',
      instruments: 'id',
      cases: 'id',
      records: 'id, case',
      events: 'id, case',
      outbox: '++order, id, state',
      meta: 'key',
    })
    this.instruments.hook('reading', (row) => carryInstrument(row) as CopyRows['instruments'])
    for (const table of [this.profiles, this.records, this.events, this.outbox])
      table.hook('reading', inTodaysWords)
  }

  copies() {
    return [
      this.people,
      this.vehicles,
      this.profiles,
      this.instruments,
      this.cases,
      this.records,
      this.events,
      this.meta,
    ]
  }

  /** Forgets the copy of the shop, as on signing out; what was not sent yet stays. */
  async forgetCopy(): Promise<void> {
    const tables = this.copies()
    await this.transaction('rw', tables, () => Promise.all(tables.map((table) => table.clear())))
  }
}
