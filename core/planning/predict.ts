import type { Belief } from '../inference/belief'
import { scopeOf } from '../inference/conditions-of-epoch'
import type { SignModel } from '../inference/sign-model'
import {
  type FlatSets,
  flatSetsOf,
  joined,
  oneRow,
  rowsOfClasses,
  rowsOfValues,
  type SetRows,
} from './set-rows'
import { type Causes, causesOf, readingBits, type Unknown, unknownUnder } from './cause-bits'
import { shownOf, type Shown, type Slabs, slabsFor } from './shown'
import { StateChances } from './state-chances'

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
  /** of P(fault now), what the sets left out have */
  readonly leftOut: Float64Array
  private readonly sets: FlatSets
  private readonly causes: Causes
  /** P(fault now) among these sets */
  readonly faults: Float64Array
  /** P(condition of the book | set, evidence), set by set */
  private readonly conditionsGiven: Float64Array
  private readonly slabs: Slabs
  private readonly known = new Map<string, Shown>()
  private readonly rowsOfMask = new Map<number, SetRows>()

  constructor(
    readonly belief: Belief,
    count = SETS,
  ) {
    const sets = belief.heaviestSets(count)
    this.members = sets.map((set) => belief.present(set))
    const mass = sets.reduce((sum, { probability }) => sum + probability, 0)
    this.weights = Float64Array.from(sets, ({ probability }) => probability / mass)
    this.lost = 1 - mass
    this.causes = causesOf(this.members, belief.faults)
    this.sets = flatSetsOf(this.members, belief.model.faults.length)
    this.slabs = slabsFor(sets.length)
    this.faults = new Float64Array(belief.model.faults.length)
    this.members.forEach((list, i) => list.forEach((f) => (this.faults[f]! += this.weights[i]!)))
    this.leftOut = belief.faults.map((p, f) => Math.max(0, p - (1 - this.lost) * this.faults[f]!))
    this.conditionsGiven = belief.conditionsOf(sets)
  }

  /** The members again, three for each set, the number of faults for none. */
  get flat(): Int16Array {
    return this.sets.flat
  }

  /** What is not known yet under these weights of the sets, which sum to one. */
  unknownIn(weights: Float64Array): Unknown {
    return unknownUnder(weights, this.causes)
  }

  /** Information of one reading of the sign, bits: of the cause mostly. */
  bits(unknown: Unknown, sign: SignModel): number {
    return readingBits(unknown, this.of(sign), this.causes)
  }

  /** What a reading of the sign would show, hidden conditions summed out given the evidence. */
  of(sign: SignModel): Shown {
    const known = this.known.get(sign.sign.id)
    if (known) return known
    const rows = joined(
      rowsOfClasses(this.sets, sign.classes, sign.rows, this.slabs.rows.take(this.weights.length)),
      this.rowsOfConditions(sign.conditions),
    )
    const chances = this.chancesOf(sign, rows)
    const shown = shownOf(sign.columns + 1, rows.of, chances, this.causes.order, this.slabs)
    this.known.set(sign.sign.id, shown)
    return shown
  }

  /** P(state | a set of the row) of every row, errors of the reading included. */
  private chancesOf(sign: SignModel, { first }: SetRows): Float64Array {
    const states = sign.columns + 1
    const out = this.slabs.chances.take(first.length * states)
    const chances = new StateChances(sign)
    const conditions = this.belief.model.conditions.length
    for (let r = 0; r < first.length; r++) {
      const set = first[r]!
      if (set < 0) continue
      chances.add(this.flat, 3 * set, this.conditionsGiven, set * conditions, out, r * states)
    }
    this.takeWhatWasRead(sign, out)
    const wrong = (1 - READING_RIGHT) / Math.max(1, states - 1)
    for (let at = 0; at < out.length; at++)
      out[at] = READING_RIGHT * out[at]! + wrong * (1 - out[at]!)
    return out
  }

  /** Makes of chances those given what was read of the sign already, since the last work. */
  private takeWhatWasRead({ sign, columns }: SignModel, chances: Float64Array): void {
    const now = this.belief.epochs - 1
    const read = this.belief.evidence.find((one) => one.epoch === now && one.sign.sign === sign)
    if (!read) return
    const states = columns + 1
    for (let row = 0; row < chances.length; row += states) {
      let whole = 0
      for (let j = 0; j < states; j++) whole += chances[row + j]! * read.factor[j]!
      if (whole > 0) for (let j = 0; j < states; j++) chances[row + j]! *= read.factor[j]! / whole
    }
  }

  /** Rows of sets under which the conditions of the mask are equally likely. */
  private rowsOfConditions(mask: number): SetRows {
    const known = this.rowsOfMask.get(mask)
    if (known) return known
    const scope = scopeOf(mask)
    const last = scope.at(-1)
    const rows =
      last === undefined
        ? oneRow(this.weights.length)
        : joined(
            this.rowsOfConditions(mask & ~(1 << last)),
            rowsOfValues(this.conditionsGiven, this.belief.model.conditions.length, last),
          )
    this.rowsOfMask.set(mask, rows)
    return rows
  }
}

/** P(the sign reads abnormal | the fault is there) and P(the sign reads abnormal | it is not). */
export function abnormalWith(
  { weights, members, faults }: Prediction,
  { states, row, base, listed, chance }: Shown,
  fault: number,
): { hit: number; alarm: number } {
  const there = faults[fault]!
  const abnormal = 1 - chance[base * states]!
  let hit = abnormal * there
  let all = abnormal
  for (const i of listed) {
    const more = weights[i]! * (1 - chance[row[i]! * states]! - abnormal)
    all += more
    if (members[i]!.includes(fault)) hit += more
  }
  return { hit: hit / there, alarm: (all - hit) / (1 - there) }
}
