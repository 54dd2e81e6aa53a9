import type { Fault } from '../knowledge/types'

/** Prior weights of sets: `nothing` for the empty one, scale · Π odds of its members for any other. */
export interface PriorWeights {
  odds: Float64Array
  scale: number
  nothing: number
  /** members that a set has at most */
  most: number
}

/**
 * Odds of each fault, so that sets weighted by the product of their members' odds, cut off at `most` members and
 * without two of one class, have the given marginals to 1e-13. The sums over sets are the coefficients of
 * Π_classes (1 + t·Σ odds of the class) up to t^most, so no set is enumerated. RangeError when the priors ask for
 * more than truncated sets can carry.
 */
export function fitOdds(
  faults: readonly Fault[],
  prior: Float64Array,
  nothing: number,
  most: number,
): PriorWeights {
  const n = prior.length
  const { classOf, count } = exclusionsOf(faults)
  const odds = Float64Array.from(prior, (p) => p / (1 - p))
  const sums = new Float64Array(count)
  for (let iteration = 0; iteration < 20_000; iteration++) {
    sums.fill(0)
    for (let f = 0; f < n; f++) sums[classOf[f]!]! += odds[f]!
    const all = coefficients(sums, most)
    let total = 0
    for (let k = 1; k <= most; k++) total += all[k]!
    let worst = 0
    const next = Float64Array.from(odds)
    for (let f = 0; f < n; f++) {
      const own = sums[classOf[f]!]!
      let rest = 0
      let without = 0
      for (let k = 0; k < most; k++) {
        without = all[k]! - own * without
        rest += without
      }
      const ratio = (prior[f]! * total) / ((1 - nothing) * odds[f]! * rest)
      worst = Math.max(worst, Math.abs(ratio - 1))
      next[f] = odds[f]! * ratio
    }
    if (worst < 1e-13) return { odds, scale: (1 - nothing) / total, nothing, most }
    if (!(worst < 1e6)) break
    odds.set(next)
  }
  throw new RangeError('the priors cannot be met by sets of so few faults')
}

/** Classes of which a set holds one fault at most; a fault that excludes no other is a class of its own. */
export function exclusionsOf(faults: readonly Fault[]): { classOf: Int16Array; count: number } {
  const classes = new Map<string, number>()
  const classOf = Int16Array.from(faults, (fault, f) => {
    const name = fault.excludes ?? `alone:${f}`
    if (!classes.has(name)) classes.set(name, classes.size)
    return classes.get(name)!
  })
  return { classOf, count: classes.size }
}

/** Coefficients of t^0 … t^most of Π (1 + t·sum). */
function coefficients(sums: Float64Array, most: number): Float64Array {
  const all = new Float64Array(most + 1)
  all[0] = 1
  for (const sum of sums) for (let k = most; k > 0; k--) all[k]! += sum * all[k - 1]!
  return all
}
