import { LEVELS } from '../knowledge/levels'
import type { AtLeast, Book, Effect, Fault, Sign } from '../knowledge/types'
import { classesOf, type SignClasses } from './sign-classes'

/** One override of a sign, resolved: by a fault of the model, or by a condition that holds or does not. */
export interface OverrideModel {
  fault: number
  condition: number
  present: boolean
  below: Float64Array
}

/** What one fault does to a sign. */
export interface FaultRow {
  fault: number
  /** P(less than state j + 1 | the fault alone), states − 1 */
  below: Float64Array
}

/** How one sign depends on faults and conditions; all rows have states − 1 columns ("less than state j + 1"). */
export interface SignModel {
  sign: Sign
  columns: number
  leakBelow: Float64Array
  /** faults that speak to it, in rising order; one that only overrides it has a row of ones */
  rows: readonly FaultRow[]
  /** conditions that act on it as causes */
  causes: readonly { condition: number; below: Float64Array }[]
  overrides: readonly OverrideModel[]
  /** bit mask of the conditions it depends on in any way */
  conditions: number
  /** faults that it cannot tell apart */
  classes: SignClasses
}

/** 1 − P(at least state j + 1), for each abnormal state of a sign. */
export const belowOf = (sign: Sign, atLeast: AtLeast): Float64Array =>
  Float64Array.from(
    sign.states.slice(1),
    (state) => 1 - (atLeast[state] ? LEVELS[atLeast[state]] : 0),
  )

/** What several effects on one sign come to together, or undefined when none is on it. */
function combined(sign: Sign, effects: readonly Effect[]): Float64Array | undefined {
  const mine = effects.filter((effect) => effect.sign === sign.id)
  if (mine.length === 0) return undefined
  return mine
    .map((effect) => belowOf(sign, effect.atLeast))
    .reduce((a, b) => a.map((value, j) => value * b[j]!))
}

/** A sign's model among these faults; `conditionIndex` gives the place of each hidden condition in the book. */
export function signModel(
  sign: Sign,
  book: Book,
  faults: readonly Fault[],
  conditionIndex: ReadonlyMap<string, number>,
): SignModel {
  const overrides = (sign.overrides ?? []).flatMap((override): OverrideModel[] => {
    const fault = faults.findIndex((candidate) => candidate.id === override.by)
    const condition = conditionIndex.get(override.by) ?? -1
    if (fault < 0 && condition < 0) return []
    const present = override.when !== 'absent'
    return [{ fault, condition, present, below: belowOf(sign, override.atLeast) }]
  })
  const ones = new Float64Array(sign.states.length - 1).fill(1)
  const rows = faults.flatMap((fault, f): FaultRow[] => {
    const below = combined(sign, fault.effects)
    const isLinked = below !== undefined || overrides.some((o) => o.fault === f)
    return isLinked ? [{ fault: f, below: below ?? ones }] : []
  })
  const causes = book.conditions.flatMap((condition, k) => {
    const below = combined(sign, condition.effects)
    return below ? [{ condition: k, below }] : []
  })
  return withClasses(
    {
      sign,
      columns: sign.states.length - 1,
      leakBelow: belowOf(sign, sign.leak),
      rows,
      causes,
      overrides,
      conditions: maskOf([
        ...causes.map((c) => c.condition),
        ...overrides.flatMap((o) => (o.condition >= 0 ? [o.condition] : [])),
      ]),
    },
    faults.length,
  )
}

/** The same sign with its classes found anew among so many faults. */
export const withClasses = (sign: Omit<SignModel, 'classes'>, faults: number): SignModel => ({
  ...sign,
  classes: classesOf(sign, faults),
})

const maskOf = (conditions: readonly number[]): number =>
  conditions.reduce((mask, k) => mask | (1 << k), 0)
