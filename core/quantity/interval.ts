/** A 90 % interval, in the unit of what it belongs to. Every interval of the product is of this level. */
export interface Interval {
  low: number
  high: number
}

/** The likeliest value with its 90 % interval around it. */
export interface Estimate extends Interval {
  value: number
}

/** Half width of a 90 % interval in standard deviations of a normal error. */
export const Z90 = 1.6448536269514722

/**
 * 90 % interval of a figure with a normal error of the given standard deviation.
 * @example intervalAround(10, 1) // { low: 8.355, high: 11.645 }
 */
export function intervalAround(value: number, sd: number): Interval {
  return { low: value - Z90 * sd, high: value + Z90 * sd }
}
