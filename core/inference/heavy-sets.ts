import type { Twins } from './twins'
import type { Few, Weights } from './weights'

/** A set of faults from the beginning, rising, perhaps with a newcomer beside them. */
export interface WeighedSet {
  faults: readonly number[]
  /** place among the newcomers, −1 for none */
  newcomer: number
  probability: number
}

/** Finds the heaviest sets among so many without going through all of them, or goes through all of them. */
export class HeavySets {
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
  heaviest(count: number): WeighedSet[] {
    const tally = new Int32Array(MAGNITUDES)
    this.eachMultiset((weight, share) => void tally[magnitudeOf((weight * share) / this.total)]!++)
    const least = leastOf(tally, count)
    const found: WeighedSet[] = []
    const held = new Int32Array(MAGNITUDES)
    this.eachMultiset((weight, share, members, newcomer) => {
      if (magnitudeOf((weight * share) / this.total) > least) return
      this.expand(weight / this.total, members, newcomer, (set) => {
        const magnitude = magnitudeOf(set.probability)
        if (magnitude > least) return false
        held[magnitude]!++
        found.push(set)
        return true
      })
    })
    const enough = leastOf(held, count)
    return found
      .filter(({ probability }) => magnitudeOf(probability) <= enough)
      .sort((a, b) => b.probability - a.probability)
      .slice(0, count)
  }

  /** Every set that has a weight. */
  all(): WeighedSet[] {
    const found: WeighedSet[] = []
    this.eachMultiset((weight, _, members, newcomer) =>
      this.expand(weight / this.total, members, newcomer, (set) => found.push(set) > 0),
    )
    return found
  }

  /** Every multiset of twins: its weight, the share of its heaviest set in that, its twins, rising, and the newcomer. */
  private eachMultiset(
    visit: (weight: number, share: number, twins: readonly number[], newcomer: number) => void,
  ): void {
    const { twins: count, row, three, beside } = this.weights
    const { one, two, three: ofThree } = this.topShares()
    const few = (block: Few, newcomer: number) => {
      visit(block.none, 1, [], newcomer)
      for (let i = 0; i < count; i++) {
        visit(block.one[i]!, one[i]!, [i], newcomer)
        for (let j = i; j < count; j++)
          visit(block.two[i * count + j]!, i === j ? two[i]! : one[i]! * one[j]!, [i, j], newcomer)
      }
    }
    few(this.weights, -1)
    beside.forEach(few)
    for (let i = 0; i < count; i++)
      for (let j = i; j < count; j++)
        for (let k = j; k < count; k++) {
          const weight = three[row[i * count + j]! + k]!
          if (weight === 0) continue
          const pair = i === j ? two[i]! : j === k ? two[j]! : one[i]! * one[j]!
          const share = i === k ? ofThree[i]! : pair * one[i === j ? k : j === k ? i : k]!
          visit(weight, share, [i, j, k], -1)
        }
  }

  /** Share of the heaviest set in sets of one, two and three of a class of twins. */
  private topShares() {
    const { members, e1, e2, e3 } = this.twins
    const top = (list: readonly number[], most: number, sum: number) =>
      sum > 0 ? list.slice(0, most).reduce((p, f) => p * this.odds[f]!, 1) / sum : 0
    return {
      one: e1.map((sum, t) => top(members[t]!, 1, sum)),
      two: e2.map((sum, t) => top(members[t]!, 2, sum)),
      three: e3.map((sum, t) => top(members[t]!, 3, sum)),
    }
  }

  /** The sets of a multiset, those with large odds first; `take` says whether to go on along a list of twins. */
  private expand(
    weight: number,
    twins: readonly number[],
    newcomer: number,
    take: (set: WeighedSet) => boolean,
  ): void {
    const { members, e1, e2, e3 } = this.twins
    const times = (t: number) => twins.filter((other) => other === t).length
    const sums = [...new Set(twins)].reduce(
      (product, t) => product * [e1, e2, e3][times(t) - 1]![t]!,
      1,
    )
    const choose = (at: number, faults: readonly number[], odds: number): boolean => {
      if (at === twins.length) {
        const probability = (weight * odds) / sums
        return take({ faults: faults.toSorted((a, b) => a - b), newcomer, probability })
      }
      const list = members[twins[at]!]!
      const isAgain = at > 0 && twins[at - 1] === twins[at]
      const from = isAgain ? list.indexOf(faults.at(-1)!) + 1 : 0
      let any = false
      for (let x = from; x < list.length; x++) {
        const f = list[x]!
        if (!choose(at + 1, [...faults, f], odds * this.odds[f]!)) break
        any = true
      }
      return any
    }
    if (weight > 0) choose(0, [], 1)
  }
}

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
