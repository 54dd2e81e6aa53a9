import type { SignReading } from './sign-reading'
import type { Partition } from './class-factor'
import type { Elements } from './elements'
import type { SignModels } from './model'
import type { SignModel } from './sign-model'

/** A reading placed in an epoch: 0 before any repair, one more after each. */
export interface PlacedReading extends SignReading {
  epoch: number
}

/** Everything read of one sign in one epoch, as one factor λ(state). */
export interface Evidence {
  key: string
  sign: SignModel
  epoch: number
  factor: Float64Array
  /** classes of the elements in the sign */
  partition: Partition
}

/** Evidence as it would be: with another factor, or none, and perhaps of another book's sign of the same classes. */
export interface Change {
  was: Evidence
  factor: Float64Array | undefined
  as?: SignModel
}

/** Share of a reading's error that a repeat with the same instrument under the same conditions has too. */
export const SAME_ERROR = 0.9

/**
 * One factor λ(state) per sign and epoch from all its readings. Readings under the same conditions share one
 * hidden "valid", v·ΠL + (1−v)·Πc with c the same for every state (the mean of L), and most of their error: n of
 * them count as n / (1 + 0.9·(n − 1)) readings, so that three alike count about as one, valid or not. Different
 * conditions multiply.
 */
export function combineReadings(
  states: readonly string[],
  readings: readonly SignReading[],
): Float64Array {
  const factor = new Float64Array(states.length).fill(1)
  const groups = new Map<string, SignReading[]>()
  for (const reading of readings) {
    const group = groups.get(reading.conditions)
    if (group) group.push(reading)
    else groups.set(reading.conditions, [reading])
  }
  for (const group of groups.values()) {
    const valid = new Float64Array(states.length).fill(1)
    let validity = 1
    const weight = 1 / (1 + SAME_ERROR * (group.length - 1))
    for (const reading of group) {
      const likelihood = states.map((state) => reading.likelihood[state] ?? 0)
      const mean = likelihood.reduce((sum, value) => sum + value, 0) / states.length
      if (!(mean > 0)) continue
      likelihood.forEach(
        (value, j) => (valid[j]! *= weight === 1 ? value / mean : (value / mean) ** weight),
      )
      validity = Math.min(validity, reading.validity)
    }
    for (let j = 0; j < states.length; j++) factor[j]! *= validity * valid[j]! + (1 - validity)
  }
  return factor
}

/** Readings of signs that the book knows, gathered by sign and epoch. */
export function gatherEvidence(
  signs: SignModels,
  readings: readonly PlacedReading[],
  elements: Elements,
): Evidence[] {
  const groups = new Map<string, PlacedReading[]>()
  for (const reading of readings) {
    if (!signs.has(reading.sign)) continue
    const key = keyOf(reading)
    const group = groups.get(key)
    if (group) group.push(reading)
    else groups.set(key, [reading])
  }
  return [...groups].map(([key, group]) => {
    const { sign: id, epoch } = group[0]!
    const sign = signs.get(id)!
    const factor = combineReadings(sign.sign.states, group)
    return { key, sign, epoch, factor, partition: partitionIn(sign, elements, epoch) }
  })
}

/** What a reading is evidence of: its sign, in its epoch. */
export const keyOf = ({ sign, epoch }: Pick<PlacedReading, 'sign' | 'epoch'>) => `${sign}@${epoch}`

/** Classes of the elements in a sign, as they are there in an epoch: one that is not there says nothing. */
function partitionIn(
  { classes }: SignModel,
  { fault, standsIn }: Elements,
  epoch: number,
): Partition {
  if (standsIn.length === 1) return classes
  const stands = standsIn[epoch]!
  const classOf = new Uint8Array(fault.length)
  for (let e = 0; e < fault.length; e++) if (stands[e]) classOf[e] = classes.classOf[fault[e]!]!
  return { count: classes.count, classOf }
}
