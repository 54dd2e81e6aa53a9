import type { Twins } from './twins'
import type { Few, Weights } from './weights'

/** A set of faults from the beginning, rising, perhaps with a newcomer beside them. */
export interface WeighedSet {
  faults: readonly number[]
  /** place among the newcomers, −1 for none */
  newcomer: number
  probability: number
}

/** Twins i ≤ j ≤ k of a multiset, −1 for none, before them; its weight, and the share of its heaviest set in that. */
type Visit = (
  i: number,
  j: number,
  k: number,
  newcomer: number,
  weight: number,
  share: number,
) => void

/** Share of the heaviest set in sets of one, two and three of each class of twins. */
interface TopShares {
  one: Float64Array
  two: Float64Array
  three: Float64Array
}

/** Share of the heaviest set in the sets of three twins i ≤ j ≤ k. */
function shareOfThree({ one, two, three }: TopShares, i: number, j: number, k: number): number {
  if (j === k) return i === j ? three[i]! : one[i]! * two[j]!
  return (i === j ? two[i]! : one[i]! * one[j]!) * one[k]!
}

/** Counts the heaviest sets of i, j and each k ≥ j by magnitude; `at` is where the row stands. */
function tallyRow(
  tally: Int32Array,
  three: Float64Array,
  at: number,
  i: number,
  j: number,
  shares: TopShares,
  scale: number,
): void {
  const { one, two } = shares
  const pair = scale * (i === j ? two[i]! : one[i]! * one[j]!)
  const alike = three[at + j]! * scale * shareOfThree(shares, i, j, j)
  if (alike > 0) tally[magnitudeOf(alike)]!++
  for (let k = j + 1; k < one.length; k++) {
    const top = three[at + k]! * pair * one[k]!
    if (top > 0) tally[magnitudeOf(top)]!++
  }
}

/** Finds the heaviest sets among so many without going through all of them, or goes through all of them. */
export class HeavySets {
  /** the heaviest that were asked for so far */
  private found: readonly WeighedSet[] = []

  constructor(
    private readonly weights: Weights,
    private readonly twins: Twins,
    private readonly odds: Float64Array,
    private readonly total: number,
  ) {}

  /**
   * Up to `count` of the heaviest sets, heaviest first. A multiset of twins is as heavy as its heaviest set; those that
   * may hold one of the heaviest are found by a tally of magnitudes, and only their sets are looked at one by one.
   */
  heaviest(count: number): readonly WeighedSet[] {
    if (this.found.length < count) this.found = this.find(count)
    return this.found.slice(0, count)
  }

  private find(count: number): WeighedSet[] {
    const { total } = this
    const shares = this.topShares()
    const least = leastOf(this.tally(shares), count)
    const floor = total * leastWith(least)
    const found: WeighedSet[] = []
    this.eachMultiset(
      shares,
      (i, j, k, newcomer, weight, share) => {
        if (magnitudeOf((weight * share) / total) <= least)
          this.expand(i, j, k, newcomer, weight / total, least, found)
      },
      floor,
    )
    return found.sort((a, b) => b.probability - a.probability).slice(0, count)
  }

  /** How many multisets have a heaviest set of each magnitude. */
  private tally(shares: TopShares): Int32Array {
    const { twins, row, three, beside } = this.weights
    const tally = new Int32Array(MAGNITUDES)
    const count = (...[, , , , weight, share]: Parameters<Visit>) =>
      void tally[magnitudeOf((weight * share) / this.total)]!++
    this.eachOfFew(this.weights, -1, shares, count)
    beside.forEach((block, newcomer) => this.eachOfFew(block, newcomer, shares, count))
    for (let i = 0; i < twins; i++)
      for (let j = i; j < twins; j++)
        tallyRow(tally, three, row[i * twins + j]!, i, j, shares, 1 / this.total)
    return tally
  }

  /** Every set that has a weight. */
  all(): WeighedSet[] {
    const found: WeighedSet[] = []
    this.eachMultiset(this.topShares(), (i, j, k, newcomer, weight) =>
      this.expand(i, j, k, newcomer, weight / this.total, MAGNITUDES, found),
    )
    return found
  }

  /** Every multiset that weighs more than `floor`. */
  private eachMultiset(shares: TopShares, visit: Visit, floor = 0): void {
    const { twins: count, row, three, beside } = this.weights
    this.eachOfFew(this.weights, -1, shares, visit)
    beside.forEach((block, newcomer) => this.eachOfFew(block, newcomer, shares, visit))
    for (let i = 0; i < count; i++)
      for (let j = i; j < count; j++) {
        const at = row[i * count + j]!
        for (let k = j; k < count; k++) {
          const weight = three[at + k]!
          if (weight > floor) visit(i, j, k, -1, weight, shareOfThree(shares, i, j, k))
        }
      }
  }

