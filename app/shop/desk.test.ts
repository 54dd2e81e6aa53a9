import { describe, expect, it } from 'vitest'
import { type CaseEvent, type CaseRecord, DESK } from '#core'
import type { Held } from '../local-store/database'
import type { Rows } from '../local-store/rows'
import { lastTouch, type OnDevice, toPutAway } from './desk'

const now = Date.parse('2026-11-26T12:00:00.000Z')
const daysAgo = (days: number) => new Date(now - days * 86_400_000).toISOString()
const long = daysAgo(DESK.recentDays + 5)

const closed = (observedAt: string, id = 'end') =>
  ({ id, kind: 'closed', observedAt, data: {} }) as object as CaseEvent
const note = (observedAt: string) => ({ id: 'n', kind: 'note', observedAt }) as object as CaseRecord

/** A device with these cases: each of a vehicle, with what happened in it. */
function device(
  cases: Record<string, { vehicle: string; events?: CaseEvent[]; records?: CaseRecord[] }>,
  held: Held[] = [],
): OnDevice {
  const vehicles = [...new Set(Object.values(cases).map(({ vehicle }) => vehicle))]
  return {
    cases: Object.entries(cases).map(
      ([id, { vehicle }]) => ({ id, vehicle, openedAt: long }) as Rows['cases'],
    ),
    recordsOf: (id) => cases[id]?.records ?? [],
    eventsOf: (id) => cases[id]?.events ?? [],
    held: new Map(held.map((one) => [one.case, one])),
    vehicles: vehicles.map((id) => ({ id, name: id })),
    profiles: vehicles.map((vehicle) => ({ id: `profile of ${vehicle}`, vehicle, profile: {} })),
  }
}
const old = { events: [closed(long)] }

describe('what a device puts away', () => {
  it('is closed cases of long ago, with their vehicles', () => {
    const on = device({ a: { vehicle: 'v', ...old }, b: { vehicle: 'w' } })
    expect(toPutAway(on, now)).toEqual({ cases: ['a'], others: ['v', 'profile of v'] })
  })
  it('is not a vehicle that another case here is of', () => {
    const on = device({ a: { vehicle: 'v', ...old }, b: { vehicle: 'v' } })
    expect(toPutAway(on, now)).toEqual({ cases: ['a'], others: [] })
  })
  it('is not a vehicle that no case here is of: somebody chose it for the next one', () => {
    const on = device({ a: { vehicle: 'v' } })
    expect(
      toPutAway({ ...on, vehicles: [...on.vehicles, { id: 'new', name: 'new' }] }, now),
    ).toEqual({ cases: [], others: [] })
  })
  it.each([
    ['pinned', { case: 'a', pinned: 1 as const }],
    ['looked at lately', { case: 'a', openedAt: daysAgo(2) }],
  ])('is not a case that is %s', (_, held) => {
    expect(toPutAway(device({ a: { vehicle: 'v', ...old } }, [held]), now).cases).toEqual([])
  })
  it('is not one that something was recorded in lately, or that is open again', () => {
    const again = { id: 'r', kind: 'reopened', observedAt: daysAgo(40), data: {} }
    const on = device({
      a: { vehicle: 'v', ...old, records: [note(daysAgo(1))] },
      b: { vehicle: 'w', events: [closed(daysAgo(50)), again as object as CaseEvent] },
    })
    expect(toPutAway(on, now).cases).toEqual([])
  })
})

describe('when a case was last touched', () => {
  it('is the newest of what was recorded, and its opening where nothing was', () => {
    expect(lastTouch(long, [note(daysAgo(3)), note(daysAgo(9))])).toBe(daysAgo(3))
    expect(lastTouch(long, [])).toBe(long)
  })
})
