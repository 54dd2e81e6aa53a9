import type { Belief } from '../inference/belief'
import { scopeOf } from '../inference/conditions-of-epoch'
import { firstOf } from '../inference/sign-classes'
import type { SignModel } from '../inference/sign-model'

/** How often a reading shows the state that is there; the rest is spread over the other states. */
const READING_RIGHT = 0.9

/** Heaviest sets that planning reckons with; what they leave out is reported. */
const SETS = 600

const made = new WeakMap<Belief, Prediction>()

/** What the checks of a case would show: one prediction that planning shares. */
export function predictionOf(belief: Belief): Prediction {
  const known = made.get(belief) ?? new Prediction(belief)
  made.set(belief, known)
  return known
}

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
    count = SETS,
  ) {
    const sets = belief.heaviestSets(count)
    this.members = sets.map((set) => belief.present(set))
    const mass = sets.reduce((sum, { probability }) => sum + probability, 0)
    this.weights = Float64Array.from(sets, ({ probability }) => probability / mass)
    this.lost = 1 - mass
    this.flat = new Int16Array(3 * sets.length).fill(belief.model.faults.length)
    this.members.forEach((list, i) => list.forEach((f, k) => (this.flat[3 * i + k] = f)))
    this.conditionsGiven = belief.conditionsOf(sets)
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
    const states = sign.columns + 1
    const count = this.members.length
    const out = new Float64Array(count * states)
    const used = scopeOf(sign.conditions)
    const leaks = Array.from({ length: 1 << used.length }, (_, combination) =>
      this.leakUnder(sign, used, combination),
    )
    const classes = this.classesOf(sign)
    for (let i = 0; i < count; i++)
      leaks.forEach((leak, combination) => {
        const p = this.chanceOf(i, used, combination)
        if (p > 1e-9) addStates(out, i * states, p, sign, leak, classes, 3 * i)
      })
    const wrong = (1 - READING_RIGHT) / Math.max(1, states - 1)
    for (let at = 0; at < out.length; at++)
      out[at] = READING_RIGHT * out[at]! + wrong * (1 - out[at]!)
    this.known.set(sign.sign.id, out)
    return out
  }

  /** Classes in a sign of the members of each set, three for each; 0 for none. */
  private classesOf({ classes: { classOf } }: SignModel): Uint8Array {
    const none = this.belief.model.faults.length
    return Uint8Array.from(this.flat, (f) => (f === none ? 0 : classOf[f]!))
  }

  /** P(the conditions used are in this combination | set, evidence), each taken by itself. */
  private chanceOf(set: number, used: readonly number[], combination: number): number {
    const at = set * this.belief.model.conditions.length
    let p = 1
    for (let bit = 0; bit < used.length; bit++) {
      const q = this.conditionsGiven[at + used[bit]!]!
      p *= (combination >> bit) & 1 ? q : 1 - q
    }
    return p
  }

  /** P(less than state j + 1) before any fault speaks, under one state of the sign's conditions; fixed where a condition overrides. */
  private leakUnder(sign: SignModel, used: readonly number[], combination: number): Leak {
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

interface Leak {
  below: Float64Array
  fixed: boolean
}

/** Adds p · P(state | members of a set) for every state; the members' classes stand at `at`. */
function addStates(
  out: Float64Array,
  from: number,
  p: number,
  { columns, classes: { below, override }, overrides }: SignModel,
  leak: Leak,
  classes: Uint8Array,
  at: number,
): void {
  const [a, b, c] = [classes[at]!, classes[at + 1]!, classes[at + 2]!]
  const by = firstOf(override[a]!, override[b]!, override[c]!)
  const decided = by >= 0 ? overrides[by]!.below : leak.fixed ? leak.below : undefined
  let lower = 0
  for (let j = 0; j < columns; j++) {
    const upTo = decided
      ? decided[j]!
      : leak.below[j]! * below[a * columns + j]! * below[b * columns + j]! * below[c * columns + j]!
    out[from + j]! += p * (upTo - lower)
    lower = upTo
  }
  out[from + columns]! += p * (1 - lower)
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
