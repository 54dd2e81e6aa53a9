import Dexie, { type EntityTable } from 'dexie'
import type { SystemProfile } from '../../core/casefile/profile'
import type { CaseEvent, CaseRecord } from '../../core/casefile/records'
import type { CaseFile, CaseHeader, Instrument, Vehicle } from '../../core/casefile/schema'

export type Entity =
  'vehicles' | 'profiles' | 'instruments' | 'cases' | 'records' | 'events' | 'photographs'

/** Something recorded here that the server has not acknowledged yet. */
export interface OutboxItem {
  order?: number
  /** id of the fact inside, made here */
  id: string
  entity: Entity
  body: Record<string, unknown>
  by: string
  at: string
  /** case it belongs to, for the list of what is set aside */
  case?: string
  state: 'kept' | 'refused'
  reason?: string
}

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

/** One person's copy of the shop and the outbox, in the browser. Each person has a database of their own. */
export class LocalDatabase extends Dexie {
  people!: EntityTable<{ id: string; name: string | null }, 'id'>
  vehicles!: EntityTable<Omit<Vehicle, 'profile'>, 'id'>
  profiles!: EntityTable<LocalProfile, 'id'>
  instruments!: EntityTable<Instrument & { supersedes?: string }, 'id'>
  cases!: EntityTable<LocalCase, 'id'>
  records!: EntityTable<LocalRecord, 'id'>
  events!: EntityTable<LocalEvent, 'id'>
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
