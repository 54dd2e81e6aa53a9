import { WANTED_LEAD } from './settled'
import { type Shown, signBits } from './shown'

/** Sets by the fault of theirs that is the likeliest: what the complaint comes from, before what else may be wrong. */
export interface Causes {
  /** cause of each set */
  of: Int16Array
  /** how many there are */
  count: number
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
  return {
    of: Int16Array.from(members, (set) => set.reduce(likelier, nothing)),
    count: nothing + 1,
  }
}

/**
 * Information of one reading of a sign that planning goes by, bits: about the cause, and by a quarter about the whole set,
 * (1 − s)·I(cause; reading) + s·I(set; reading). Of the whole set alone, a look at ten places where a second leak may
 * be would come before what tells apart the two faults between which the case lies. The weights of the sets sum to one.
 */
export const readingBits = (weights: Float64Array, shown: Shown, causes: Causes): number =>
  (1 - SHARE_OF_WHOLE_SET) * causeBits(weights, shown, causes) +
  SHARE_OF_WHOLE_SET * signBits(weights, shown)

/**
 * Information of one reading about the cause, bits: Σ_c Σ_j P(c, j)·log2 P(j|c) − Σ_j P(j)·log2 P(j), where P(c, j) =
 * Σ_S∈c P(S)·P(j|S). A cause of whose sets none stands out leaves open what the base row does.
 */
export function causeBits(weights: Float64Array, shown: Shown, { of, count }: Causes): number {
  const { states, base, chance, open } = shown
  const whole = new Float64Array(count)
  for (let i = 0; i < weights.length; i++) whole[of[i]!]! += weights[i]!
  const more = moreThanBase(weights, shown, of, count)
  let bits = 0
  const all = new Float64Array(states)
  for (let c = 0; c < count; c++) {
    let isBase = true
    for (let j = 0; j < states; j++) if (more[c * states + j] !== 0) isBase = false
    if (isBase) bits += whole[c]! * open[base]!
    else bits += leftOpen(more, c * states, whole[c]!, shown)
    for (let j = 0; j < states; j++)
      all[j]! += whole[c]! * chance[base * states + j]! + more[c * states + j]!
  }
  for (let j = 0; j < states; j++) if (all[j]! > 0) bits -= all[j]! * Math.log2(all[j]!)
  return Math.max(0, bits)
}

/** Σ_S∈c P(S)·(P(j|S) − P(j|base row)), at c·states + j. */
function moreThanBase(
  weights: Float64Array,
  { states, row, base, listed, chance }: Shown,
  of: Int16Array,
  count: number,
): Float64Array {
  const more = new Float64Array(count * states)
  for (let at = 0; at < listed.length; at++) {
    const i = listed[at]!
    const from = row[i]! * states
    const to = of[i]! * states
    for (let j = 0; j < states; j++)
      more[to + j]! += weights[i]! * (chance[from + j]! - chance[base * states + j]!)
  }
  return more
}

/** Σ_j P(c, j)·log2 P(j|c) of one cause. */
function leftOpen(
  more: Float64Array,
  at: number,
  whole: number,
  { states, base, chance }: Shown,
): number {
  let sum = 0
  for (let j = 0; j < states; j++) {
    const p = whole * chance[base * states + j]! + more[at + j]!
    if (p > 0) sum += p * Math.log2(p / whole)
  }
  return sum
}
