/** What a reading of one sign would show in each of a list of sets; sets that the sign cannot tell apart share a row. */
export interface Shown {
  states: number
  /** row of each set */
  row: Uint16Array
  /** the row of the most sets; sums go over the others, and what they leave is its own */
  base: number
  /** the sets of the other rows */
  listed: Uint16Array
  /** P(the reading shows state j | a set of row r), at r·states + j */
  chance: Float64Array
  /** Σ_j p·log2 p of each row: what a reading leaves open there, negative bits */
  open: Float64Array
}

/** The same with what each row leaves open worked out, and the row of the most sets found. */
export function shownOf(states: number, row: Uint16Array, chance: Float64Array): Shown {
  const open = new Float64Array(chance.length / states)
  for (let r = 0; r < open.length; r++)
    for (let j = 0; j < states; j++) {
      const p = chance[r * states + j]!
      if (p > 0) open[r]! += p * Math.log2(p)
    }
  const base = fullest(row, open.length)
  return { states, row, base, listed: setsBut(row, base), chance, open }
}

/** The row that most sets are of. */
function fullest(row: Uint16Array, rows: number): number {
  const sets = new Uint16Array(rows)
  let base = 0
  for (let i = 0; i < row.length; i++) if (++sets[row[i]!]! > sets[base]!) base = row[i]!
  return base
}

function setsBut(row: Uint16Array, base: number): Uint16Array {
  const out = new Uint16Array(row.length)
  let listed = 0
  for (let i = 0; i < row.length; i++) if (row[i] !== base) out[listed++] = i
  return out.subarray(0, listed)
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
 * Information of one reading of a sign about the set, bits: Σ_S P(S)·Σ_j P(j|S)·log2 P(j|S) − Σ_j P(j)·log2 P(j).
 * The weights of the sets sum to one.
 */
export function signBits(weights: Float64Array, shown: Shown): number {
  const { states, base, chance, open } = shown
  const ofRow = new Float64Array(open.length)
  ofRow[base] = 1 - addListed(weights, shown, ofRow)
  let bits = 0
  for (let r = 0; r < ofRow.length; r++) bits += ofRow[r]! * open[r]!
  for (let j = 0; j < states; j++) {
    let p = 0
    for (let r = 0; r < ofRow.length; r++) p += ofRow[r]! * chance[r * states + j]!
    if (p > 0) bits -= p * Math.log2(p)
  }
  return Math.max(0, bits)
}

/** Adds the weights of the sets that are not of the base row to those of their rows; their sum. */
function addListed(weights: Float64Array, { row, listed }: Shown, ofRow: Float64Array): number {
  let sum = 0
  for (let at = 0; at < listed.length; at++) {
    const i = listed[at]!
    const w = weights[i]!
    ofRow[row[i]!]! += w
    sum += w
  }
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
