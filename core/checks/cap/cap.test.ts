import { describe, expect, it } from 'vitest'
import { analyseTesterSelfCheck } from '../tester-self-check/analysis'
import { analyseCap } from './analysis'
import { capSigns } from './signs'
import type { CapTest } from './record'

const kPa = (value: number) => ({ typed: String(value), value, unit: 'kPa', coreValue: value })
const mix = { base: 'ethylene-glycol' as const, massFraction: 0.5, elevationMetres: 0 }
const cap = (opening: number, held: number, extra: Partial<CapTest> = {}): CapTest => ({
  place: 'tank',
  marking: kPa(103),
  opening: kPa(opening),
  after60Seconds: kPa(held),
  vacuumValve: 'free',
  seals: 'good',
  fitsPlace: 'right',
  ...extra,
})
const ratio = (test: CapTest, sign: string) => {
  const reading = capSigns('x', test, analyseCap(test, mix)).find((r) => r.sign === sign)!
  return reading.likelihood.yes! / reading.likelihood.no!
}

describe('cap on its adapter', () => {
  it('opening within −7 and +14 kPa of the marking and holding is good', () => {
    expect(analyseCap(cap(103, 100), mix).states).toEqual(['good'])
    expect(analyseCap(cap(97, 95), mix).states).toEqual(['good'])
    expect(analyseCap(cap(116, 110), mix).states).toEqual(['good'])
  })
  it('opening and holding are different facts, both against what is written on it', () => {
    expect(analyseCap(cap(94, 90), mix).states).toEqual(['opens-early'])
    expect(analyseCap(cap(80, 78), mix).states).toEqual(['opens-early', 'will-not-hold'])
    expect(analyseCap(cap(103, 40), mix).states).toEqual(['will-not-hold'])
    expect(analyseCap(cap(130, 120), mix).states).toEqual(['opens-late'])
  })
  it('the boiling margin follows the pressure really held, not the marking', () => {
    const lost = analyseCap(cap(103, 0), mix)
    expect(lost.effectiveKPaGauge).toBe(0)
    expect(lost.marginLostK).toBeGreaterThan(20)
    expect(lost.marginLostK).toBeLessThan(24)
    expect(analyseCap(cap(103, 103), mix).marginLostK).toBeCloseTo(0, 6)
  })
  it('a cap is not called good while opening or holding was not measured', () => {
    expect(analyseCap({ ...cap(103, 100), after60Seconds: undefined }, mix).states).toEqual([])
  })
  it('likelihoods follow the reading: the lower it opens, the more it speaks for a weak cap', () => {
    expect(ratio(cap(103, 100), 'cap-opens-early')).toBeLessThan(0.1)
    expect(ratio(cap(85, 80), 'cap-opens-early')).toBeGreaterThan(5)
    expect(ratio(cap(103, 99), 'cap-will-not-hold')).toBeLessThan(0.2)
    expect(ratio(cap(103, 50), 'cap-will-not-hold')).toBeGreaterThan(20)
    expect(ratio(cap(135, 130), 'cap-opens-late')).toBeGreaterThan(5)
  })
})

describe('tester closed on itself', () => {
  it('falls fast in its small volume and still hardly matters in a vehicle', () => {
    const analysis = analyseTesterSelfCheck(
      { startPressure: kPa(100), endPressure: kPa(98), durationSeconds: 60, resolutionKPa: 0.5 },
      86.6,
    )
    expect(analysis.ownFallKPaPerMinute.value).toBeCloseTo(2)
    expect(analysis.inVehicleKPaPerMinute).toBeLessThan(0.15)
    expect(analysis.state).not.toBe('unfit')
  })
  it('one that empties itself is unfit', () => {
    const analysis = analyseTesterSelfCheck(
      {
        startPressure: kPa(100),
        endPressure: kPa(20),
        durationSeconds: 60,
        resolutionKPa: 0.5,
        enclosedML: 70,
      },
      86.6,
    )
    expect(analysis.state).toBe('unfit')
  })
})
