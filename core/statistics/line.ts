/** A straight line y = intercept + slope·x by least squares; slope 0 for fewer than two distinct x. */
export interface Line {
  slope: number
  intercept: number
}

/**
 * @example fitLine([0, 1, 2], [1, 3, 5]).slope // 2
 */
export function fitLine(x: readonly number[], y: readonly number[]): Line {
  const n = x.length
  const mx = x.reduce((a, b) => a + b, 0) / n
  const my = y.reduce((a, b) => a + b, 0) / n
  let sxx = 0
  let sxy = 0
  for (let i = 0; i < n; i++) {
    sxx += (x[i]! - mx) ** 2
    sxy += (x[i]! - mx) * (y[i]! - my)
  }
  const slope = sxx > 0 ? sxy / sxx : 0
  return { slope, intercept: my - slope * mx }
}

/**
 * @example median([3, 1, 2]) // 2
 */
export function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b)
  const middle = sorted.length >> 1
  return sorted.length % 2 ? sorted[middle]! : (sorted[middle - 1]! + sorted[middle]!) / 2
}

/**
 * Linear interpolation of a series at x, its ends held. x must rise.
 * @example interpolate([0, 10], [0, 5], 4) // 2
 */
export function interpolate(xs: readonly number[], ys: readonly number[], x: number): number {
  if (x <= xs[0]!) return ys[0]!
  if (x >= xs.at(-1)!) return ys.at(-1)!
  let low = 0
  let high = xs.length - 1
  while (high - low > 1) {
    const middle = (low + high) >> 1
    if (xs[middle]! <= x) low = middle
    else high = middle
  }
  const share = (x - xs[low]!) / (xs[high]! - xs[low]!)
  return ys[low]! + share * (ys[high]! - ys[low]!)
}
