import type { Copy, CopyRows } from './local-database'

/** A page of what changed in the shop, as the server tells it. */
export interface Changes extends Omit<{ [K in Copy]: CopyRows[K][] }, 'records' | 'events'> {
  cursor: number
  more: boolean
  serverNow: string
  records: Omit<CopyRows['records'], 'id'>[]
  events: Omit<CopyRows['events'], 'id'>[]
}

export type FreshRows = { [K in Copy]: CopyRows[K][] }

/** The rows of a page, as the copy holds them. */
export function rowsOfPage(page: Changes): FreshRows {
  const { people, vehicles, profiles, instruments, cases, records, events } = page
  return {
    people,
    vehicles,
    profiles,
    instruments,
    cases,
    records: records.map((row) => ({ id: row.record.id, ...row })),
    events: events.map((row) => ({ id: row.event.id, ...row })),
  }
}
