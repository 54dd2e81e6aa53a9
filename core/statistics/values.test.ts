import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { changePoint } from './change-point'
import { nonNegativeLeastSquares, matrixRank, normalEquations, solve } from './least-squares'
import { fitLine, interpolate, median } from './line'
import { logNormalDensity, normalBetween, normalCdf } from './normal'
import { theilSenSlope } from './theil-sen-slope'

const finite = fc.double({ min: -50, max: 50, noNaN: true })

describe('normal', () => {
  it.each([
    [-3, 0.0013499],
    [-1, 0.1586553],
    [0, 0.5],
    [0.5, 0.6914625],
    [1, 0.8413447],
    [2, 0.9772499],
  ])('below %f lies %f', (z, p) => expect(normalCdf(z)).toBeCloseTo(p, 6))
  it('between two bounds, about any mean and in any unit', () => {
    expect(normalBetween(-1, 1, 0, 1)).toBeCloseTo(0.6826895, 6)
    expect(normalBetween(8, 12, 10, 2)).toBeCloseTo(0.6826895, 6)
    expect(normalBetween(12, 14, 10, 2)).toBeCloseTo(0.1359051, 6)
    expect(normalBetween(6, 8, 10, 2)).toBeCloseTo(0.1359051, 6)
    expect(normalBetween(10, 12, 10, 2)).toBeCloseTo(0.3413447, 6)
  })
  it('far out on either side it is the same, and not nothing', () => {
    const above = normalBetween(9, 10, 0, 1)
    expect(above).toBeGreaterThan(0)
    expect(normalBetween(-10, -9, 0, 1)).toBeCloseTo(above, 20)
    expect(above / 1.1285122e-19).toBeCloseTo(1, 4)
  })
  it('the log-normal density at its median, and twice and half of it', () => {
    expect(logNormalDensity(1, 1, 1)).toBeCloseTo(0.3989423, 6)
    expect(logNormalDensity(3, 3, 1)).toBeCloseTo(0.3989423 / 3, 6)
    expect(logNormalDensity(2, 1, 1) * 2).toBeCloseTo(logNormalDensity(0.5, 1, 1) * 0.5, 9)
  })
})

describe('lines', () => {
  it('through points that lie beside one, by hand: slope 0.9, 0.3 at nought', () => {
    const { slope, intercept } = fitLine([1, 2, 3, 4], [1, 3, 2, 4])
    expect(slope).toBeCloseTo(0.8, 9)
    expect(intercept).toBeCloseTo(0.5, 9)
  })
  it('points at one place have no slope, and their mean for a height', () =>
    expect(fitLine([2, 2, 2], [1, 2, 6])).toEqual({ slope: 0, intercept: 3 }))
  it('a median of an even number lies between the middle two', () => {
    expect(median([4, 1, 3, 2])).toBe(2.5)
    expect(median([10, 9, 2])).toBe(9)
  })
  it('a series is read between its points, at them, and held at its ends', () => {
    const xs = [0, 10, 20, 40, 80]
    const ys = [5, 7, 3, 11, 1]
    expect(xs.map((x) => interpolate(xs, ys, x))).toEqual(ys)
    expect([-5, 4, 15, 30, 60, 90].map((x) => interpolate(xs, ys, x))).toEqual([5, 5.8, 5, 7, 6, 1])
  })
})

