import { describe, expect, it } from 'vitest'
import { celsius, kPa } from '../check.fixture'
import type { HoldRecords } from './analysis'
import { analysed, type End, hold, type Start } from './hold.fixture'
import { holdVerdict } from './verdict'

const PSI = 6.894757
const LIMIT = 7 / 15

/** A hold read so, seconds and kPa, on a gauge of a step. */
function readings(
  points: readonly (readonly [number, number])[],
  start: Partial<Start> = {},
  end?: Partial<End>,
): HoldRecords {
  return {
    ...hold(0, { resolutionKPa: 1, ...start }, end),
    readings: points.map(([elapsedSeconds, pressure], i) => ({
      id: `r${i}`,
      run: 'run',
      elapsedSeconds,
      pressure: kPa(pressure),
    })),
  } as HoldRecords
}

/** A repeatable stream of numbers in [0, 1): a linear congruence. */
function numbers(seed: number) {
  let state = seed
  return () => (state = (state * 1664525 + 1013904223) % 4294967296) / 4294967296
}

const noted = (records: HoldRecords) => analysed(records).notes.map((n) => n.id)

describe('the fall that a gauge of steps shows', () => {
  it('a needle that visibly fell a step falls, though most readings tie', () => {
    const tied = readings(
      [120, 180, 240, 300, 360, 420, 480].map((s) => [s, s < 480 ? 100 : 95] as const),
      { resolutionKPa: 5 },
    )
    const { decay, state } = analysed(tied)
    expect(decay!.fallKPaPerMinute.low).toBeGreaterThan(-0.1)
    expect(decay!.fallKPaPerMinute.value).toBeGreaterThan(0.3)
    expect(state).not.toBe('tight')
  })

  it.each([
    ['with the needle read exactly', 0, 1],
    ['with a needle read a tenth of a step wrong', 0.1, 0.9],
  ])(
    'nine intervals in ten hold the truth, from once to twice the limit, %s',
    (_, needle, least) => {
      const next = numbers(7)
      let held = 0
      let asked = 0
      for (const step of [0.5, 1, PSI])
        for (const minutes of [6, 12, 20])
          for (let run = 0; run < 60; run++) {
            const fall = LIMIT * (1 + next())
            const from = 95 + step * next()
            const points = Array.from({ length: minutes }, (__, i) => {
              const truth = from - fall * (i + 2) + (2 * next() - 1) * needle * step
              return [(i + 2) * 60, Math.round(truth / step) * step] as const
            })
            const { low, high } = analysed(readings(points, { resolutionKPa: step })).decay!
              .fallKPaPerMinute
            asked++
            if (low <= fall + 1e-9 && fall - 1e-9 <= high) held++
          }
      expect(held / asked).toBeGreaterThanOrEqual(least)
    },
  )
})

describe('a hold of two readings', () => {
  const two = (from: number, to: number, end?: Partial<End>) =>
    readings(
      [
        [0, from],
        [900, to],
      ],
      {},
      end,
    )
  it('at its start and its end says what it can, less what hoses may have given', () => {
    const { state, fallKPaPerMinute } = analysed(two(100, 70))
    expect(state).toBe('seep')
    expect(fallKPaPerMinute!.high).toBeGreaterThanOrEqual(2)
    expect(fallKPaPerMinute!.low).toBeLessThan(30 / 15 - (0.03 * 100) / 15)
    expect(noted(two(100, 70))).toContain('hold.settlingCounted')
    expect(analysed(two(100, 100)).state).toBe('tight')
  })
  it('counts early only when it has ended, or after five minutes', () => {
    const early = (seconds: number, end?: Partial<End>) =>
      analysed(
        readings(
          [
            [0, 100],
            [seconds, 90],
          ] as const,
          {},
          end,
        ),
      ).state
    expect(early(299)).toBe('settling')
    expect(early(300)).not.toBe('settling')
    expect(early(120, {})).not.toBe('settling')
    expect(early(60, {})).toBe('settling')
  })
})

describe('a target that was never reached', () => {
  const remarks: HoldRecords['remarks'] = [
    { run: 'run', elapsedSeconds: 5, remark: 'target-not-reached' },
  ]
  it('does not override a fall that was measured', () => {
    const slow = { ...hold(0.25 / 5, {}), remarks }
    expect(analysed(slow).state).toBe('tight')
    expect(noted(slow)).toContain('hold.targetNeverReached')
    expect(analysed({ ...slow, readings: [] }).state).toBe('gross')
  })
})

describe('what cooling does to a hold', () => {
  const cooled = (fromC: number, toC: number, fall = 0.5) =>
    hold(fall, { coolantAtStart: celsius(fromC) }, { coolantAtEnd: celsius(toC) })
  it('a fall that cooling explains says so, and one that it does not, does not', () => {
    expect(noted(cooled(30, 22))).toContain('hold.coolingExplains')
    expect(noted(cooled(22, 22))).not.toContain('hold.coolingExplains')
    expect(noted(cooled(30, 22, 3))).not.toContain('hold.coolingExplains')
  })
  it('is reckoned over the time between the two temperatures', () => {
    const long = cooled(30, 25)
    long.end = { ...long.end!, elapsedSeconds: 1800 }
    expect(analysed(long).fallKPaPerMinute!.value).toBeGreaterThan(
      analysed(cooled(30, 25)).fallKPaPerMinute!.value,
    )
  })
  it('temperatures that were not taken widen the interval', () => {
    const width = (records: HoldRecords) => {
      const { low, high } = analysed(records).fallKPaPerMinute!
      return high - low
    }
    expect(width(hold(0.2, {}, {}))).toBeGreaterThan(width(cooled(20, 20, 0.2)) + 0.1)
    expect(width(hold(0.2, { engine: 'hot' }, {}))).toBeGreaterThan(width(hold(0.2, {}, {})) + 0.5)
  })
  it('decide where nothing else does: that is said, and no minutes', () => {
    const strict = analysed(hold(0, { plan: 'strict', resolutionKPa: 1 }))
    expect(strict.state).toBe('undecided')
    expect(strict.settledBy).toBe('temperature')
    expect(strict.minutesStillNeeded).toBeUndefined()
    expect(holdVerdict(strict, true)).toMatchObject({
      id: 'hold.verdict.temperatureSettles',
      parameters: { when: 'running' },
    })
    const taken = cooled(20, 20, 0)
    expect(analysed({ ...taken, start: { ...taken.start, plan: 'strict' } }).state).toBe('tight')
  })
})

describe('advice to wait', () => {
  it('ends: beyond an hour a finer gauge is asked for', () => {
    const near = hold(LIMIT, { coolantAtStart: celsius(20) }, { coolantAtEnd: celsius(20) })
    const analysis = analysed({ ...near, start: { ...near.start, resolutionKPa: 2 } })
    expect(analysis.state).toBe('undecided')
    expect(analysis.settledBy).toBe('finer-gauge')
    expect(analysis.minutesStillNeeded).toBeUndefined()
    expect(holdVerdict(analysis, false)!.id).toBe('hold.verdict.finerGauge')
  })
})
