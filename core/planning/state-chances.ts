import { maskOf } from '../inference/elimination'
import { scopeOf } from '../inference/conditions-of-epoch'
import { classIn } from './set-rows'
import { firstOf } from '../inference/sign-classes'
import type { OverrideModel, SignModel } from '../inference/sign-model'

/** What is left of a sign before any fault speaks, under one state of the conditions that override it. */
interface Leak {
  /** P(less than state j + 1) */
  below: Float64Array
  /** a condition decides it, and no fault's row matters */
  fixed: boolean
}

/**
 * P(state of a sign | a set), its hidden conditions summed out, each taken by itself. A condition that acts as a cause
 * leaves 1 − q·(1 − below) of "less than state j + 1"; only those that override are gone through state by state.
 */
export class StateChances {
  private readonly deciding: readonly number[]
  private readonly leaks: readonly Leak[]
  private readonly others: SignModel['causes']
  /** what conditions that do not override leave of "less than state j + 1" */
  private readonly left: Float64Array

  constructor(private readonly sign: SignModel) {
    const byCondition = sign.overrides.filter((o) => o.condition >= 0)
    const mask = byCondition.reduce((all, { condition }) => all | (1 << condition), 0)
    this.deciding = scopeOf(mask)
    this.leaks = Array.from({ length: 1 << this.deciding.length }, (_, state) =>
      leakUnder(sign, byCondition, maskOf(this.deciding, state)),
    )
    this.others = sign.causes.filter(({ condition }) => !((mask >> condition) & 1))
    this.left = new Float64Array(sign.columns)
  }

  /** Adds the chances of a set, whose members and chances of conditions stand from two places on, to `out`. */
  add(
    flat: Int16Array,
    member: number,
    given: Float64Array,
    conditions: number,
    out: Float64Array,
    to: number,
  ): void {
    const { deciding, leaks, left, others } = this
    left.fill(1)
    for (const { condition, below } of others)
      for (let j = 0; j < left.length; j++)
        left[j]! *= 1 - given[conditions + condition]! * (1 - below[j]!)
    for (let state = 0; state < leaks.length; state++) {
      let p = 1
      for (let bit = 0; bit < deciding.length; bit++) {
        const q = given[conditions + deciding[bit]!]!
        p *= (state >> bit) & 1 ? q : 1 - q
      }
      if (p > 0) this.addUnder(leaks[state]!, p, flat, member, out, to)
    }
  }

  private addUnder(
    leak: Leak,
    p: number,
    flat: Int16Array,
    member: number,
    out: Float64Array,
    to: number,
  ): void {
    const { columns, overrides } = this.sign
    const { below, override, classOf } = this.sign.classes
    const a = classIn(classOf, flat[member]!)
    const b = classIn(classOf, flat[member + 1]!)
    const c = classIn(classOf, flat[member + 2]!)
    const by = firstOf(override[a]!, override[b]!, override[c]!)
    const decided = by >= 0 ? overrides[by]!.below : leak.fixed ? leak.below : undefined
    let lower = 0
    for (let j = 0; j < columns; j++) {
      const upTo = decided
        ? decided[j]!
        : leak.below[j]! *
          this.left[j]! *
          below[a * columns + j]! *
          below[b * columns + j]! *
          below[c * columns + j]!
      out[to + j]! += p * (upTo - lower)
      lower = upTo
    }
    out[to + columns]! += p * (1 - lower)
  }
}

function leakUnder(sign: SignModel, overrides: readonly OverrideModel[], holds: number): Leak {
  const on = (condition: number) => ((holds >> condition) & 1) === 1
  const override = overrides.find((o) => on(o.condition) === o.present)
  if (override) return { below: override.below, fixed: true }
  const below = Float64Array.from(sign.leakBelow)
  for (const cause of sign.causes)
    if (on(cause.condition)) cause.below.forEach((value, j) => (below[j]! *= value))
  return { below, fixed: false }
}