describe('Theil-Sen slope', () => {
  const x = [0, 1, 2, 3, 4, 5, 6, 7]
  const y = [10.0, 9.1, 7.9, 7.2, 5.8, 5.1, 3.9, 3.1]

  it('with its height, of eight readings by hand', () => {
    const { slope, intercept } = theilSenSlope(x, y)
    // the median of the 28 pairwise slopes, and of the 8 residuals from it
    const slopes = x.flatMap((a, i) =>
      x.slice(i + 1).map((b, j) => (y[i + 1 + j]! - y[i]!) / (b - a)),
    )
    expect(slope).toBeCloseTo(median(slopes), 12)
    expect(intercept).toBeCloseTo(median(x.map((v, i) => y[i]! - slope * v)), 12)
  })
  it('its interval has the ranks that Kendall’s variance gives: of 28 slopes the 8th and the 21st', () => {
    // √(8·7·21/18) = 8.083, times 1.645 is 13.3: (28 − 13.3)/2 = 7.35
    const slopes = x
      .flatMap((a, i) => x.slice(i + 1).map((b, j) => (y[i + 1 + j]! - y[i]!) / (b - a)))
      .sort((a, b) => a - b)
    const { low, high } = theilSenSlope(x, y)
    expect(low).toBeCloseTo(slopes[7]!, 12)
    expect(high).toBeCloseTo(slopes[20]!, 12)
    expect(slopes[7]).toBeLessThan(slopes[20]!)
  })
  it('of four readings, six slopes, it has all', () => {
    const four = theilSenSlope([0, 1, 2, 3], [0, 1, 4, 5])
    // √(4·3·13/18) = 2.94, times 1.645 is 4.84: (6 − 4.84)/2 = 0.58
    expect([four.low, four.high]).toEqual([1, 3])
    const five = theilSenSlope([0, 1, 2, 3, 4], [0, 1, 4, 5, 9])
    // √(5·4·15/18) = 4.08, times 1.645 is 6.71: (10 − 6.71)/2 = 1.64: the second and the ninth
    expect([five.low, five.high]).toEqual([1, 3])
  })
  it('fewer than four readings have the range of their slopes', () => {
    expect(theilSenSlope([0, 1, 3], [0, 3, 5])).toMatchObject({ low: 1, high: 3 })
    expect(theilSenSlope([0, 2], [0, 3])).toMatchObject({ low: 1.5, slope: 1.5, high: 1.5 })
  })
  it('refuses in a sentence', () =>
    expect(() => theilSenSlope([1, 1], [2, 3])).toThrow('a slope needs two different times'))
})

describe('least squares', () => {
  it('normal equations of two columns by hand', () =>
    expect(
      normalEquations(
        [
          [1, 2],
          [3, 4],
        ],
        [5, 6],
      ),
    ).toEqual({
      a: [
        [10, 14],
        [14, 20],
      ],
      b: [23, 34],
    }))
  it('of nothing there are none', () => expect(normalEquations([], [])).toEqual({ a: [], b: [] }))
  it('a system whose first pivot is nothing, or small, is solved by another row', () => {
    expect(
      solve(
        [
          [0, 2],
          [3, 1],
        ],
        [4, 5],
      ),
    ).toEqual([1, 2])
    const [a, b] = solve(
      [
        [1e-9, 1],
        [1, 1],
      ],
      [1, 2],
    )!
    expect(a).toBeCloseTo(1, 6)
    expect(b).toBeCloseTo(1, 6)
  })
  it('whatever the system of full rank: the solution satisfies it', () => {
    fc.assert(
      fc.property(
        fc.array(fc.array(finite, { minLength: 3, maxLength: 3 }), { minLength: 3, maxLength: 3 }),
        fc.array(finite, { minLength: 3, maxLength: 3 }),
        (rows, b) => {
          const strong = rows.map((row, i) => row.map((v, j) => (i === j ? v + 200 : v)))
          const found = solve(strong, b)!
          strong.forEach((row, i) =>
            expect(row.reduce((sum, v, j) => sum + v * found[j]!, 0)).toBeCloseTo(b[i]!, 6),
          )
        },
      ),
    )
  })
  it.each([
    [[], 0],
    [[[0, 0]], 0],
    [[[1, 2]], 1],
    [
      [
        [1, 2],
        [2, 4],
        [1, 0],
      ],
      2,
    ],
    [
      [
        [0, 1, 2],
        [0, 2, 4],
        [3, 0, 0],
      ],
      2,
    ],
    [
      [
        [1, 2, 3],
        [2, 5, 8],
        [4, 9, 14],
      ],
      2,
    ],
    [
      [
        [2, 1],
        [1, 3],
        [5, 8],
      ],
      2,
    ],
  ])('%j has matrix rank %i', (rows, wanted) => expect(matrixRank(rows)).toBe(wanted))
  it('a share that wants to be negative is nothing, and the other takes what is best then', () => {
    // free: x = (3, −1); with the second held at nothing the first is 2.4
    const rows = [
      [1, 1],
      [2, 1],
    ]
    const [first, second] = nonNegativeLeastSquares(rows, [2, 5])
    expect(second).toBe(0)
    expect(first).toBeCloseTo(2.4, 6)
  })
  it('one that came in first goes out again when others explain it better', () => {
    const rows = [
      [2, 0, 2],
      [4, 3, 3],
      [2, 1, 1],
      [4, 4, 1],
    ]
    const found = nonNegativeLeastSquares(rows, [14, 2, 2, 3])
    expect(found[1]).toBe(0)
    expect(misfit(rows, [14, 2, 2, 3], found)).toBeCloseTo(bestMisfit(rows, [14, 2, 2, 3]), 6)
  })
  it('whatever the readings: no choice of shares fits better', () => {
    const share = fc.integer({ min: 0, max: 4 })
    const reading = fc.integer({ min: -4, max: 16 })
    fc.assert(
      fc.property(
        fc.array(fc.tuple(share, share, share, reading), { minLength: 4, maxLength: 6 }),
        (readings) => {
          const rows = readings.map(([a, b, c]) => [a, b, c])
          const y = readings.map(([, , , value]) => value)
          const found = nonNegativeLeastSquares(rows, y)
          expect(Math.min(...found)).toBeGreaterThanOrEqual(0)
          expect(misfit(rows, y, found)).toBeLessThan(bestMisfit(rows, y) + 1e-5)
        },
      ),
    )
  })
})

