/** What a reading of one sign would show in each of a list of sets; sets that the sign cannot tell apart share a row. */
export interface Shown {
  states: number
  /** row of each set */
  row: Uint16Array
  /** P(the reading shows state j | a set of row r), at r·states + j */
  chance: Float64Array
  /** Σ_j p·log2 p of each row: what a reading leaves open there, negative bits */
  open: Float64Array
}

/** The same with what each row leaves open worked out. */
export function shownOf(states: number, row: Uint16Array, chance: Float64Array): Shown {
  const open = new Float64Array(chance.length / states)
  for (let r = 0; r < open.length; r++)
    for (let j = 0; j < states; j++) {
      const p = chance[r * states + j]!
      if (p > 0) open[r]! += p * Math.log2(p)
    }
  return { states, row, chance, open }
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

/** Information of one reading of a sign about the set, bits: Σ_S P(S)·Σ_j P(j|S)·log2 P(j|S) − Σ_j P(j)·log2 P(j). */
export function signBits(weights: Float64Array, { states, row, chance, open }: Shown): number {
  const ofRow = new Float64Array(open.length)
  for (let i = 0; i < weights.length; i++) ofRow[row[i]!]! += weights[i]!
  const total = new Float64Array(states)
  let bits = 0
  for (let r = 0; r < ofRow.length; r++) {
    const w = ofRow[r]!
    bits += w * open[r]!
    for (let j = 0; j < states; j++) total[j]! += w * chance[r * states + j]!
  }
  for (let j = 0; j < states; j++) if (total[j]! > 0) bits -= total[j]! * Math.log2(total[j]!)
  return Math.max(0, bits)
}

/** Takes a reading that shows this state into the weights of the sets, and makes them sum to one. */
export function takeShown(weights: Float64Array, shown: Shown, state: number): void {
  const { states, row, chance } = shown
  let total = 0
  for (let i = 0; i < weights.length; i++) total += weights[i]! *= chance[row[i]! * states + state]!
  for (let i = 0; i < weights.length; i++) weights[i]! /= total
}
