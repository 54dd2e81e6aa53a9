import { placeOfElements, placesIn } from './class-factor'
import { classTable, type ClassTable } from './class-table'
import { scopeOf, type ConditionsOfEpoch } from './conditions-of-epoch'
import type { Elements } from './elements'
import { maskOf, stateOf, type Summed } from './elimination'
import type { Evidence } from './evidence'
import { multisetsOf, valuesOf } from './multisets'
import { classLikelihood } from './sign-classes'
import type { SignModel } from './sign-model'
import type { Twins } from './twins'

/** Evidence as it would be: with another factor, or none, and perhaps of another book's sign of the same classes. */
export interface Change {
  was: Evidence
  factor: Float64Array | undefined
  as?: SignModel
}

/** What the ratios of a change are made of. */
export interface Believed {
  twins: Twins
  elements: Elements
  /** hidden conditions of each epoch */
  conditions: readonly ConditionsOfEpoch[]
  /** a function of the classes of a group of conditions, as one of twins */
  groupTable: (group: Summed, values: Float64Array) => ClassTable
}

/** Likelihood of a change over that of what was, for three classes that its sign has as it was, while the conditions of `holds` hold. */
function ratioOf({ was, factor, as }: Change, holds: number) {
  const before = classLikelihood(was.sign, was.factor, holds)
  const after = factor ? classLikelihood(as ?? was.sign, factor, holds) : () => 1
  return (a: number, b: number, c: number) => after(a, b, c) / before(a, b, c)
}

/**
 * By how much the weight of a set changes with some evidence, as functions of its members' classes: for each sign that
 * depends on no condition, one; for the signs of one group of conditions together, one, in which P(conditions | set,
 * evidence) is summed over: Σ_state joint(state) · Π ratios(state) / Σ_state joint(state).
 */
export function ratiosOf(changes: readonly Change[], believed: Believed): ClassTable[] {
  const { twins, elements, conditions } = believed
  const isPlain = ({ was }: Change) => was.sign.conditions === 0
  const plain = changes.filter(isPlain).map((change) => {
    const { partition } = change.was
    return classTable(partition, valuesOf(partition.count, ratioOf(change, 0)), elements, twins)
  })
  const ofConditions = conditions.flatMap((ofEpoch, epoch) =>
    ofEpoch.summed.flatMap((group, at) => {
      const own = changes.filter(
        (change) =>
          !isPlain(change) &&
          change.was.epoch === epoch &&
          (change.was.sign.conditions & group.conditions) !== 0,
      )
      if (own.length === 0) return []
      return [believed.groupTable(group, ratioInGroup(own, ofEpoch, group, at))]
    }),
  )
  return [...plain, ...ofConditions]
}

/** The ratio of several changes of signs that depend on one group of conditions, by multiset of the group's classes. */
function ratioInGroup(
  changes: readonly Change[],
  ofEpoch: ConditionsOfEpoch,
  group: Summed,
  at: number,
): Float64Array {
  const mask = changes.reduce((all, { was }) => all | was.sign.conditions, 0)
  const fixed = scopeOf(mask)
  const signs = changes.map((change) => ({
    change,
    places: placesIn(group, change.was.partition),
    scope: scopeOf(change.was.sign.conditions),
    known: new Map<number, Float64Array>(),
  }))
  const out = new Float64Array(multisetsOf(group.count).size)
  for (let state = 0; state < 1 << fixed.length; state++) {
    const holds = maskOf(fixed, state)
    const part = ofEpoch.joint(mask, state)[at]!.values.slice()
    for (const { change, places, scope, known } of signs) {
      const own = stateOf(scope, holds)
      const ratios = known.get(own) ?? valuesOf(change.was.partition.count, ratioOf(change, holds))
      known.set(own, ratios)
      for (let x = 0; x < part.length; x++) part[x]! *= ratios[places[x]!]!
    }
    for (let x = 0; x < part.length; x++) out[x]! += part[x]!
  }
  for (let x = 0; x < out.length; x++) out[x]! /= group.values[x]!
  return out
}

/** P(condition | set, evidence), by multiset of the classes of its group: its joint with "it holds", over the whole. */
export function conditionGiven(
  ofEpoch: ConditionsOfEpoch,
  condition: number,
): { group: Summed; values: Float64Array } | undefined {
  const at = ofEpoch.summed.findIndex(({ conditions }) => (conditions >> condition) & 1)
  const group = ofEpoch.summed[at]
  if (!group) return undefined
  const holding = ofEpoch.joint(1 << condition, 1)[at]!.values
  return { group, values: holding.map((value, x) => value / group.values[x]!) }
}

/** By how much the weight of a set changes with one piece of evidence, whose sign may tell other faults apart than it did. */
export function ratioOnElements(
  { was, factor, as = was.sign }: Change,
  { elements, conditions }: Believed,
): (set: readonly number[]) => number {
  const stands = elements.standsIn[was.epoch]!
  const classIn = (sign: SignModel, e: number | undefined) =>
    e === undefined || !stands[e] ? 0 : sign.classes.classOf[elements.fault[e]!]!
  const under = (holds: number) => {
    const before = classLikelihood(was.sign, was.factor, holds)
    const after = factor ? classLikelihood(as, factor, holds) : () => 1
    return ([a, b, c]: readonly number[]) =>
      after(classIn(as, a), classIn(as, b), classIn(as, c)) /
      before(classIn(was.sign, a), classIn(was.sign, b), classIn(was.sign, c))
  }
  const { conditions: mask } = was.sign
  if (mask === 0) return under(0)
  const ofEpoch = conditions[was.epoch]!
  const at = ofEpoch.summed.findIndex((group) => (group.conditions & mask) !== 0)
  const group = ofEpoch.summed[at]!
  const scope = scopeOf(mask)
  const states = Array.from({ length: 1 << scope.length }, (_, state) => ({
    joint: ofEpoch.joint(mask, state)[at]!.values,
    ratio: under(maskOf(scope, state)),
  }))
  return (set) => {
    const place = placeOfElements(group, set)
    const whole = group.values[place]!
    return states.reduce((sum, { joint, ratio }) => sum + joint[place]! * ratio(set), 0) / whole
  }
}