type Rows = readonly (readonly number[])[]

/** Sum of squares that shares leave unexplained. */
const misfit = (rows: Rows, y: readonly number[], shares: readonly number[]) =>
  rows.reduce((sum, r, i) => sum + (r.reduce((s, v, j) => s + v * shares[j]!, 0) - y[i]!) ** 2, 0)

/** The least of that over every choice of which of three shares may be above nothing. */
function bestMisfit(rows: Rows, y: readonly number[]): number {
  const choices = Array.from({ length: 8 }, (_, bits) => [0, 1, 2].filter((i) => bits & (1 << i)))
  return Math.min(
    ...choices.map((free) => {
      const { a, b } = normalEquations(
        rows.map((r) => free.map((i) => r[i]!)),
        y,
      )
      const z = solve(a, b)
      if (!z || z.some((v) => v < 0)) return Infinity
      const shares = [0, 1, 2].map((i) => z[free.indexOf(i)] ?? 0)
      return misfit(rows, y, shares)
    }),
  )
}

describe('change point', () => {
  const x = Array.from({ length: 12 }, (_, i) => i * 2)
  const flatThenUp = x.map((v) => (v <= 10 ? 1 : 1 + 3 * (v - 10)))

  it('between the two readings where the slope changes, with the lines on both sides', () => {
    const found = changePoint(x, flatThenUp)!
    expect(found.at).toBeGreaterThanOrEqual(9)
    expect(found.at).toBeLessThanOrEqual(11)
    expect(found.before.slope).toBeCloseTo(0, 9)
    expect(found.before.intercept).toBeCloseTo(1, 9)
    expect(found.after.slope).toBeCloseTo(3, 9)
    expect(found.low).toBeLessThanOrEqual(found.at)
    expect(found.high).toBeGreaterThanOrEqual(found.at)
    expect(found.high - found.low).toBeLessThanOrEqual(4)
  })
  it('of readings that scatter its interval is wider, and the break explains less', () => {
    const scatter = [0.9, -1.1, 0.7, -0.6, 1.2, -0.9, 0.8, -1, 1.1, -0.7, 0.6, -1.2]
    const clean = changePoint(x, flatThenUp)!
    const rough = changePoint(
      x,
      flatThenUp.map((v, i) => v + 5 * scatter[i]!),
    )!
    expect(rough.high - rough.low).toBeGreaterThan(clean.high - clean.low)
    expect(rough.gain).toBeLessThan(clean.gain)
    expect(rough.gain).toBeGreaterThan(0)
  })
  it('leaves four readings on each side, or as many as it is asked for', () => {
    const early = x.map((v) => (v <= 2 ? 0 : v - 2))
    expect(changePoint(x, early)!.at).toBe(7)
    expect(changePoint(x, early, 2)!.at).toBeLessThan(5)
    const late = x.map((v) => (v < 20 ? 0 : v - 20))
    expect(changePoint(x, late)!.at).toBe(15)
  })
  it('needs twice that number, and exactly so many are enough', () => {
    expect(changePoint(x.slice(0, 7), flatThenUp.slice(0, 7))).toBeUndefined()
    expect(changePoint(x.slice(0, 8), flatThenUp.slice(0, 8))!.at).toBe(7)
  })
  it('the sums of one line and of two give the gain', () => {
    const y = [0, 0.1, -0.1, 0, 0.1, 2, 4.1, 6, 7.9, 10]
    const xs = y.map((_, i) => i)
    const { at, gain } = changePoint(xs, y)!
    const rest = (from: number, to: number) => {
      const [px, py] = [xs.slice(from, to), y.slice(from, to)]
      const { slope, intercept } = fitLine(px, py)
      return px.reduce((sum, v, i) => sum + (py[i]! - intercept - slope * v) ** 2, 0)
    }
    const split = Math.ceil(at)
    expect(gain).toBeCloseTo(rest(0, 10) / (rest(0, split) + rest(split, 10)) - 1, 6)
  })
})
