import type { Belief } from '../inference/belief'
import { scopeOf } from '../inference/conditions-of-epoch'
import { firstOf } from '../inference/sign-classes'
import type { SignModel } from '../inference/sign-model'
import { shownOf, signBits, type Shown } from './shown'

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
  private readonly known = new Map<string, Shown>()
  /** a row for each set */
  private readonly apart: Uint16Array

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
    this.apart = Uint16Array.from({ length: sets.length }, (_, i) => i)
    this.conditionsGiven = belief.conditionsOf(sets)
  }

  /** Information of one reading of the sign under these weights of the sets, bits. */
  bits(weights: Float64Array, sign: SignModel): number {
    return signBits(weights, this.of(sign))
  }

  /** What a reading of the sign would show, hidden conditions summed out given the evidence. */
  of(sign: SignModel): Shown {
    const known = this.known.get(sign.sign.id)
    if (known) return known
    const classes = this.classesOf(sign)
    const row = sign.conditions === 0 ? rowsOf(classes, sign.classes.count) : this.apart
    const shown = shownOf(sign.columns + 1, row, this.chancesOf(sign, classes, row))
    this.known.set(sign.sign.id, shown)
    return shown
  }

  /** P(state | a set of the row) of every row, errors of the reading included. */
  private chancesOf(sign: SignModel, classes: Uint8Array, row: Uint16Array): Float64Array {
    const states = sign.columns + 1
    let rows = 0
    for (let i = 0; i < row.length; i++) if (row[i]! >= rows) rows = row[i]! + 1
    const out = new Float64Array(rows * states)
    const used = scopeOf(sign.conditions)
    const leaks = Array.from({ length: 1 << used.length }, (_, combination) =>
      this.leakUnder(sign, used, combination),
    )
    let done = -1
    for (let i = 0; i < row.length; i++) {
      if (row[i]! <= done) continue
      done = row[i]!
      for (let combination = 0; combination < leaks.length; combination++) {
        const p = this.chanceOf(i, used, combination)
        if (p > 1e-9) addStates(out, done * states, p, sign, leaks[combination]!, classes, 3 * i)
      }
    }
    const wrong = (1 - READING_RIGHT) / Math.max(1, states - 1)
    for (let at = 0; at < out.length; at++)
      out[at] = READING_RIGHT * out[at]! + wrong * (1 - out[at]!)
    return out
  }

  /** Classes in a sign of the members of each set, three for each; 0 for none. */
  private classesOf({ classes: { classOf } }: SignModel): Uint8Array {
    const { flat } = this
    const none = classOf.length
    const out = new Uint8Array(flat.length)
    for (let at = 0; at < flat.length; at++) if (flat[at] !== none) out[at] = classOf[flat[at]!]!
    return out
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

/** Rows of sets whose members are of the same classes, numbered as they are met. */
function rowsOf(classes: Uint8Array, count: number): Uint16Array {
  const known = new Int16Array(count ** 3).fill(-1)
  const row = new Uint16Array(classes.length / 3)
  let rows = 0
  for (let i = 0; i < row.length; i++) {
    const key = (classes[3 * i]! * count + classes[3 * i + 1]!) * count + classes[3 * i + 2]!
    if (known[key]! < 0) known[key] = rows++
    row[i] = known[key]!
  }
  return row
}
