import { placeOfElements } from './class-factor'
import { classTable, type ClassTable } from './class-table'
import { scopeOf, type ConditionsOfEpoch } from './conditions-of-epoch'
import type { Elements } from './elements'
import { maskOf, type Summed } from './elimination'
import type { Change } from './evidence'
import { valuesOf } from './multisets'
import { classLikelihood } from './sign-classes'
import type { SignModel } from './sign-model'
import type { Twins } from './twins'

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
 * depends on no condition, one; for the signs of one group of conditions together, one: what summing the conditions out
 * gives with the change, over what it gave.
 */
export function ratiosOf(changes: readonly Change[], believed: Believed): ClassTable[] {
  const { twins, elements, conditions } = believed
  const isPlain = ({ was }: Change) => was.sign.conditions === 0
  const plain = changes.filter(isPlain).map((change) => {
    const { partition } = change.was
    return classTable(partition, valuesOf(partition.count, ratioOf(change, 0)), elements, twins)
  })
  const ofConditions = conditions.flatMap((ofEpoch, epoch) => {
    const own = changes.filter((change) => !isPlain(change) && change.was.epoch === epoch)
    if (own.length === 0) return []
    const mask = own.reduce((all, { was }) => all | was.sign.conditions, 0)
    const after = ofEpoch.changed(own)
    return ofEpoch.summed.flatMap((group, at) => {
      if ((group.conditions & mask) === 0) return []
      return [believed.groupTable(group, sharesOf(after[at]!.values, group.values))]
    })
  })
  return [...plain, ...ofConditions]
}

/** Parts over their wholes; nothing of a whole so small that it is told as nothing, for such sets weigh nothing. */
function sharesOf(parts: Float64Array, wholes: Float64Array): Float64Array {
  const shares = new Float64Array(parts.length)
  for (let x = 0; x < parts.length; x++) if (wholes[x]! > 0) shares[x] = parts[x]! / wholes[x]!
  return shares
}

/** What is left when conditions are summed out, and P(one of them | set, evidence) by its multisets. */
export interface ConditionGiven {
  group: Summed
  values: Float64Array
}

/** P(condition | set, evidence), by multiset of the classes of its group: its joint with "it holds", over the whole. */
export function conditionGiven(
  ofEpoch: ConditionsOfEpoch,
  condition: number,
): ConditionGiven | undefined {
  const at = ofEpoch.summed.findIndex(({ conditions }) => (conditions >> condition) & 1)
  const group = ofEpoch.summed[at]
  if (!group) return undefined
  const holding = ofEpoch.joint(1 << condition, 1)[at]!.values
  return { group, values: sharesOf(holding, group.values) }
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
