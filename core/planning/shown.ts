import { Slab } from './slab'

/** What a reading of one sign would show in each of a list of sets; sets that the sign cannot tell apart share a row. */
export interface Shown {
  states: number
  /** row of each set */
  row: Uint16Array
  /** the row of the most sets; sums go over the others, and what they leave is its own */
  base: number
  /** the sets of the other rows, in the order that was asked for */
  listed: Uint16Array
  /** P(the reading shows state j | a set of row r), at r·states + j */
  chance: Float64Array
  /** Σ_j p·log2 p of each row: what a reading leaves open there, negative bits */
  open: Float64Array
}

/** Where the lists of many signs are kept. */
export interface Slabs {
  rows: Slab<Uint16Array>
  chances: Slab<Float64Array>
}

/** Slabs for so many sets. */
export const slabsFor = (sets: number): Slabs => ({
  rows: new Slab((length) => new Uint16Array(length), 64 * Math.max(1, sets)),
  chances: new Slab((length) => new Float64Array(length), 16_384),
})

/** The same with what each row leaves open worked out, and the row of the most sets found; `order`: of the sets. */
export function shownOf(
  states: number,
  row: Uint16Array,
  chance: Float64Array,
  order: Uint16Array = Uint16Array.from(row.keys()),
  slabs = slabsFor(row.length),
): Shown {
  const rows = chance.length / states
  const open = slabs.chances.take(rows)
  leaveOpen(open, states, chance)
  const sets = slabs.rows.take(rows)
  const base = fullest(row, sets)
  const listed = slabs.rows.take(row.length - (sets[base] ?? 0))
  listBut(row, base, order, listed)
  return { states, row, base, listed, chance, open }
}

function leaveOpen(open: Float64Array, states: number, chance: Float64Array): void {
  for (let r = 0; r < open.length; r++) {
    let sum = 0
    for (let at = r * states; at < (r + 1) * states; at++) {
      const p = chance[at]!
      if (p > 0) sum += p * Math.log2(p)
    }
    open[r] = sum
  }
}

/** The row that most sets are of; counts the sets of each. */
function fullest(row: Uint16Array, sets: Uint16Array): number {
  for (let i = 0; i < row.length; i++) sets[row[i]!]!++
  let base = 0
  for (let r = 1; r < sets.length; r++) if (sets[r]! > sets[base]!) base = r
  return base
}

function listBut(row: Uint16Array, base: number, order: Uint16Array, listed: Uint16Array): void {
  let at = 0
  for (let k = 0; k < order.length; k++) if (row[order[k]!] !== base) listed[at++] = order[k]!
}

/** P(the reading shows a state | a set of the list). */
export const chanceIn = ({ states, row, chance }: Shown, set: number, state: number): number =>
  chance[row[set]! * states + state]!

/** Entropy in bits of probabilities that sum to one. */
export function entropyBits(probabilities: ArrayLike<number>): number {
  let sum = 0
  for (let i = 0; i < probabilities.length; i++)
    if (probabilities[i]! > 0) sum -= probabilities[i]! * Math.log2(probabilities[i]!)
  return sum
}

/**
 * Takes a reading that shows this state into the weights of the sets, but for a factor that is the same for all: what
 * the base row would have made of it. Afterwards they are made to sum to one.
 */
export function takeShown(weights: Float64Array, shown: Shown, state: number): void {
  const { states, row, base, listed, chance } = shown
  const whole = chance[base * states + state]!
  for (let at = 0; at < listed.length; at++) {
    const i = listed[at]!
    weights[i]! *= chance[row[i]! * states + state]! / whole
  }
}

/** Makes weights sum to one. */
export function normalise(weights: Float64Array): void {
  let total = 0
  for (let i = 0; i < weights.length; i++) total += weights[i]!
  for (let i = 0; i < weights.length; i++) weights[i]! /= total
}
