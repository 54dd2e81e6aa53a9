import type { Belief } from './belief'
import type { Few } from './weights'

/** P(set) of single sets of elements, from the weights of their twins. */
export class SetWeigher {
  private readonly perOdds: Float64Array

  constructor(private readonly belief: Belief) {
    const { odds } = belief.model.weights
    const { of, e1 } = belief.twins
    this.perOdds = odds.map((o, f) => o / e1[of[f]!]!)
  }

  /** P(the set of these two or three elements); −1 for no third. */
  weightOf(a: number, b: number, c: number): number {
    const { weights, counts, elements } = this.belief
    const n = elements.faults
    if (a < n && b < n && c < n)
      return (c < 0 ? this.two(weights, a, b) : this.three(a, b, c)) / counts.total
    const newcomers = Number(a >= n) + Number(b >= n) + Number(c >= n)
    if (newcomers > 1) return 0
    const block = weights.beside[Math.max(a, b, c) - n]!
    const [first, second] = a >= n ? [b, c] : b >= n ? [a, c] : [a, b]
    return (second < 0 ? this.one(block, first) : this.two(block, first, second)) / counts.total
  }

  /** P(two faults are both there now). */
  together(f: number, g: number): number {
    const { fault, standsIn } = this.belief.elements
    const stands = standsIn.at(-1)!
    const elements = [...fault.keys()]
    const of = (wanted: number) => elements.filter((e) => fault[e] === wanted && stands[e])
    let sum = 0
    for (const a of of(f))
      for (const b of of(g)) {
        sum += this.weightOf(a, b, -1)
        for (const c of elements) if (c !== a && c !== b) sum += this.weightOf(a, b, c)
      }
    return sum
  }

  private one({ one }: Few, a: number): number {
    return one[this.belief.twins.of[a]!]! * this.perOdds[a]!
  }

  private two({ two }: Few, a: number, b: number): number {
    const { twins } = this.belief
    const [i, j] = [twins.of[a]!, twins.of[b]!]
    const whole = two[i < j ? i * twins.count + j : j * twins.count + i]!
    return whole * this.perOdds[a]! * this.perOdds[b]! * (i === j ? this.alike(i, 2) : 1)
  }

  private three(a: number, b: number, c: number): number {
    const { twins, weights } = this.belief
    const { of, count } = twins
    let [i, j, k] = [of[a]!, of[b]!, of[c]!]
    if (i > j) [i, j] = [j, i]
    if (j > k) [j, k] = [k, j]
    if (i > j) [i, j] = [j, i]
    const whole = weights.three[weights.row[i * count + j]! + k]!
    if (whole === 0) return 0
    const alike = i === k ? this.alike(i, 3) : i === j || j === k ? this.alike(j, 2) : 1
    return whole * this.perOdds[a]! * this.perOdds[b]! * this.perOdds[c]! * alike
  }

  /** E1 to the power over the symmetric sum of that many faults of a class. */
  private alike(twin: number, times: 2 | 3): number {
    const { e1, e2, e3 } = this.belief.twins
    const sum = times === 2 ? e2[twin]! : e3[twin]!
    return sum > 0 ? e1[twin]! ** times / sum : 0
  }
}
