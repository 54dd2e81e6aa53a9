import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { crankingOf } from './trace'

/** Calm, cranking with pulses and a climb, calm. */
function trace({
  calm = 2,
  crank = 5,
  after = 3,
  rise = 3,
  pulse = 0.4,
  falls = false,
  step = 0.05,
} = {}) {
  const seconds: number[] = []
  const kPa: number[] = []
  for (let t = 0; t <= calm + crank + after; t += step) {
    const within = t > calm && t < calm + crank
    const level =
      t <= calm
        ? 0
        : within
          ? ((t - calm) / crank) * rise
          : falls
            ? rise * Math.max(0, 1 - (t - calm - crank))
            : rise
    seconds.push(t)
    kPa.push(Math.round((level + (within ? pulse * Math.sin(30 * t) : 0)) * 100) / 100)
  }
  return crankingOf(seconds, kPa)
}

describe('a pressure trace of one run of the starter', () => {
  it('finds the cranking, what stood before and what stays', () => {
    const run = trace()
    expect(run.crankSeconds).toBeGreaterThan(4)
    expect(run.crankSeconds).toBeLessThan(6.2)
    expect(run.beforeKPa).toBeCloseTo(0, 1)
    expect(run.afterKPa).toBeCloseTo(3, 1)
    expect(run.staysAfter).toBe('yes')
  })
  it('a rise that falls back does not stay, and one that was not watched is not said to', () => {
    expect(trace({ falls: true }).staysAfter).toBe('no')
    expect(trace({ after: 0.2 }).staysAfter).toBe('not-watched')
  })
  it('refuses a gap, times that run backward, and a trace that is too short', () => {
    const t = Array.from({ length: 40 }, (_, i) => i * 0.1)
    const p = t.map(() => 1)
    expect(() => crankingOf([...t.slice(0, 20), ...t.slice(20).map((x) => x + 3)], p)).toThrow(
      expect.objectContaining({ problem: expect.objectContaining({ id: 'crankTrace.gap' }) }),
    )
    expect(() => crankingOf([...t].reverse(), p)).toThrow(
      expect.objectContaining({ problem: expect.objectContaining({ id: 'crankTrace.backward' }) }),
    )
    expect(() => crankingOf([0, 1], [0, 1])).toThrow(
      expect.objectContaining({ problem: expect.objectContaining({ id: 'crankTrace.tooShort' }) }),
    )
  })
  it('gives the rise back within its step, whatever the length and size', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 2, max: 9, noNaN: true }),
        fc.double({ min: 1, max: 12, noNaN: true }),
        (crank, rise) => {
          const run = trace({ crank, rise })
          expect(run.afterKPa - run.beforeKPa).toBeCloseTo(rise, 0)
          expect(Math.abs(run.crankSeconds - crank)).toBeLessThan(1.3)
        },
      ),
      { numRuns: 40, seed: 7 },
    )
  })
  it('a flat trace has no rise and no invented figure', () => {
    const t = Array.from({ length: 60 }, (_, i) => i * 0.1)
    const run = crankingOf(
      t,
      t.map(() => 0.5),
    )
    expect(run.afterKPa - run.beforeKPa).toBe(0)
    expect(Number.isFinite(run.crankSeconds)).toBe(true)
  })
})