  private eachOfFew(
    { none, one: single, two: double }: Few,
    newcomer: number,
    { one, two }: TopShares,
    visit: Visit,
  ): void {
    const count = single.length
    if (none > 0) visit(-1, -1, -1, newcomer, none, 1)
    for (let i = 0; i < count; i++) {
      if (single[i]! > 0) visit(-1, -1, i, newcomer, single[i]!, one[i]!)
      for (let j = i; j < count; j++) {
        const weight = double[i * count + j]!
        if (weight > 0) visit(-1, i, j, newcomer, weight, i === j ? two[i]! : one[i]! * one[j]!)
      }
    }
  }

  /** Share of the heaviest set in sets of one, two and three of a class of twins. */
  private topShares(): TopShares {
    const { members, e1, e2, e3 } = this.twins
    const top = (list: readonly number[], most: number, sum: number) =>
      sum > 0 ? list.slice(0, most).reduce((p, f) => p * this.odds[f]!, 1) / sum : 0
    return {
      one: e1.map((sum, t) => top(members[t]!, 1, sum)),
      two: e2.map((sum, t) => top(members[t]!, 2, sum)),
      three: e3.map((sum, t) => top(members[t]!, 3, sum)),
    }
  }

  /** Adds the sets of a multiset whose magnitude is `least` or larger, those with large odds first. */
  private expand(
    i: number,
    j: number,
    k: number,
    newcomer: number,
    probability: number,
    least: number,
    into: WeighedSet[],
  ): void {
    const { odds } = this
    const { members, e1, e2, e3 } = this.twins
    const put = (p: number, ...faults: number[]) => {
      if (magnitudeOf(p) > least) return false
      into.push({ faults: faults.sort((a, b) => a - b), newcomer, probability: p })
      return true
    }
    if (k < 0) return void put(probability)
    const last = members[k]!
    if (j < 0) {
      for (const c of last) if (!put((probability / e1[k]!) * odds[c]!, c)) break
      return
    }
    const sum =
      i === k
        ? e3[k]!
        : j === k
          ? e2[k]! * (i < 0 ? 1 : e1[i]!)
          : (i === j ? e2[j]! : e1[j]! * (i < 0 ? 1 : e1[i]!)) * e1[k]!
    const first = i < 0 ? NOBODY : members[i]!
    const second = members[j]!
    for (let x = 0; x < first.length; x++) {
      const a = first[x]!
      const p = (probability / sum) * (a < 0 ? 1 : odds[a]!)
      let any = false
      for (let y = i === j ? x + 1 : 0; y < second.length; y++) {
        const b = second[y]!
        let anyThird = false
        for (let z = j === k ? y + 1 : 0; z < last.length; z++) {
          const c = last[z]!
          const isPut =
            a < 0 ? put(p * odds[b]! * odds[c]!, b, c) : put(p * odds[b]! * odds[c]!, a, b, c)
          if (!isPut) break
          anyThird = true
        }
        if (!anyThird) break
        any = true
      }
      if (!any) break
    }
  }
}

/** In place of the twins of a first member that there is none of. */
const NOBODY: readonly number[] = [-1]

/** Magnitudes of a probability: 16 for each halving, 0 for ½ and more, the last for all that is very small. */
const MAGNITUDES = 1024
const number = new Float64Array(1)
const words = new Uint32Array(number.buffer)

/** Magnitude of a probability, read off its bits, which is faster than a logarithm. */
function magnitudeOf(probability: number): number {
  number[0] = probability
  const high = words[1]!
  const magnitude = ((1022 - ((high >>> 20) & 2047)) << 4) + 15 - ((high >>> 16) & 15)
  return magnitude < 0 ? 0 : magnitude >= MAGNITUDES ? MAGNITUDES - 1 : magnitude
}

/** The first magnitude up to which there are so many. */
function leastOf(tally: Int32Array, count: number): number {
  let least = 0
  for (let sum = tally[0]!; sum < count && least < MAGNITUDES - 1;) sum += tally[++least]!
  return least
}

/** A number below every probability of this magnitude or a larger one. */
const leastWith = (magnitude: number): number =>
  magnitude >= MAGNITUDES - 1 ? 0 : 2 ** -(Math.floor(magnitude / 16) + 2)
