/**
 * How alike two cases are by what was seen in them, 0 to 1: of all that was seen in either, the share that was seen in
 * both, each sign weighed by how rarely it is seen (weighted Jaccard index). What every case shows tells nothing.
 * @example likeness(['a:yes', 'b:no'], ['a:yes'], () => 1) // 0.5
 */
export function likeness(
  a: readonly string[],
  b: readonly string[],
  weightOf: (sign: string) => number,
): number {
  const other = new Set(b)
  const both = a.filter((sign) => other.has(sign))
  const sum = (signs: readonly string[]) => signs.reduce((total, sign) => total + weightOf(sign), 0)
  const shared = sum(both)
  const all = sum(a) + sum(b) - shared
  return all > 0 ? shared / all : 0
}

/**
 * What a sign weighs that was seen in so many of so many cases, bits: −log2 of its share, with one case more of each so
 * that what was never seen weighs something and what every case has next to nothing.
 * @example signWeight(0, 1) // 1
 */
export const signWeight = (seenIn: number, cases: number): number =>
  Math.log2((cases + 1) / (Math.min(seenIn, cases) + 1))
