import { describe, expect, it } from 'vitest'
import { records } from '../checks/check.fixture'
import type { CaseInput } from '../record/case-input'
import type { CaseEvent } from '../record/events'
import type { Complaint } from '../vehicle/complaint'
import { COMPLAINTS } from '../vehicle/complaint'
import { assess } from './assess'
import { inputOf } from './case-of.fixture'

const of = (
  complaint: Complaint,
  list: Parameters<typeof records> = [],
  events: CaseEvent[] = [],
) => {
  const input: CaseInput = inputOf(records(...list), { complaint, profile: {} })
  const { may, why } = assess({ ...input, events }).drive
  return `${may} ${why.id}`
}
const look = (data: object): Parameters<typeof records> => [['level-and-condition.look', data]]
const REPAIRED = {
  id: '0197dddd-0000-7000-8000-000000000009',
  by: '0196aaaa-0000-7000-8000-0000000009ff',
  observedAt: '2026-09-01T12:00:00Z',
  kind: 'repaired',
  data: { faults: ['lower-hose-leak'], what: 'Hose renewed.' },
} as unknown as CaseEvent

describe('whether it may be driven', () => {
  it('goes by the complaint before anything was found', () => {
    expect(COMPLAINTS.map((complaint) => of(complaint))).toEqual([
      'with-care drive.loses',
      'not drive.overheats',
      'yes drive.noHeat',
      'yes drive.freely',
    ])
  })
  it('what would ruin it forbids it, whatever it came for', () => {
    expect(of('no-heat', look({ emulsionInOil: 'dipstick' }))).toBe('not drive.oil')
    expect(of('no-heat', look({ pinkFroth: 'yes' }))).toBe('not drive.gearbox')
    expect(of('inspection', look({ level: 'empty' }))).toBe('not drive.empty')
    expect(of('no-heat', look({ level: 'low' }))).toBe('with-care drive.loses')
    expect(
      of('inspection', [['endoscope.look', { cylinder: 2, seen: 'wet', pressed: true }]]),
    ).toBe('not drive.cylinder')
  })
  it('what the keeper tells goes before the complaint, until it is mended', () => {
    const told: Parameters<typeof records> = [
      ['interview.answer', { question: 'white-exhaust', answer: 'yes' }],
    ]
    expect(of('coolant-loss', told)).toBe('not advice.doNotDrive')
    expect(of('coolant-loss', told, [REPAIRED])).toBe('with-care drive.mended')
    expect(of('overheats', look({ emulsionInOil: 'dipstick' }), [REPAIRED])).toBe(
      'with-care drive.mended',
    )
  })
})
