import { Z90 } from '../quantity/interval'
import { median } from './line'

export interface SlopeEstimate {
  slope: number
  low: number
  high: number
  intercept: number
}

/**
 * Theil-Sen slope of y over x with the distribution-free 90 % interval of Sen (1968), from the ranks of the
 * pairwise slopes and Kendall's variance. Needs two different x; RangeError otherwise. With fewer than four
 * points the interval is the range of the pairwise slopes.
 * Example: x = 0,1,2,3 and y = 0,2,4,6 has slope 2.
 * @example theilSenSlope([0, 1, 2, 3], [9, 7, 5, 3]).slope // -2
 */
export function theilSenSlope(x: readonly number[], y: readonly number[]): SlopeEstimate {
  const slopes: number[] = []
  for (let i = 0; i < x.length; i++)
    for (let j = i + 1; j < x.length; j++)
      if (x[j] !== x[i]) slopes.push((y[j]! - y[i]!) / (x[j]! - x[i]!))
  if (slopes.length === 0) throw new RangeError('a slope needs two different times')
  slopes.sort((a, b) => a - b)
  const slope = median(slopes)
  const n = x.length
  let low = slopes[0]!
  let high = slopes.at(-1)!
  if (n >= 4) {
    const spread = Z90 * Math.sqrt((n * (n - 1) * (2 * n + 5)) / 18)
    const place = (slopes.length - spread) / 2
    low = slopes[Math.max(0, Math.floor(place))]!
    high = slopes[Math.min(slopes.length - 1, Math.ceil(slopes.length - place) - 1)]!
  }
  const residuals = x.map((value, i) => y[i]! - slope * value).sort((a, b) => a - b)
  return { slope, low, high, intercept: median(residuals) }
}
