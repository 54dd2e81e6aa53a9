import { describe, expect, it } from 'vitest'
import { outcome } from '../check.fixture'
import { runningPressureCheck } from './check'

describe('pressure while warming', () => {
  it('pressure at 60 °C was put in by gas; pressure at 95 °C is normal, and none at all is said only when hot', () => {
    const run = (list: [number, number][]) =>
      outcome(runningPressureCheck, 'running-pressure.run', {
        points: list.map(([coolantC, pressureKPaGauge], i) => ({
          seconds: i * 120,
          coolantC,
          pressureKPaGauge,
        })),
        adapterReliefAtOrBelowCap: 'yes',
        level: 'at-mark',
      })
    expect(
      run([
        [15, 0],
        [40, 30],
        [62, 70],
        [80, 95],
      ]).states,
    ).toEqual(['rises-before-warm'])
    expect(
      run([
        [15, 0],
        [60, 8],
        [80, 35],
        [95, 85],
      ]).states,
    ).toEqual(['normal'])
    expect(
      run([
        [15, 0],
        [60, 1],
        [95, 3],
      ]).states,
    ).toEqual(['never-rises'])
    expect(
      run([
        [15, 0],
        [60, 1],
        [70, 2],
      ]).states,
    ).toEqual(['not-hot-enough'])
    expect(
      outcome(runningPressureCheck, 'running-pressure.run', {
        points: [
          { seconds: 0, coolantC: 15, pressureKPaGauge: 0 },
          { seconds: 60, coolantC: 30, pressureKPaGauge: 2 },
        ],
        adapterReliefAtOrBelowCap: 'no',
        level: 'at-mark',
      }).cautions[0]!.id,
    ).toBe('caution.reliefNotShown')
  })
})

describe('a running pressure begun warm', () => {
  it('does not say what presses before it is hot', () => {
    const o = outcome(runningPressureCheck, 'running-pressure.run', {
      points: [
        { seconds: 0, coolantC: 55, pressureKPaGauge: 0 },
        { seconds: 60, coolantC: 62, pressureKPaGauge: 45 },
        { seconds: 600, coolantC: 92, pressureKPaGauge: 95 },
      ],
      adapterReliefAtOrBelowCap: 'yes',
      level: 'at-mark',
    } as never)
    expect(o.states).toEqual(['begun-warm'])
    expect(o.signs.map((s) => s.sign)).not.toContain('pressure-early')
    expect(o.notes.map((n) => n.id)).toEqual(['runningPressure.begunWarm'])
  })
})
