import { Z90 } from '../quantity/interval'
import { fitLine, type Line } from './line'

export interface ChangePoint {
  at: number
  /** where the two-line fit is nearly as good: residual sum within the 90 % bound of an F test on one parameter */
  low: number
  high: number
  before: Line
  after: Line
  /** residual sum of squares of one line over that of two, less one: how much the break explains */
  gain: number
}

/**
 * The moment at which a series changes its slope: two straight lines fitted by least squares, the break tried
 * between every pair of neighbours with at least `least` points on each side. O(n²) sums are avoided by running
 * sums. Returns undefined for fewer than 2·least points. x must rise.
 * @example changePoint([0, 1, 2, 3, 4, 5, 6, 7, 8], [0, 0, 0, 0, 0, 2, 4, 6, 8])?.at // 4
 */
export function changePoint(
  x: readonly number[],
  y: readonly number[],
  least = 4,
): ChangePoint | undefined {
  const n = x.length
  if (n < 2 * least) return undefined
  const prefix = running(x, y)
  const suffix = running([...x].reverse(), [...y].reverse())
  const sums = Array.from({ length: n - 1 }, (_, i) =>
    i + 1 >= least && n - i - 1 >= least ? prefix[i + 1]! + suffix[n - i - 1]! : Infinity,
  )
  let best = 0
  sums.forEach((sum, i) => {
    if (sum < sums[best]!) best = i
  })
  const freedom = Math.max(1, n - 4)
  const bound = sums[best]! * (1 + Z90 ** 2 / freedom) + 1e-12
  const near = sums
    .map((sum, i) => ({ sum, i }))
    .filter((c) => c.sum <= bound)
    .map((c) => c.i)
  const middle = (i: number) => (x[i]! + x[i + 1]!) / 2
  return {
    at: middle(best),
    low: x[near[0]!]!,
    high: x[near.at(-1)! + 1]!,
    before: fitLine(x.slice(0, best + 1), y.slice(0, best + 1)),
    after: fitLine(x.slice(best + 1), y.slice(best + 1)),
    gain: prefix[n]! / Math.max(sums[best]!, 1e-12) - 1,
  }
}

/** Residual sum of squares of a line through the first k points, for every k. */
function running(x: readonly number[], y: readonly number[]): number[] {
  const out = [0]
  let n = 0
  let mx = 0
  let my = 0
  let sxx = 0
  let sxy = 0
  let syy = 0
  for (let i = 0; i < x.length; i++) {
    n++
    const dx = x[i]! - mx
    const dy = y[i]! - my
    mx += dx / n
    my += dy / n
    sxx += dx * (x[i]! - mx)
    sxy += dx * (y[i]! - my)
    syy += dy * (y[i]! - my)
    out.push(sxx > 0 ? Math.max(0, syy - (sxy * sxy) / sxx) : syy)
  }
  return out
}
