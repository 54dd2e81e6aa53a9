import type { SignReading } from '../checks/sign-reading'
import type { SignModel } from './model'

/** A reading placed in an epoch: 0 before any repair, one more after each. */
export interface PlacedReading extends SignReading {
  epoch: number
}

/**
 * One factor λ(state) per sign and epoch from all its readings. Readings under the same conditions share one
 * hidden "valid": v·ΠL + (1−v)·Πc, with c the same for every state (the mean of L), so that three alike count
 * about as one. Different conditions multiply.
 */
export function combineReadings(states: readonly string[], readings: readonly SignReading[]): Float64Array {
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
    for (const reading of group) {
      const likelihood = states.map((state) => reading.likelihood[state] ?? 0)
      const mean = likelihood.reduce((sum, value) => sum + value, 0) / states.length
      if (!(mean > 0)) continue
      likelihood.forEach((value, j) => (valid[j]! *= value / mean))
      validity = Math.min(validity, reading.validity)
    }
    for (let j = 0; j < states.length; j++) factor[j]! *= validity * valid[j]! + (1 - validity)
  }
  return factor
}

/** P(sign's evidence | set of faults) = Σ_state P(state | set)·λ(state); noisy-max over the members. */
export function signLikelihood(model: SignModel, factor: Float64Array, members: readonly number[]): number {
  const columns = model.leakBelow.length
  let sum = 0
  let lower = 0
  const override = model.overrides.find((candidate) => members.includes(candidate.fault))
  for (let j = 0; j < columns; j++) {
    let upTo: number
    if (override) upTo = override.below[j]!
    else {
      upTo = model.leakBelow[j]!
      for (const member of members) upTo *= model.below[member * columns + j]!
    }
    sum += (upTo - lower) * factor[j]!
    lower = upTo
  }
  return sum + (1 - lower) * factor[columns]!
}
