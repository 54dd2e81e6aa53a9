import { describe, expect, it } from 'vitest'
import { atmosphericPressureKPa } from './atmosphere'
import { complianceFromStrokes, testerCompliance, thermalDriftKPaPerK } from './compliance'
import {
  freezingPointC,
  massFractionFromVolume,
  volumeFractionFromFreezePoint,
  waterActivity,
} from './coolant'
import { engineTemperatureAt, HOT_FROM_C } from './engine-temperature'
import { fractionAfterRefill, mixPlan } from './mix'
import { saturationPressureKPaAbsolute, saturationTemperatureC } from './saturation-pressure'

/** The message of what a formula throws, or a note that it gave a number. */
function refusal(formula: () => unknown): string {
  try {
    return `gave ${String(formula())}`
  } catch (error) {
    return `${(error as Error).name}: ${(error as Error).message}`
  }
}

describe('at the ends of its range a formula still holds, and just past them it refuses', () => {
  it('atmosphere from −500 to 6000 m', () => {
    expect(atmosphericPressureKPa(-500)).toBeCloseTo(107.48, 1)
    expect(atmosphericPressureKPa(6000)).toBeCloseTo(47.18, 1)
    expect(refusal(() => atmosphericPressureKPa(-500.1))).toBe(
      'RangeError: no atmosphere at -500.1 m',
    )
    expect(refusal(() => atmosphericPressureKPa(6000.1))).toBe(
      'RangeError: no atmosphere at 6000.1 m',
    )
    expect(refusal(() => atmosphericPressureKPa(NaN))).toContain('RangeError')
  })
  it('saturation from 0.01 to 373.9 °C', () => {
    expect(saturationPressureKPaAbsolute(0.01)).toBeCloseTo(0.6117, 3)
    expect(saturationPressureKPaAbsolute(373.9)).toBeCloseTo(22050, -2)
    expect(refusal(() => saturationPressureKPaAbsolute(0.009))).toBe(
      'RangeError: no saturation pressure at 0.009 °C',
    )
    expect(refusal(() => saturationPressureKPaAbsolute(373.91))).toContain('373.91 °C')
  })
  it('boiling from 0.62 to 21,000 kPa absolute', () => {
    expect(saturationTemperatureC(0.62)).toBeCloseTo(0.2, 1)
    expect(saturationTemperatureC(21000)).toBeCloseTo(369.8, 0)
    expect(refusal(() => saturationTemperatureC(0.619))).toBe(
      'RangeError: no boiling point at 0.619 kPa absolute',
    )
    expect(refusal(() => saturationTemperatureC(21001))).toContain('21001 kPa absolute')
  })
  it('glycol from nothing to the last row of the table', () => {
    expect(massFractionFromVolume('ethylene-glycol', 0)).toBe(0)
    expect(massFractionFromVolume('ethylene-glycol', 0.578)).toBeCloseTo(0.6, 6)
    expect(refusal(() => freezingPointC('ethylene-glycol', -0.01))).toBe(
      'RangeError: glycol fraction -0.01 is outside the table (0 to 0.6)',
    )
    expect(refusal(() => freezingPointC('propylene-glycol', 0.61))).toContain('(0 to 0.6)')
    expect(freezingPointC('ethylene-glycol', 0.6)).toBeCloseTo(-48.3, 1)
  })
  it('strokes, their volume and the pressure are above zero', () => {
    const says = 'RangeError: strokes, stroke volume and test pressure must be above zero'
    expect(refusal(() => complianceFromStrokes(0, 28, 90, 101.3))).toBe(says)
    expect(refusal(() => complianceFromStrokes(20, 0, 90, 101.3))).toBe(says)
    expect(refusal(() => complianceFromStrokes(20, 28, 0, 101.3))).toBe(says)
  })
  it.each([
    ['from below nothing', [10, -0.01, 0.5, 4]],
    ['from pure', [10, 1, 0.5, 4]],
    ['to below nothing', [10, 0.3, -0.01, 4]],
    ['to pure', [10, 0.3, 1, 4]],
    ['out of an empty system', [0, 0.3, 0.5, 0]],
    ['draining less than nothing', [10, 0.3, 0.5, -0.1]],
    ['draining more than there is', [10, 0.3, 0.5, 10.1]],
  ] as const)('no mix %s', (_, [capacity, from, to, drained]) => {
    expect(refusal(() => mixPlan(capacity, from, to, drained))).toBe(
      'RangeError: fractions lie between 0 and 1, and no more is drained than there is',
    )
  })
  it.each([
    [10, 0, 0, 0],
    [10, 0.3, 0.5, 10],
    [0.1, 0.99, 0.99, 0],
  ])('a mix of %f L from %f to %f by draining %f has an answer', (capacity, from, to, drained) =>
    expect(mixPlan(capacity, from, to, drained).concentrateLitres).toBeGreaterThanOrEqual(0),
  )
})

