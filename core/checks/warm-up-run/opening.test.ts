import { describe, expect, it } from 'vitest'
import { CONTEXT, speaksFor } from '../check.fixture'
import { analyseWarmUp } from './analysis'
import { type Loop, simulate } from './loop.fixture'
import type { RunSeries, Series } from './series'
import { sideTaughtBy } from './side'
import { warmUpSigns } from './signs'

const START = {
  airConditioning: 'off',
  fanWatched: true,
  level: 'full',
  surface: 'painted-or-taped',
} as const

/** One channel as somebody reads it on a walk round the car, every so many seconds from the phase on. */
const walked = (values: readonly number[], every: number, phase: number): Series => {
  const x = values.map((_, second) => second).filter((s) => s >= phase && (s - phase) % every === 0)
  return { x, y: x.map((s) => values[s]!) }
}

/** A run of the loop with scan and held-back hose read by hand, the hose ten seconds after the scan. */
function handRead(loop: Loop, every: number, phase: number) {
  const { scan, hose } = simulate({ ...loop, every: 1 })
  const series: RunSeries = {
    'scan-coolant': walked(scan, every, phase),
    'radiator-side-hose': walked(hose, every, phase + 10),
  }
  const a = analyseWarmUp(series, [], CONTEXT)
  return { a, signs: warmUpSigns('r', START, a), opened: scan.findIndex((c) => c >= loop.opens!) }
}

const WALKS = [60, 75, 90].flatMap((every) =>
  [0, 15, 30, 45, 60, 75].filter((phase) => phase < every).map((phase) => [every, phase] as const),
)

describe('an opening read every minute or so', () => {
  it.each(WALKS)('every %i s from %i s on lies between two readings', (every, phase) => {
    for (const opens of [84, 88, 92]) {
      const { a, opened } = handRead({ opens }, every, phase)
      // Scan shows whole degrees, and so is there up to half a degree before the loop is: seven seconds.
      expect(a.opening!.low).toBeLessThanOrEqual(opened + 15)
      expect(a.opening!.high).toBeGreaterThanOrEqual(opened)
      expect(a.opening!.high - a.opening!.low).toBeLessThanOrEqual(every)
    }
  })
  it('is not called early where it opens at its rating', () => {
    for (const [every, phase] of WALKS)
      expect(
        speaksFor(handRead({ opens: 88 }, every, phase).signs, 'opening-early', 'early', 'no'),
      ).toBeLessThan(-0.5)
  })
  it('is worth less than one from a log', () => {
    expect(handRead({ opens: 88 }, 90, 30).a.opening!.errorK).toBeGreaterThan(
      handRead({ opens: 88 }, 10, 0).a.opening!.errorK,
    )
  })
})

describe('the side that a run teaches', () => {
  const { seconds, scan, hose } = simulate({ opens: 88 })
  const held: Series = { x: seconds, y: hose }
  const follows: Series = { x: seconds, y: scan.map((c) => 15 + 0.9 * (c - 15)) }
  const engine: Series = { x: seconds, y: scan }
  const run = (upper: Series, lower: Series) =>
    analyseWarmUp({ 'scan-coolant': engine, 'upper-hose': upper, 'lower-hose': lower }, [], {
      ...CONTEXT,
      profile: { thermostatRatingC: 88 },
    })
  it('is the inlet where the upper hose warms with the engine and the lower one stays behind', () => {
    const a = run(follows, held)
    expect([a.side, a.sideTaught]).toEqual(['inlet', true])
    expect(a.opening!.expectedK).toBe(8.5)
  })
  it('is the outlet where both stay behind, and nothing where both follow', () => {
    expect(run(held, held).side).toBe('outlet')
    expect(run(held, held).opening).toBeDefined()
    expect(run(follows, follows).side).toBe('not-known')
    expect(run(follows, follows).sideTaught).toBeUndefined()
  })
  it('is not asked of an engine that hardly warmed, nor where it is on record', () => {
    const cool = { x: [0, 60], y: [15, 30] }
    expect(sideTaughtBy(cool, { 'upper-hose': cool, 'lower-hose': held })).toBeUndefined()
    const known = analyseWarmUp(
      { 'scan-coolant': engine, 'upper-hose': follows, 'lower-hose': held },
      [],
      CONTEXT,
    )
    expect([known.side, known.sideTaught]).toEqual(['outlet', undefined])
  })
})
