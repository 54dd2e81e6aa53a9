import type { Belief } from '../inference/belief'
import { membersAt } from '../inference/sets'
import type { SignModel } from '../inference/model'

/** How often a reading shows the state that is there; the rest is spread over the other states. */
const READING_RIGHT = 0.9

/** The heaviest sets of a belief as they are now, with what each would show. */
export class Prediction {
  /** faults present now of each set */
  readonly members: readonly (readonly number[])[]
  /** P(set), made to sum to one */
  readonly weights: Float64Array
  /** mass of the sets left out */
  readonly lost: number
  /** the members again, three for each set, the number of faults for none */
  readonly flat: Int16Array
  private readonly conditionsGiven: Float64Array
  private readonly known = new Map<string, Float64Array>()
  private readonly rows = new Map<string, Float64Array>()

  constructor(
    readonly belief: Belief,
    count = 1200,
  ) {
    const sorted = belief.heaviestSets(count)
    this.members =
      belief.epochs === 1
        ? sorted.map((s) => membersAt(belief.model.members, s))
        : sorted.map((s) => belief.present(s))
    const mass = sorted.reduce((sum, s) => sum + belief.sets[s]!, 0)
    this.weights = Float64Array.from(sorted, (s) => belief.sets[s]! / mass)
    this.lost = 1 - mass
    this.flat = new Int16Array(3 * sorted.length).fill(belief.model.faults.length)
    this.members.forEach((list, i) => list.forEach((f, k) => (this.flat[3 * i + k] = f)))
    this.conditionsGiven = belief.conditionsOf(sorted)
  }

  /** Information of one reading of the sign under these weights of the sets, bits. */
  bits(weights: Float64Array, sign: SignModel): number {
    const given = this.of(sign)
    let rows = this.rows.get(sign.sign.id)
    if (!rows) this.rows.set(sign.sign.id, (rows = rowEntropies(given, sign.columns + 1)))
    return signBits(weights, given, sign.columns + 1, rows)
  }

  /** P(reading shows state j | set i), sets × states of the sign, hidden conditions summed out given the evidence. */
  of(sign: SignModel): Float64Array {
    const known = this.known.get(sign.sign.id)
    if (known) return known
    const { columns, dense } = sign
    const states = columns + 1
    const K = this.belief.model.conditions.length
    const count = this.members.length
    const out = new Float64Array(count * states)
    const used: number[] = []
    for (let k = 0; k < K; k++) if ((sign.conditions >> k) & 1) used.push(k)
    const leaks = Array.from({ length: 1 << used.length }, (_, combination) =>
      this.leakUnder(sign, used, combination),
    )
    const byFault = sign.overrides.filter((o) => o.fault >= 0)
    const wrong = (1 - READING_RIGHT) / Math.max(1, states - 1)
    const { flat } = this
    for (let i = 0; i < count; i++) {
      const a = flat[3 * i]!
      const b = flat[3 * i + 1]!
      const c = flat[3 * i + 2]!
      const decided = byFault.find((o) => o.fault === a || o.fault === b || o.fault === c)
      for (let combination = 0; combination < leaks.length; combination++) {
        let p = 1
        for (let bit = 0; bit < used.length; bit++) {
          const q = this.conditionsGiven[i * K + used[bit]!]!
          p *= (combination >> bit) & 1 ? q : 1 - q
        }
        if (p < 1e-9) continue
        const { below, fixed } = leaks[combination]!
        let lower = 0
        for (let j = 0; j < states; j++) {
          let upTo = 1
          if (j < columns) {
            if (decided) upTo = decided.below[j]!
            else
              upTo = fixed
                ? below[j]!
                : below[j]! *
                  dense[a * columns + j]! *
                  dense[b * columns + j]! *
                  dense[c * columns + j]!
          }
          out[i * states + j]! += p * (upTo - lower)
          lower = upTo
        }
      }
      for (let j = 0; j < states; j++)
        out[i * states + j] =
          READING_RIGHT * out[i * states + j]! + wrong * (1 - out[i * states + j]!)
    }
    this.known.set(sign.sign.id, out)
    return out
  }

  /** P(less than state j + 1) before any fault speaks, under one state of the sign's conditions; fixed where a condition overrides. */
  private leakUnder(
    sign: SignModel,
    used: readonly number[],
    combination: number,
  ): { below: Float64Array; fixed: boolean } {
    const on = (k: number) => (combination >> used.indexOf(k)) & 1
    const override = sign.overrides.find(
      (o) => o.fault < 0 && on(o.condition) === (o.present ? 1 : 0),
    )
    if (override) return { below: override.below, fixed: true }
    const below = Float64Array.from(sign.leakBelow)
    for (const cause of sign.causes)
      if (on(cause.condition)) for (let j = 0; j < below.length; j++) below[j]! *= cause.below[j]!
    return { below, fixed: false }
  }
}

/** Entropy in bits of probabilities that sum to one. */
export function entropyBits(probabilities: ArrayLike<number>): number {
  let sum = 0
  for (let i = 0; i < probabilities.length; i++)
    if (probabilities[i]! > 0) sum -= probabilities[i]! * Math.log2(probabilities[i]!)
  return sum
}

/** Σ_j p·log2 p of each row of a prediction: what a reading of the sign leaves open in each set, negative bits. */
export function rowEntropies(given: Float64Array, states: number): Float64Array {
  const out = new Float64Array(given.length / states)
  for (let i = 0; i < out.length; i++)
    for (let j = 0; j < states; j++) {
      const p = given[i * states + j]!
      if (p > 0) out[i]! += p * Math.log2(p)
    }
  return out
}

/** Information of one reading of a sign about the set, bits: Σ_S P(S)·Σ_j P(j|S)·log2 P(j|S) − Σ_j P(j)·log2 P(j). */
export function signBits(
  weights: Float64Array,
  given: Float64Array,
  states: number,
  rows = rowEntropies(given, states),
): number {
  const total = new Float64Array(states)
  let bits = 0
  for (let i = 0; i < weights.length; i++) {
    const w = weights[i]!
    bits += w * rows[i]!
    for (let j = 0; j < states; j++) total[j]! += w * given[i * states + j]!
  }
  for (let j = 0; j < states; j++) if (total[j]! > 0) bits -= total[j]! * Math.log2(total[j]!)
  return Math.max(0, bits)
}
