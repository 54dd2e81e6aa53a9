import { Z90 } from '../quantity/interval'
import { median } from './line'

export interface SlopeEstimate {
  slope: number
  low: number
  high: number
  intercept: number
}

/** Pairs grow with the square of the points: more points than these are first brought together in blocks. */
const MOST_POINTS = 500

/**
 * Theil-Sen slope of y over x with the distribution-free 90 % interval of Sen (1968), from the ranks of the
 * pairwise slopes and Kendall's variance. Needs two different x; RangeError otherwise. With fewer than four
 * points the interval is the range of the pairwise slopes; of more than 500, blocks that follow each other are taken
 * by their medians.
 * Example: x = 0,1,2,3 and y = 0,2,4,6 has slope 2.
 * @example theilSenSlope([0, 1, 2, 3], [9, 7, 5, 3]).slope // -2
 */
export function theilSenSlope(x: readonly number[], y: readonly number[]): SlopeEstimate {
  const step = Math.ceil(x.length / MOST_POINTS)
  const [xs, ys] = step > 1 ? [inBlocks(x, step), inBlocks(y, step)] : [x, y]
  const slopes = pairwiseSlopes(xs, ys)
  if (slopes.length === 0) throw new RangeError('a slope needs two different times')
  const slope = middleOf(slopes)
  const n = xs.length
  let low = slopes[0]!
  let high = slopes.at(-1)!
  if (n >= 4) {
    const spread = Z90 * Math.sqrt((n * (n - 1) * (2 * n + 5)) / 18)
    const place = (slopes.length - spread) / 2
    low = slopes[Math.max(0, Math.floor(place))]!
    high = slopes[Math.min(slopes.length - 1, Math.ceil(slopes.length - place) - 1)]!
  }
  const residuals = Float64Array.from(xs, (value, i) => ys[i]! - slope * value).sort()
  return { slope, low, high, intercept: middleOf(residuals) }
}

const inBlocks = (values: readonly number[], step: number): number[] =>
  Array.from({ length: Math.ceil(values.length / step) }, (_, i) =>
    median(values.slice(i * step, (i + 1) * step)),
  )

/** Slopes between all points of different x, rising. */
function pairwiseSlopes(x: readonly number[], y: readonly number[]): Float64Array {
  const slopes = new Float64Array((x.length * (x.length - 1)) / 2)
  let count = 0
  for (let i = 0; i < x.length; i++)
    for (let j = i + 1; j < x.length; j++)
      if (x[j] !== x[i]) slopes[count++] = (y[j]! - y[i]!) / (x[j]! - x[i]!)
  return slopes.subarray(0, count).sort()
}

/** Median of values that rise. */
function middleOf(rising: Float64Array): number {
  const middle = rising.length >> 1
  return rising.length % 2 ? rising[middle]! : (rising[middle - 1]! + rising[middle]!) / 2
}
