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
 * One factor λ(state) per sign and epoch from all its readings. Readings under the same conditions share one hidden
 * doubt u, even between 0 and 1: those whose validity is above it are valid, the others say nothing. So one that was
 * taken badly takes nothing away from a better one, and what the bad one says is doubted no more for being repeated. Valid
 * ones share most of their error: n of them count as n / (1 + 0.9·(n − 1)) readings, so that three alike count about as
 * one. Likelihoods are over their mean of all states. Different conditions multiply.
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
    const own = factorOfGroup(states, group)
    own.forEach((value, j) => (factor[j]! *= value))
  }
  return factor
}

/** Σ over how many of them are valid of P(so many)·Π their likelihoods, the least valid falling away first. */
function factorOfGroup(states: readonly string[], group: readonly SignReading[]): Float64Array {
  const told = group
    .flatMap(({ likelihood, validity }) => {
      const given = states.map((state) => likelihood[state] ?? 0)
      const mean = given.reduce((sum, value) => sum + value, 0) / states.length
      return mean > 0 ? [{ validity, ratio: given.map((value) => value / mean) }] : []
    })
    .sort((a, b) => a.validity - b.validity)
  const doubted = 1 - (told.at(-1)?.validity ?? 0)
  const factor = new Float64Array(states.length).fill(doubted)
  let below = 0
  told.forEach(({ validity }, from) => {
    const share = validity - below
    below = validity
    if (share === 0) return
    const valid = told.slice(from)
    const weight = 1 / (1 + SAME_ERROR * (valid.length - 1))
    states.forEach((_, j) => {
      const product = valid.reduce((all, { ratio }) => all * ratio[j]!, 1)
      factor[j]! += share * (weight === 1 ? product : product ** weight)
    })
  })
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
