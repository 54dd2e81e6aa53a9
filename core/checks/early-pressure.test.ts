import { describe, expect, it } from 'vitest'
import { outcome } from './check.fixture'
import { earlyPressure } from './early-pressure'
import { runningPressureCheck } from './running-pressure/check'

const points = (list: readonly (readonly [coolantC: number, kPaGauge: number])[]) =>
  list.map(([coolantC, kPaGauge]) => ({ coolantC, kPaGauge }))

describe('pressure before it is warm', () => {
  it('is what it rose by until 60 °C, between the two readings about it', () => {
    const early = earlyPressure(
      points([
        [20, 5],
        [50, 15],
        [70, 35],
        [95, 90],
      ]),
    )
    expect(early).toEqual({ gainedKPa: 20, untilC: 60 })
  })
  it('counts where the run was ended before, for it had risen by plainly too much', () => {
    expect(
      earlyPressure(
        points([
          [20, 0],
          [44, 74],
          [52, 90],
        ]),
      ),
    ).toEqual({ gainedKPa: 90, untilC: 52 })
  })
  it('says nothing of a run that ended before and had hardly risen, nor of one begun warm', () => {
    expect(
      earlyPressure(
        points([
          [20, 0],
          [52, 9],
        ]),
      ),
    ).toBeUndefined()
    expect(
      earlyPressure(
        points([
          [70, 40],
          [90, 80],
        ]),
      ),
    ).toBeUndefined()
    expect(earlyPressure([])).toBeUndefined()
  })
  it('moves the suspects, and the verdict says the same', () => {
    const run = outcome(runningPressureCheck, 'running-pressure.run', {
      points: [
        { seconds: 0, coolantC: 20, pressureKPaGauge: 0 },
        { seconds: 120, coolantC: 44, pressureKPaGauge: 74 },
        { seconds: 180, coolantC: 52, pressureKPaGauge: 90 },
      ],
      adapterReliefAtOrBelowCap: 'yes',
      level: 'at-mark',
    })
    expect(run.states).toEqual(['rises-before-warm'])
    const early = run.signs.find(({ sign }) => sign === 'pressure-early')!
    expect(early.likelihood['yes']! / early.likelihood['no']!).toBeGreaterThan(20)
  })
})
