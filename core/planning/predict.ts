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
  private readonly conditionsGiven: Float64Array
  private readonly known = new Map<string, Float64Array>()

  constructor(
    readonly belief: Belief,
    count = 1200,
  ) {
    const sorted = belief.heaviestSets(count)
    this.members = belief.epochs === 1 ? sorted.map((s) => membersAt(belief.model.members, s)) : sorted.map((s) => belief.present(s))
    const mass = sorted.reduce((sum, s) => sum + belief.sets[s]!, 0)
    this.weights = Float64Array.from(sorted, (s) => belief.sets[s]! / mass)
    this.lost = 1 - mass
    this.conditionsGiven = belief.conditionsOf(sorted)
  }

  /** P(reading shows state j | set i), sets × states of the sign, hidden conditions summed out given the evidence. */
  of(sign: SignModel): Float64Array {
    const known = this.known.get(sign.sign.id)
    if (known) return known
    const states = sign.columns + 1
    const K = this.belief.model.conditions.length
    const out = new Float64Array(this.members.length * states)
    const used = this.belief.model.conditions.map((_, k) => k).filter((k) => (sign.conditions >> k) & 1)
    const below = new Float64Array(sign.columns)
    this.members.forEach((members, i) => {
      for (let combination = 0; combination < 1 << used.length; combination++) {
        let p = 1
        let holds = 0
        used.forEach((k, bit) => {
          const q = this.conditionsGiven[i * K + k]!
          const on = (combination >> bit) & 1
          p *= on ? q : 1 - q
          holds |= on << k
        })
        if (p < 1e-9) continue
        this.belowGiven(sign, members, holds, below)
        let lower = 0
        for (let j = 0; j < states; j++) {
          const upTo = j < sign.columns ? below[j]! : 1
          out[i * states + j]! += p * (upTo - lower)
          lower = upTo
        }
      }
      for (let j = 0; j < states; j++) out[i * states + j] = READING_RIGHT * out[i * states + j]! + ((1 - READING_RIGHT) / Math.max(1, states - 1)) * (1 - out[i * states + j]!)
    })
    this.known.set(sign.sign.id, out)
    return out
  }

  private belowGiven(sign: SignModel, members: readonly number[], holds: number, below: Float64Array) {
    for (const o of sign.overrides)
      if (o.fault >= 0 ? members.includes(o.fault) : ((holds >> o.condition) & 1) === (o.present ? 1 : 0)) return void below.set(o.below)
    below.set(sign.leakBelow)
    for (const cause of sign.causes) if ((holds >> cause.condition) & 1) for (let j = 0; j < below.length; j++) below[j]! *= cause.below[j]!
    for (const f of members) for (let j = 0; j < below.length; j++) below[j]! *= sign.dense[f * sign.columns + j]!
  }
}

/** Entropy in bits of probabilities that sum to one. */
export function entropyBits(probabilities: ArrayLike<number>): number {
  let sum = 0
  for (let i = 0; i < probabilities.length; i++) if (probabilities[i]! > 0) sum -= probabilities[i]! * Math.log2(probabilities[i]!)
  return sum
}

/** Information of one reading of a sign about the set, bits: Σ_j Σ_S P(S)·P(j|S)·log2(P(j|S)/P(j)). */
export function signBits(weights: Float64Array, given: Float64Array, states: number): number {
  const total = new Float64Array(states)
  for (let i = 0; i < weights.length; i++) for (let j = 0; j < states; j++) total[j]! += weights[i]! * given[i * states + j]!
  let bits = 0
  for (let i = 0; i < weights.length; i++) {
    const w = weights[i]!
    if (w < 1e-7) continue
    for (let j = 0; j < states; j++) {
      const p = given[i * states + j]!
      if (p > 0) bits += w * p * Math.log2(p / total[j]!)
    }
  }
  return Math.max(0, bits)
}
