import { describe, expect, it } from 'vitest'
import { CONTEXT, celsius, speaksFor } from '../check.fixture'
import type { Entry } from '../context'
import type { HoldRecords } from './analysis'
import { holdContextOf, pressureHoldCheck } from './check'
import { analysed, hold, type Start } from './hold.fixture'
import { holdSign, holdSigns } from './signs'

describe('what a hold says of its signs', () => {
  const signs = (records: HoldRecords) => holdSigns('h', records, analysed(records))
  const named = (records: HoldRecords) => signs(records).map((s) => s.sign)

  it('the sign is told by temperature and by what was isolated', () => {
    const sign = (start: Partial<Start>) => holdSign(hold(0, start))
    expect(sign({})).toBe('hold-cold')
    expect(sign({ engine: 'hot', isolated: ['coolers'] })).toBe('hold-hot')
    expect(sign({ isolated: ['heater-core', 'coolers'] })).toBe('hold-without-heater')
    expect(sign({ isolated: ['coolers'] })).toBe('hold-without-coolers')
    expect(sign({ isolated: [] })).toBe('hold-cold')
  })

  it('counts for less with the level low or not known, and for little where a hot hold was cool', () => {
    const validity = (start: Partial<Start>) => signs(hold(0, start))[0]!.validity
    expect(validity({})).toBe(0.96)
    expect(validity({ level: 'not-known' })).toBe(0.75)
    expect(validity({ level: 'low' })).toBe(0.3)
    expect(validity({ engine: 'hot', coolantAtStart: celsius(59) })).toBe(0.3)
    expect(validity({ engine: 'hot', coolantAtStart: celsius(60) })).toBe(0.96)
    expect(validity({ coolantAtStart: celsius(20) })).toBe(0.96)
  })

  it('a dry tray says something only of a hold that fell, a wet one always', () => {
    expect(named(hold(0, {}, { tray: 'dry' }))).not.toContain('tray-wet')
    expect(named(hold(0, {}, { tray: 'wet' }))).toContain('tray-wet')
    expect(named(hold(0.9, {}, { tray: 'dry' }))).toContain('tray-wet')
    expect(named(hold(0.9, {}, { tray: 'not-known' }))).not.toContain('tray-wet')
    expect(speaksFor(signs(hold(0.9, {}, { tray: 'wet' })), 'tray-wet')).toBeGreaterThan(0.8)
    expect(speaksFor(signs(hold(0.9, {}, { tray: 'dry' })), 'tray-wet')).toBeLessThan(-0.4)
  })

  it('cylinders say something where they were looked into', () => {
    const wet = signs(hold(0.9, {}, { cylinders: 'wet' }))
    expect(speaksFor(wet, 'cylinder-wet')).toBeGreaterThan(0.8)
    expect(speaksFor(signs(hold(0.9, {}, { cylinders: 'dry' })), 'cylinder-wet')).toBeLessThan(0)
    expect(named(hold(0.9, {}, { cylinders: 'not-known' }))).not.toContain('cylinder-wet')
  })

  it('a hiss, and a target never reached, each say their own', () => {
    const remarked = (remark: 'hiss-heard' | 'target-not-reached') => ({
      ...hold(0.9),
      remarks: [{ run: 'run', elapsedSeconds: 60, remark }],
    })
    expect(named(remarked('hiss-heard'))).toEqual(['hold-cold', 'air-hiss'])
    const never = signs({ ...remarked('target-not-reached'), readings: [] })
    expect(never.map((s) => s.says.id)).toEqual(['says.targetNeverReached'])
    expect(speaksFor(never, 'hold-cold', 'gross', 'tight')).toBeGreaterThan(1)
    const measured = signs(remarked('target-not-reached'))
    expect(measured.map((s) => s.says.id)).toEqual(['says.holdFall'])
    expect(speaksFor(measured, 'hold-cold', 'gross', 'seep')).toBeLessThan(0)
  })
})

describe('the hold as a check', () => {
  const entry = (id: string, kind: string, data: object, minute = 0): Entry => ({
    id,
    kind,
    observedAt: `2026-09-01T08:${String(minute).padStart(2, '0')}:00Z`,
    data,
  })
  const written = (records: HoldRecords): Entry[] => [
    entry('run', 'pressure-hold.start', records.start),
    ...records.readings.map((r, i) => entry(r.id, 'pressure-hold.reading', r, i)),
    ...(records.end ? [entry('end', 'pressure-hold.end', records.end, 16)] : []),
  ]
  const facts = (records: HoldRecords) =>
    pressureHoldCheck.assess(written(records), CONTEXT)[0]!.facts

  it('shows a tight system, or a fall and its dry tray, whole or with a part isolated', () => {
    expect(facts(hold(0))).toEqual(['hold-tight', 'level-full'])
    expect(facts(hold(0, { isolated: ['coolers'], level: 'low' }))).toEqual([
      'hold-without-coolers-tight',
    ])
    expect(facts(hold(0.9, {}, { tray: 'dry' }))).toEqual(['hold-falls', 'tray-dry', 'level-full'])
    expect(facts(hold(0.9, { isolated: ['heater-core'] }, { tray: 'dry' }))).toEqual(['level-full'])
    expect(facts(hold(0.9, {}, { tray: 'wet', cylinders: 'wet' }))).toEqual([
      'hold-falls',
      'cylinder-wet',
      'level-full',
    ])
  })

  it('waits while it has not ended, for as long as its plan', () => {
    const open = written(hold(0))
    expect(pressureHoldCheck.waits(open)).toEqual([
      { source: 'run', startedAt: '2026-09-01T08:00:00Z', minutes: 15 },
    ])
    expect(pressureHoldCheck.waits(written(hold(0, { plan: 'strict' })))[0]!.minutes).toBe(10)
    expect(pressureHoldCheck.waits(written(hold(0, {}, {})))).toEqual([])
  })

  it('tells how warm the coolant was at its newest start', () => {
    expect(pressureHoldCheck.coolantC(written(hold(0)))).toBeUndefined()
    expect(pressureHoldCheck.coolantC(written(hold(0, { coolantAtStart: celsius(17) })))).toBe(17)
  })

  it('reckons with the lowest cap, with glycol unless it is water, and with leaks seen before it', () => {
    const at = '2026-09-01T08:00:00Z'
    const of = (profile: object, issuing: { part: 'pump'; observedAt: string }[] = []) =>
      holdContextOf({ ...CONTEXT, profile, found: { ...CONTEXT.found, issuing } }, at)
    const caps = [
      { place: 'tank' as const, ratingKPa: 138 },
      { place: 'radiator-neck' as const, ratingKPa: 90 },
    ]
    expect(of({ caps }).capRatingKPa).toBe(90)
    expect(of({}).capRatingKPa).toBeUndefined()
    expect(of({ glycolVolumeFraction: 0.4 }).glycolVolumeFraction).toBe(0.4)
    expect(of({ coolant: 'water', glycolVolumeFraction: 0.4 }).glycolVolumeFraction).toBeUndefined()
    expect(of({}, [{ part: 'pump', observedAt: '2026-09-01T07:00:00Z' }]).grossLeakSeen).toBe(true)
    expect(of({}, [{ part: 'pump', observedAt: '2026-09-01T09:00:00Z' }]).grossLeakSeen).toBe(false)
    expect(of({}).grossLeakSeen).toBe(false)
  })
})
