export interface LineEstimate {
  slope: { low: number; value: number; high: number }
  /** of the line with the middle slope, in the middle of what is left to it */
  intercept: number
}

/** Slopes at which the room left to a line is asked. */
const STEPS = 200

/**
 * All straight lines that pass through every band [low, high] at its x: the range of their slopes, and the slope
 * that halves the area of the polygon (intercept, slope) that they fill.
 *
 * A reading rounded to a step is no noise but a band of a step's width around it, in which every truth is as good;
 * so what is known of a slope is this range, and it shrinks with a reading only where the reading cuts lines off.
 * With the intercept taken out of the linear programme each two bands bound the slope s:
 * (low_j − high_i)/(x_j − x_i) ≤ s ≤ (high_j − low_i)/(x_j − x_i) for x_j > x_i.
 * Undefined where no line passes, or where all x are alike.
 * @example linesThroughBands([0, 10], [99.5, 98.5], [100.5, 99.5]).slope.low // -0.2
 */
export function linesThroughBands(
  x: readonly number[],
  low: readonly number[],
  high: readonly number[],
): LineEstimate | undefined {
  let least = -Infinity
  let most = Infinity
  for (let i = 0; i < x.length; i++)
    for (let j = 0; j < x.length; j++) {
      const apart = x[j]! - x[i]!
      if (apart === 0 && low[j]! > high[i]!) return undefined
      if (!(apart > 0)) continue
      least = Math.max(least, (low[j]! - high[i]!) / apart)
      most = Math.min(most, (high[j]! - low[i]!) / apart)
    }
  if (!Number.isFinite(least) || !(least <= most)) return undefined
  const roomAt = (slope: number) => interceptRoom(slope, x, low, high)
  const areas = [0]
  const slopeAt = (step: number) => least + ((most - least) * step) / STEPS
  for (let step = 1; step <= STEPS; step++)
    areas.push(areas.at(-1)! + roomAt(slopeAt(step - 0.5)).width)
  const half = areas.at(-1)! / 2
  const after = areas.findIndex((area) => area >= half)
  const gained = after > 0 ? areas[after]! - areas[after - 1]! : 0
  const value = slopeAt(
    after > 0 ? after - 1 + (gained > 0 ? (half - areas[after - 1]!) / gained : 0.5) : 0,
  )
  return { slope: { low: least, value, high: most }, intercept: roomAt(value).middle }
}

/** The intercepts left to lines of one slope. */
function interceptRoom(
  slope: number,
  x: readonly number[],
  low: readonly number[],
  high: readonly number[],
) {
  let least = -Infinity
  let most = Infinity
  for (let i = 0; i < x.length; i++) {
    least = Math.max(least, low[i]! - slope * x[i]!)
    most = Math.min(most, high[i]! - slope * x[i]!)
  }
  return { width: Math.max(0, most - least), middle: (least + most) / 2 }
}