describe('values worked out by hand', () => {
  it('twenty strokes of 28 mL to 90 kPa: 3.29 mL/kPa, 15 % either way', () => {
    const { low, value, high } = complianceFromStrokes(20, 28, 90, 101.3)
    // 560 mL / 90 kPa · 101.3 / 191.3
    expect(value).toBeCloseTo(3.2949, 3)
    expect(low).toBeCloseTo(value * 0.85, 9)
    expect(high).toBeCloseTo(value * 1.15, 9)
  })
  it('a tester of 20 to 70 mL at 200 kPa absolute', () => {
    expect(testerCompliance(undefined, 100, 100)).toEqual({ low: 0.1, value: 0.225, high: 0.35 })
    const known = { low: 10, value: 20, high: 40 }
    expect(testerCompliance(known, 100, 100)).toEqual({ low: 0.05, value: 0.1, high: 0.2 })
  })
  it('drift of 8 L on 5 mL/kPa: gas alone 0.682, with all of the liquid 1.314 kPa/K at 20 °C, and more when hot', () => {
    const { low, value, high } = thermalDriftKPaPerK(8, 5, 200, 20)
    expect(low).toBeCloseTo(200 / 293.15, 9)
    expect(high - low).toBeCloseTo(0.632, 9)
    expect(value - low).toBeCloseTo(0.632 / 3, 9)
    const hot = thermalDriftKPaPerK(8, 5, 200, 90)
    expect(hot.high - hot.low).toBeCloseTo((7.8e-4 * 8000) / 5, 9)
  })
  it('water has no glycol, freezes at nought, and is water', () => {
    expect(massFractionFromVolume('water', 0.4)).toBe(0)
    expect(freezingPointC('water', 0.4)).toBe(0)
    expect(waterActivity('water', 0.4)).toBe(1)
    expect(waterActivity('ethylene-glycol', 0)).toBe(1)
    expect(waterActivity('ethylene-glycol', 0.5)).toBeLessThan(0.9)
  })
  it('a mix that freezes at nought or above holds none, and the table’s end is held', () => {
    expect(volumeFractionFromFreezePoint('ethylene-glycol', 0)).toBe(0)
    expect(volumeFractionFromFreezePoint('ethylene-glycol', 3)).toBe(0)
    expect(volumeFractionFromFreezePoint('ethylene-glycol', -80)).toBeCloseTo(0.578, 3)
  })
  it.each(['ethylene-glycol', 'propylene-glycol'] as const)(
    '%s: the freeze point of every tenth gives that tenth back',
    (base) => {
      for (const volume of [0.05, 0.1, 0.2, 0.3, 0.4, 0.5]) {
        const freezes = freezingPointC(base, massFractionFromVolume(base, volume))
        expect(volumeFractionFromFreezePoint(base, freezes)).toBeCloseTo(volume, 1)
      }
    },
  )
  it('from 50 % down to 30 % at least 4 of 10 L must go, and nothing but water comes in', () => {
    const plan = mixPlan(10, 0.5, 0.3, 4)
    expect(plan.leastDrainLitres).toBeCloseTo(4, 9)
    expect(plan.concentrateLitres).toBeCloseTo(0, 9)
    expect(plan.waterLitres).toBeCloseTo(4, 9)
    expect(plan.reachable).toBe(true)
    expect(mixPlan(10, 0.5, 0.3, 3.9).reachable).toBe(false)
  })
  it('up from 30 % to 50 %: 2.857 L is enough, all of it concentrate; 2.8 is not', () => {
    expect(mixPlan(10, 0.3, 0.5, 20 / 7).reachable).toBe(true)
    expect(mixPlan(10, 0.3, 0.5, 2.8)).toMatchObject({ reachable: false, waterLitres: 0 })
    const plan = mixPlan(10, 0.3, 0.5, 4)
    expect(plan.concentrateLitres).toBeCloseTo(3.2, 9)
    expect(plan.waterLitres).toBeCloseTo(0.8, 9)
  })
  it('half drained and filled with 50 % over 20 % gives 35 %', () =>
    expect(fractionAfterRefill(10, 5, 0.2, 0.5)).toBeCloseTo(0.35, 9))
})

describe('an engine in time', () => {
  const started = (minutes: number) => ({ minutes, running: true })
  const stopped = (minutes: number) => ({ minutes, running: false })

  it('says how long ago it ran: nothing while it runs, and nothing at all where it never did', () => {
    expect(engineTemperatureAt([], 30, 60)).not.toHaveProperty('minutesSinceRun')
    expect(engineTemperatureAt([started(0)], 30, 60).minutesSinceRun).toBe(0)
    expect(engineTemperatureAt([started(0), stopped(20)], 65, 60).minutesSinceRun).toBe(45)
    expect(engineTemperatureAt([stopped(20)], 65, 60).minutesSinceRun).toBe(45)
  })
  it('what comes later than the moment asked for has not happened', () => {
    const { running, coolantC } = engineTemperatureAt([started(0), stopped(40)], 30, 60)
    expect(running).toBe(true)
    expect(coolantC).toBeCloseTo(engineTemperatureAt([started(0)], 30, 60).coolantC, 9)
  })
  it('warms between start and stop and not by the clock: a later start is colder', () => {
    const early = engineTemperatureAt([started(0)], 12, 60).coolantC
    const late = engineTemperatureAt([started(6)], 12, 60).coolantC
    expect(early).toBeGreaterThan(late)
    expect(late).toBeCloseTo(engineTemperatureAt([started(0)], 6, 60).coolantC, 9)
  })
  it('is warming below the mark and hot from it', () => {
    const phases = [1, 5, 10, 15, 20, 40].map((m) => engineTemperatureAt([started(0)], m, 60))
    for (const { phase, coolantC } of phases)
      expect(phase).toBe(coolantC < HOT_FROM_C ? 'warming' : 'hot')
    expect(new Set(phases.map((p) => p.phase)).size).toBe(2)
  })
  it('a second stop changes nothing', () => {
    const once = engineTemperatureAt([started(0), stopped(30)], 60, 60)
    const twice = engineTemperatureAt([started(0), stopped(30), stopped(45)], 60, 60)
    expect(twice.coolantC).toBeCloseTo(once.coolantC, 9)
  })
})
