import { describe, expect, it } from 'vitest'
import type { CaseEvent } from '../record/events'
import { comeBackOf } from './come-back'

const event = (day: number, kind: string, data: object) =>
  ({
    id: `${day}`,
    by: 'x',
    observedAt: `2026-09-0${day}T08:00:00Z`,
    kind,
    data,
  }) as never as CaseEvent
const closed = (day: number, causes: string[]) =>
  event(day, 'closed', {
    outcome: causes.length > 0 ? 'cause-confirmed' : 'not-found',
    causes,
    believed: [{ fault: 'cap-weak', probability: 0.9 }],
  })

describe('a case that came back', () => {
  it('tells how it was closed last, what was believed then, and why it is open again', () => {
    const events = [closed(1, []), event(2, 'reopened', {}), closed(3, ['cap-weak'])]
    expect(comeBackOf(events)).toBeUndefined()
    expect(comeBackOf([...events, event(4, 'reopened', { why: 'Low again' })])).toEqual({
      closedAt: '2026-09-03T08:00:00Z',
      outcome: 'cause-confirmed',
      causes: ['cap-weak'],
      believed: [{ fault: 'cap-weak', probability: 0.9 }],
      why: 'Low again',
    })
    expect(comeBackOf(events.slice(0, 2))!.outcome).toBe('not-found')
  })
  it('never closed, it cannot come back; closed before what was believed was kept, it says none', () => {
    expect(comeBackOf([event(1, 'reopened', {})])).toBeUndefined()
    const old = event(1, 'closed', { outcome: 'not-found', causes: [] })
    expect(comeBackOf([old, event(2, 'reopened', {})])!.believed).toEqual([])
  })
})
