import { combineReadings, signLikelihood, type PlacedReading } from './evidence'
import type { Model } from './model'

export interface Posterior {
  /** P(set | readings), in the order of the model's sets; sets are those true at the beginning */
  sets: Float64Array
  /** P(fault present now), repaired faults count as absent */
  faults: Float64Array
  /** log of the readings' likelihood, up to a constant of the readings */
  logEvidence: number
}

/** Faults taken away by the repairs before each epoch; `repaired[0]` is empty. */
export type Repairs = readonly ReadonlySet<number>[]

export const NO_REPAIRS: Repairs = [new Set()]

interface Term {
  key: string
  /** log P(evidence of this sign and epoch | set) */
  logs: Float64Array
}

export function membersOf(model: Model, set: number): number[] {
  const out: number[] = []
  for (let k = 3 * set; k < 3 * set + 3 && model.members[k]! >= 0; k++) out.push(model.members[k]!)
  return out
}

/** Signs the book does not know are ignored here; the caller lists them as readings that say nothing. */
function terms(model: Model, readings: readonly PlacedReading[], repairs: Repairs): Term[] {
  const groups = new Map<string, PlacedReading[]>()
  for (const reading of readings) {
    if (!model.signs.has(reading.sign)) continue
    const key = `${reading.sign}@${reading.epoch}`
    groups.set(key, [...(groups.get(key) ?? []), reading])
  }
  return [...groups].map(([key, group]) => {
    const sign = model.signs.get(group[0]!.sign)!
    const factor = combineReadings(sign.sign.states, group)
    const gone = repairs[group[0]!.epoch] ?? repairs.at(-1)!
    return { key, logs: termLogs(model, sign, factor, gone) }
  })
}

function termLogs(
  model: Model,
  sign: Parameters<typeof signLikelihood>[0],
  factor: Float64Array,
  gone: ReadonlySet<number>,
): Float64Array {
  const logs = new Float64Array(model.setCount)
  const columns = sign.leakBelow.length
  const speaks = model.faults.map((_, f) => {
    if (sign.overrides.some((override) => override.fault === f)) return true
    for (let j = 0; j < columns; j++) if (sign.below[f * columns + j]! !== 1) return true
    return false
  })
  const silent = Math.log(signLikelihood(sign, factor, []))
  const members: number[] = []
  for (let s = 0; s < model.setCount; s++) {
    members.length = 0
    for (let k = 3 * s; k < 3 * s + 3 && model.members[k]! >= 0; k++) {
      const f = model.members[k]!
      if (speaks[f] && !gone.has(f)) members.push(f)
    }
    logs[s] = members.length === 0 ? silent : Math.log(signLikelihood(sign, factor, members))
  }
  return logs
}

function normalise(model: Model, logs: Float64Array, gone: ReadonlySet<number>): Posterior {
  let top = -Infinity
  for (const value of logs) if (value > top) top = value
  const sets = new Float64Array(model.setCount)
  let total = 0
  for (let s = 0; s < sets.length; s++) total += sets[s] = model.weight[s]! * Math.exp(logs[s]! - top)
  const faults = new Float64Array(model.faults.length)
  for (let s = 0; s < sets.length; s++) {
    sets[s]! /= total
    for (let k = 3 * s; k < 3 * s + 3 && model.members[k]! >= 0; k++)
      if (!gone.has(model.members[k]!)) faults[model.members[k]!]! += sets[s]!
  }
  return { sets, faults, logEvidence: top + Math.log(total) }
}

/**
 * Exact posterior over all sets of the model. With `leaveOut`, also the posterior without the readings of each
 * source named, made by taking that source's signs out and putting back what is left of them.
 */
export function computePosterior(
  model: Model,
  readings: readonly PlacedReading[],
  repairs: Repairs = NO_REPAIRS,
  leaveOut: readonly string[] = [],
): { all: Posterior; without: Map<string, Posterior> } {
  const gone = repairs.at(-1)!
  const every = terms(model, readings, repairs)
  const sum = new Float64Array(model.setCount)
  for (const term of every) for (let s = 0; s < sum.length; s++) sum[s]! += term.logs[s]!
  const without = new Map<string, Posterior>()
  for (const source of leaveOut) {
    const touched = new Set(
      readings.filter((r) => sourceOf(r) === source).map((r) => `${r.sign}@${r.epoch}`),
    )
    const left = readings.filter((r) => touched.has(`${r.sign}@${r.epoch}`) && sourceOf(r) !== source)
    const logs = sum.slice()
    for (const term of every)
      if (touched.has(term.key)) for (let s = 0; s < logs.length; s++) logs[s]! -= term.logs[s]!
    for (const term of terms(model, left, repairs))
      for (let s = 0; s < logs.length; s++) logs[s]! += term.logs[s]!
    without.set(source, normalise(model, logs, gone))
  }
  return { all: normalise(model, sum, gone), without }
}

/** The record or run a reading comes from; "id#part" names one aspect of it. */
export function sourceOf(reading: { source: string }): string {
  return reading.source.split('#')[0]!
}
