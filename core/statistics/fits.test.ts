import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { changePoint } from './change-point'
import { nonNegativeLeastSquares, matrixRank, solve } from './least-squares'
import { fitLine, interpolate, median } from './line'

describe('change of slope', () => {
  it('finds the corner of a bent line within its interval', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 8, max: 30 }),
        fc.double({ min: 0.5, max: 4, noNaN: true }),
        (corner, steep) => {
          const x = Array.from({ length: 40 }, (_, i) => i)
          const y = x.map(
            (v) =>
              (v <= corner ? 0.1 * v : 0.1 * corner + steep * (v - corner)) +
              0.02 * Math.sin(v * 7),
          )
          const found = changePoint(x, y)!
          expect(Math.abs(found.at - corner)).toBeLessThan(1.6)
          expect(found.low).toBeLessThanOrEqual(found.at)
          expect(found.high).toBeGreaterThanOrEqual(found.at)
        },
      ),
    )
  })
  it('gains next to nothing on a straight line, and needs enough points', () => {
    const x = Array.from({ length: 20 }, (_, i) => i)
    expect(
      changePoint(
        x,
        x.map((v) => 2 * v + Math.sin(v)),
      )!.gain,
    ).toBeLessThan(1)
    expect(changePoint([1, 2, 3], [1, 2, 3])).toBeUndefined()
  })
})

describe('least squares', () => {
  it('never gives a negative share, and gives the shares back when they are told apart', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: 0, max: 3, noNaN: true }), { minLength: 4, maxLength: 4 }),
        (truth) => {
          const runs = [
            [1, 1, 1, 1],
            [0, 1, 1, 1],
            [1, 0, 1, 1],
            [1, 1, 0, 1],
            [1, 1, 1, 0],
          ]
          const x = nonNegativeLeastSquares(
            runs,
            runs.map((r) => r.reduce((s, v, i) => s + v * truth[i]!, 0)),
          )
          x.forEach((v, i) => {
            expect(v).toBeGreaterThanOrEqual(0)
            expect(v).toBeCloseTo(truth[i]!, 4)
          })
        },
      ),
    )
  })
  it('a system whose columns are not independent has no solution, and their number says so', () => {
    expect(
      solve(
        [
          [1, 1],
          [1, 1],
        ],
        [1, 2],
      ),
    ).toBeUndefined()
    expect(
      matrixRank([
        [1, 1, 0],
        [1, 1, 0],
        [0, 0, 1],
      ]),
    ).toBe(2)
  })
  it('a line through points on a line is that line', () => {
    const line = fitLine([0, 1, 2], [1, 3, 5])
    expect([line.slope, line.intercept]).toEqual([2, 1])
    expect(fitLine([1, 1], [2, 4]).slope).toBe(0)
    expect([median([3, 1, 2]), median([4, 1, 2, 3])]).toEqual([2, 2.5])
    expect([
      interpolate([0, 10], [0, 5], 4),
      interpolate([0, 10], [0, 5], -3),
      interpolate([0, 10], [0, 5], 99),
    ]).toEqual([2, 0, 5])
  })
})
