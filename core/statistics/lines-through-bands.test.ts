import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { linesThroughBands } from './lines-through-bands'

const around = (y: readonly number[], half: number) =>
  [y.map((v) => v - half), y.map((v) => v + half)] as const

describe('all lines through bands', () => {
  it('two bands leave a step either way over their distance', () => {
    const line = linesThroughBands([0, 10], ...around([100, 98], 0.5))!
    expect(line.slope.low).toBeCloseTo(-0.3, 12)
    expect(line.slope.high).toBeCloseTo(-0.1, 12)
    expect(line.slope.value).toBeCloseTo(-0.2, 2)
    expect(line.intercept).toBeCloseTo(100, 1)
  })

  it('a step that is seen once is a slope, however many readings tie', () => {
    const line = linesThroughBands([0, 1, 2, 3, 4, 5, 6], ...around([5, 5, 5, 5, 5, 5, 4], 0.5))!
    expect(line.slope.high).toBeLessThanOrEqual(0)
    expect(line.slope.value).toBeLessThan(0)
  })

  it('passes none where a reading errs by more than its band, or all stand at one x', () => {
    expect(linesThroughBands([0, 1, 2], ...around([0, 5, 0], 0.5))).toBeUndefined()
    expect(linesThroughBands([1, 1], ...around([0, 0], 0.5))).toBeUndefined()
    expect(linesThroughBands([0, 0, 1], ...around([0, 3, 0], 0.5))).toBeUndefined()
  })

  it('holds the truth that was rounded, and each end of the range is a line that passes', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -3, max: 3, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.integer({ min: 2, max: 12 }),
        (slope, start, n) => {
          const x = Array.from({ length: n }, (_, i) => i)
          const [low, high] = around(
            x.map((t) => Math.round(start + slope * t)),
            0.5,
          )
          const line = linesThroughBands(x, low, high)!
          expect(line.slope.low).toBeLessThanOrEqual(slope + 1e-9)
          expect(line.slope.high).toBeGreaterThanOrEqual(slope - 1e-9)
          for (const s of [line.slope.low, line.slope.value, line.slope.high]) {
            const from = Math.max(...x.map((t, i) => low[i]! - s * t))
            const to = Math.min(...x.map((t, i) => high[i]! - s * t))
            expect(from).toBeLessThanOrEqual(to + 1e-9)
          }
        },
      ),
    )
  })
})
