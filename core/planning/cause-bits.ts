import { WANTED_LEAD } from './settled'
import { entropyBits, type Shown } from './shown'

/** Sets by the fault of theirs that is the likeliest: what the complaint comes from, before what else may be wrong. */
export interface Causes {
  /** cause of each set */
  of: Int16Array
  /** the sets, those of one cause behind each other */
  order: Uint16Array
  /** how many causes there are */
  count: number
}

/** What is not known yet: how likely each set and each cause is, and what there is to find out about the set, bits. */
export interface Unknown {
  weights: Float64Array
  ofCause: Float64Array
  all: number
}

/** What is asked about the whole set, of what is asked about its cause: a second fault matters, and less than the first. */
const SHARE_OF_WHOLE_SET = 0.25

/**
 * The likeliest fault of each set by `faults`, P(fault) of each; a set without any has a cause of its own, "nothing". A
 * fault that is as likely as a plan wants its lead is no question any more: the others of its sets come before it.
 * @example [...causesOf([[], [0], [0, 1]], [0.3, 0.6]).of] // [2, 0, 1]
 */
export function causesOf(
  members: readonly (readonly number[])[],
  faults: ArrayLike<number>,
): Causes {
  const nothing = faults.length
  const open = (f: number) => (faults[f]! < WANTED_LEAD ? faults[f]! : 0)
  const likelier = (a: number, b: number) => (a === nothing || open(b) > open(a) ? b : a)
  const of = Int16Array.from(members, (set) => set.reduce(likelier, nothing))
  const order = Uint16Array.from(members.keys()).sort((a, b) => of[a]! - of[b]! || a - b)
  return { of, order, count: nothing + 1 }
}

/** What is unknown under these weights of the sets, which sum to one. */
export function unknownUnder(
  weights: Float64Array,
  { of, count }: Pick<Causes, 'of' | 'count'>,
): Unknown {
  const ofCause = new Float64Array(count)
  for (let i = 0; i < weights.length; i++) ofCause[of[i]!]! += weights[i]!
  return { weights, ofCause, all: entropyBits(weights) }
}

/**
 * Information of one reading of a sign that planning goes by, bits: about the cause, and by a quarter about the whole set,
 * (1 − s)·I(cause; reading) + s·I(set; reading). Of the whole set alone, a look at ten places where a second leak may
 * be would come before what tells apart the two faults between which the case lies. With P(c, j) = Σ_S∈c P(S)·P(j|S):
 * I(cause) = Σ_c Σ_j P(c, j)·log2 P(j|c) − Σ_j P(j)·log2 P(j), and I(set) the same with rows in place of causes.
 * Every sum over sets goes over those that the sign lists, which stand in the order of the causes; what they leave of a
 * cause is of the base row.
 * @param share s, for tests
 */
export function readingBits(
  { weights, ofCause }: Unknown,
  { states, row, base, listed, chance, open }: Shown,
  { of }: Pick<Causes, 'of'>,
  share = SHARE_OF_WHOLE_SET,
): number {
  const ofRow = new Float64Array(open.length)
  /** Σ P(S)·P(j|S) over the listed sets of the cause that is gone through */
  const ofStates = new Float64Array(states)
  let openOfCauses = 0
  let allListed = 0
  let throughCauses = 0
  for (let at = 0; at < listed.length;) {
    const cause = of[listed[at]!]!
    const whole = ofCause[cause]!
    let rest = whole
    ofStates.fill(0)
    for (; at < listed.length && of[listed[at]!] === cause; at++) {
      const r = row[listed[at]!]!
      const w = weights[listed[at]!]!
      ofRow[r]! += w
      rest -= w
      for (let j = 0; j < states; j++) ofStates[j]! += w * chance[r * states + j]!
    }
    throughCauses += whole
    allListed += whole - rest
    for (let j = 0; j < states; j++) {
      const p = ofStates[j]! + rest * chance[base * states + j]!
      if (p > 0) openOfCauses += p * Math.log2(p / whole)
    }
  }
  ofRow[base] = 1 - allListed
  openOfCauses += (1 - throughCauses) * open[base]!
  return Math.max(
    0,
    share * openOfRows(ofRow, open) +
      (1 - share) * openOfCauses +
      entropyOfReading(ofRow, states, chance),
  )
}

/** Σ_r P(r)·Σ_j P(j|r)·log2 P(j|r) */
function openOfRows(ofRow: Float64Array, open: Float64Array): number {
  let sum = 0
  for (let r = 0; r < ofRow.length; r++) sum += ofRow[r]! * open[r]!
  return sum
}

/** −Σ_j P(j)·log2 P(j) */
function entropyOfReading(ofRow: Float64Array, states: number, chance: Float64Array): number {
  let bits = 0
  for (let j = 0; j < states; j++) {
    let p = 0
    for (let r = 0; r < ofRow.length; r++) p += ofRow[r]! * chance[r * states + j]!
    if (p > 0) bits -= p * Math.log2(p)
  }
  return bits
}
