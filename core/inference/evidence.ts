import type { SignReading } from './sign-reading'
import type { SignModel } from './model'

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
  signs: ReadonlyMap<string, SignModel>,
  readings: readonly PlacedReading[],
): Evidence[] {
  const groups = new Map<string, PlacedReading[]>()
  for (const reading of readings) {
    if (!signs.has(reading.sign)) continue
    const key = `${reading.sign}@${reading.epoch}`
    const group = groups.get(key)
    if (group) group.push(reading)
    else groups.set(key, [reading])
  }
  return [...groups].map(([key, group]) => {
    const sign = signs.get(group[0]!.sign)!
    return { key, sign, epoch: group[0]!.epoch, factor: combineReadings(sign.sign.states, group) }
  })
}

/** No likelihood is smaller than this, so that ratios stay finite; it is as good as impossible. */
const FLOOR = 1e-30

/**
 * The likelihood of one sign's evidence as a function of the set, under one state of the hidden conditions:
 * Σ_state P(state | set, conditions)·λ(state) = A + Σ_j B_j·Π_members below_j, or a constant where an override
 * applies.
 */
export class SignLikelihood {
  private readonly last: number
  private readonly b: Float64Array
  private readonly fixed: number | undefined
  private readonly byFault: { fault: number; value: number }[] = []

  /** `holds` is the bit mask, over the book's conditions, of those that hold. */
  constructor(
    private readonly model: SignModel,
    private readonly factor: Float64Array,
    holds: number,
  ) {
    const { columns } = model
    this.last = factor[columns]!
    const below = Float64Array.from(model.leakBelow)
    for (const cause of model.causes)
      if ((holds >> cause.condition) & 1) cause.below.forEach((value, j) => (below[j]! *= value))
    this.b = Float64Array.from(below, (value, j) => value * (factor[j]! - factor[j + 1]!))
    for (const override of model.overrides) {
      if (override.fault >= 0)
        this.byFault.push({ fault: override.fault, value: this.constant(override.below) })
      else if (((holds >> override.condition) & 1) === (override.present ? 1 : 0)) {
        this.fixed = this.constant(override.below)
        break
      }
    }
  }

  private constant(below: Float64Array): number {
    let sum = this.last
    below.forEach((value, j) => (sum += value * (this.factor[j]! - this.factor[j + 1]!)))
    return Math.max(FLOOR, sum)
  }

  /** Members as places in the sign's list of linked faults; −1 for none. */
  ofPlaces(i: number, j: number, k: number): number {
    const { model, b } = this
    if (this.byFault.length > 0)
      for (const { fault, value } of this.byFault) {
        const p = model.place[fault]!
        if (p === i || p === j || p === k) return value
      }
    if (this.fixed !== undefined) return this.fixed
    const { columns, below } = model
    let sum = this.last
    for (let column = 0; column < columns; column++) {
      let product = b[column]!
      if (i >= 0) product *= below[i * columns + column]!
      if (j >= 0) product *= below[j * columns + column]!
      if (k >= 0) product *= below[k * columns + column]!
      sum += product
    }
    return sum > FLOOR ? sum : FLOOR
  }

  /** A + b·Π dense, for a sign of two states without override: the common case, for tight loops. */
  plain(): { last: number; b: number; dense: Float64Array } | undefined {
    if (this.model.columns !== 1 || this.byFault.length > 0 || this.fixed !== undefined)
      return undefined
    return { last: this.last, b: this.b[0]!, dense: this.model.dense }
  }

  /** Members as indices of faults; n, the number of faults, for none. */
  ofFaults(a: number, b: number, c: number): number {
    for (const { fault, value } of this.byFault)
      if (fault === a || fault === b || fault === c) return value
    if (this.fixed !== undefined) return this.fixed
    const { columns, dense } = this.model
    let sum = this.last
    for (let j = 0; j < columns; j++)
      sum +=
        this.b[j]! * dense[a * columns + j]! * dense[b * columns + j]! * dense[c * columns + j]!
    return sum > FLOOR ? sum : FLOOR
  }
}

/** P(sign's evidence | set of faults, conditions that hold); members are indices of faults, at most three. */
export function signLikelihood(
  model: SignModel,
  factor: Float64Array,
  members: readonly number[],
  holds = 0,
): number {
  const none = model.place.length
  return new SignLikelihood(model, factor, holds).ofFaults(
    members[0] ?? none,
    members[1] ?? none,
    members[2] ?? none,
  )
}
