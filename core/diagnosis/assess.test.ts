import { holdsOf } from './holds.fixture'
import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { assess } from './assess'
import { rankCase } from './rank-case'
import { readCaseFile } from '../record/read'
import type { CaseEvent } from '../record/events'
import type { CaseRecord } from '../record/envelope'
import type { CaseFile } from '../record/schema'

const load = (name: string) => readCaseFile(readFileSync(`data/vignettes/${name}.json`, 'utf8'))
const id = (n: number) => `0198aaaa-0000-7000-8000-${n.toString(16).padStart(12, '0')}`
const at = (minute: number) => `2026-10-01T08:${String(minute).padStart(2, '0')}:00Z`
const by = '0192f000-0000-7000-8000-000000000001'
const celsius = (value: number) => ({ typed: `${value}`, value, unit: '°C', coreValue: value })
const kPa = (value: number) => ({ typed: `${value}`, value, unit: 'kPa', coreValue: value })
const record = (kind: string, data: object, minute: number) =>
  ({ id: id(minute + 100), by, observedAt: at(minute), kind, data }) as unknown as CaseRecord
const event = (kind: string, minute: number, data: object = {}) =>
  ({ id: id(minute + 200), by, observedAt: at(minute), kind, data }) as unknown as CaseEvent
const bare = (): CaseFile => ({ ...load('open/overheats-fan-motor'), records: [], events: [] })
const crank = (minute: number) =>
  record(
    'cranking-rise.run',
    {
      plugged: [1, 2, 3, 4],
      seconds: 5,
      before: kPa(0),
      after: kPa(8),
      staysAfter: 'yes',
      turnedByHandFirst: true,
    },
    minute,
  )

describe('contradictions are said and never silently taken', () => {
  it('a cold check soon after the engine ran is a warm one, and counts for less', () => {
    const cold = assess({ ...bare(), records: [crank(30)] }).outcomes[0]!
    const warm = assess({
      ...bare(),
      records: [crank(30)],
      events: [event('engine-started', 10), event('engine-stopped', 20)],
    }).outcomes[0]!
    expect(warm.notes.map((n) => n.id)).toContain('note.coldCheckHot')
    expect(warm.signs[0]!.validity).toBeLessThan(cold.signs[0]!.validity)
    const later = assess({
      ...bare(),
      records: [crank(59)],
      events: [event('engine-started', 1), event('engine-stopped', 3)],
    }).outcomes[0]!
    expect(later.notes.map((n) => n.id)).not.toContain('note.coldCheckHot')
  })
  it('hot coolant in a cold hold, and cool coolant in a hot one', () => {
    const hold = (engine: object, startC: number) =>
      holdsOf(
        assess({
          ...bare(),
          records: [
            record(
              'pressure-hold.start',
              {
                target: kPa(90),
                resolutionKPa: 1,
                level: 'near-full',
                plan: 'usual',
                coolantAtStart: celsius(startC),
                ...engine,
              },
              5,
            ),
          ],
        }),
      )[0]!.figures
    expect(hold({}, 62).cautions[0]!.id).toBe('caution.notCold')
    expect(hold({}, 22).cautions.map((c) => c.id)).not.toContain('caution.notCold')
    expect(hold({ engine: 'hot' }, 30).notes.map((n) => n.id)).toContain('hold.hotButCool')
    expect(hold({ engine: 'hot' }, 85).cautions.map((c) => c.id)).not.toContain('caution.notCold')
  })
  it('a clutch test on an electric fan and a fan circuit on a viscous one are noticed', () => {
    const clutch = record('clutch-hot.test', { dragHot: 'firm', roarHot: 'yes' }, 5)
    expect(assess({ ...bare(), records: [clutch] }).outcomes[0]!.notes[0]!.id).toBe(
      'note.clutchOnElectricFan',
    )
    const viscous = bare()
    viscous.vehicle.profile.fan = 'viscous-clutch'
    expect(
      assess({ ...viscous, records: [record('fan-circuit.walk', { directFeed: 'dead' }, 5)] })
        .outcomes[0]!.notes[0]!.id,
    ).toBe('note.circuitOnViscousFan')
  })
})

describe('facts that only several findings show together', () => {
  it('the heater core is isolated and the hold passes', () =>
    expect(assess(load('open/coolant-loss-heater-core')).facts.has('core-isolated-passes')).toBe(
      true,
    ))
  it('level full and air out needs both: a full level and no recent drain, or a bled refill', () => {
    const full = record('level-and-condition.look', { level: 'right' }, 5)
    const no = record('interview.answer', { question: 'recent-drain', answer: 'no' }, 6)
    expect(assess({ ...bare(), records: [full] }).facts.has('level-full-air-out')).toBe(false)
    expect(assess({ ...bare(), records: [full, no] }).facts.has('level-full-air-out')).toBe(true)
  })
  it('facts of before a repair are not those of after it', () => {
    const look = record('look-round.air-side', { fins: 'good', stack: 'good' }, 5)
    expect(assess({ ...bare(), records: [look] }).facts.has('air-side-clean')).toBe(true)
    expect(
      assess({
        ...bare(),
        records: [look],
        events: [event('repaired', 10, { faults: ['radiator-debris'] })],
      }).facts.has('air-side-clean'),
    ).toBe(false)
  })
})

describe('work on the vehicle', () => {
  it('a repair that opened the system may have let air in; a cap may not', () => {
    const air = (fault: string) => {
      const file = bare()
      const heater = record('interview.answer', { question: 'gurgle', answer: 'yes' }, 20)
      return rankCase({
        ...file,
        records: [heater],
        events: [event('repaired', 10, { faults: [fault] })],
      }).ranking.suspects.find((s) => s.fault === 'trapped-air')!.probability
    }
    expect(air('pump-impeller-loose')).toBeGreaterThan(1.15 * air('cap-weak'))
  })
  it('a new part may be bad: what fails the same way after the repair is the same fault again, not likely and not impossible', () => {
    const file = bare()
    const dead = (minute: number) => record('fan-circuit.walk', { directFeed: 'dead' }, minute)
    const repaired = event('repaired', 20, { faults: ['fan-motor-dead'] })
    const motor = (records: CaseRecord[]) =>
      rankCase({ ...file, records, events: [repaired] }).ranking.suspects.find(
        (s) => s.fault === 'fan-motor-dead',
      )!.probability
    expect(motor([dead(5)])).toBeLessThan(0.06)
    expect(motor([dead(5), dead(30)])).toBeGreaterThan(0.3)
  })
})
