import { describe, expect, it } from 'vitest'
import { kPa, records } from '../checks/check.fixture'
import type { Found } from '../checks/context'
import { caseStateOf } from '../record/case-state'
import type { CaseEvent } from '../record/events'
import { assess } from './assess'
import { inputOf } from './case-of.fixture'
import { heldPressure } from './held-pressure'

const PROFILE = { caps: [{ place: 'tank', ratingKPa: 110 }] } as never
const input = inputOf([], { complaint: 'overheats', profile: PROFILE })
const repaired = (faults: string[]): CaseEvent =>
  ({
    id: '0197dddd-0000-7000-8000-000000000009',
    by: input.case.openedBy,
    observedAt: '2026-09-01T12:00:00Z',
    kind: 'repaired',
    data: { faults, what: 'Mended.' },
  }) as unknown as CaseEvent
const held = (found: Found, events: CaseEvent[] = []) =>
  heldPressure(found, [110], caseStateOf({ ...input, events }))
const at = (of: 'cap' | 'system', kPaGauge: number): Found => ({
  holds: [{ of, kPaGauge, observedAt: '2026-09-01T08:00:00Z' }],
})

describe('the pressure that a system holds', () => {
  it('is the lowest of what is rated and what was seen', () => {
    expect(held({})).toEqual({ heldKPaGauge: 110, heldBy: 'rating' })
    expect(held(at('cap', 60))).toEqual({ heldKPaGauge: 60, heldBy: 'cap' })
    expect(held(at('cap', 130)).heldBy).toBe('rating')
    expect(heldPressure({}, [], caseStateOf(input)).heldBy).toBe('assumed')
  })
  it('was seen until it was mended: the cap by a cap, the system by anything', () => {
    expect(held(at('cap', 60), [repaired(['lower-hose-leak'])]).heldKPaGauge).toBe(60)
    expect(held(at('cap', 60), [repaired(['cap-weak'])]).heldKPaGauge).toBe(110)
    expect(held(at('system', 20), [repaired(['lower-hose-leak'])]).heldKPaGauge).toBe(110)
  })
  it('a tester that never came to its target lowers what a run may reach, and the run says why', () => {
    const hold = [
      {
        kind: 'pressure-hold.start',
        data: { target: kPa(100), resolutionKPa: 1, plan: 'screening', level: 'near-full' },
      },
      {
        kind: 'pressure-hold.reading',
        data: { run: 'x', elapsedSeconds: 5, pressure: kPa(30) },
      },
      {
        kind: 'pressure-hold.remark',
        data: { run: 'x', elapsedSeconds: 10, remark: 'target-not-reached' },
      },
    ] as const
    const pressed = records(...hold.map((r) => [r.kind, r.data] as [typeof r.kind, object]))
    const run = records([
      'load-run.run',
      {
        ambient: { typed: '20', value: 20, unit: '°C', coreValue: 20 },
        segments: [
          {
            kind: 'town',
            minutes: 10,
            meanC: 92,
            maxC: 99,
            airConditioning: 'off',
            heater: 'off',
            load: 'within',
          },
        ],
        coolsWithAirConditioningOff: 'not-known',
        coolsWithHeaterOn: 'not-known',
      },
    ]).map((r) => ({ ...r, id: '0196aaaa-0000-7000-8000-0000000000aa' }))
    const notes = assess({ ...input, records: [...pressed, ...run] as never }).outcomes.flatMap(
      (o) => (o.check === 'load-run' ? o.notes : []),
    )
    expect(notes).toContainEqual({
      id: 'note.held.system',
      parameters: { held: { kind: 'pressure', coreValue: 30 } },
    })
  })
})
