import type { Partition } from './class-factor'
import type { Elements } from './elements'
import type { Model } from './model'
import { exclusionsOf } from './odds'

/**
 * Faults from the beginning that nothing read so far can tell apart: of one class in every sign and every group of
 * conditions, of one exclusion, of one kind, and of one fate. The posterior is a sum over multisets of twins, weighted
 * with the sums of the odds of what is in them.
 */
export interface Twins {
  count: number
  /** class of twins of each fault */
  of: Uint8Array
  /** one fault of each class */
  first: Uint8Array
  /** faults of each class, those with the largest odds first */
  members: readonly (readonly number[])[]
  /** Σ o, Σ_{a<b} o·o and Σ_{a<b<c} o·o·o over the faults of a class; the last two are 0 where they exclude each other */
  e1: Float64Array
  e2: Float64Array
  e3: Float64Array
  /** exclusion of each class; two of one exclusion share no set */
  exclusion: Int16Array
}

/** Finds the twins, told apart by these partitions of the elements beside what they are themselves. */
export function twinsOf(model: Model, elements: Elements, partitions: readonly Partition[]): Twins {
  const { faults, weights } = model
  const { odds } = weights
  const n = faults.length
  const exclusions = exclusionsOf(faults)
  const isShared = new Uint8Array(exclusions.count)
  faults.forEach((fault, f) => fault.excludes && (isShared[exclusions.classOf[f]!] = 1))
  const refined = new Refinement(n)
  refined.by(
    faults.map(({ group }) => KINDS.get(group) ?? 0),
    3,
  )
  refined.by(
    faults.map((_, f) => (isShared[exclusions.classOf[f]!] ? 1 + exclusions.classOf[f]! : 0)),
    exclusions.count + 1,
  )
  for (const stands of elements.standsIn) refined.by(stands, 2)
  for (const { fault } of elements.newcomers)
    refined.by(
      faults.map((_, f) => (f === fault ? 1 : 0)),
      2,
    )
  for (const { classOf, count } of partitions) refined.by(classOf, count)
  const { of, count: classes } = refined
  const members: number[][] = Array.from({ length: classes }, () => [])
  of.forEach((twin, f) => members[twin]!.push(f))
  for (const list of members) list.sort((a, b) => odds[b]! - odds[a]!)
  const sums = members.map((list) => symmetricSums(list.map((f) => odds[f]!)))
  const exclusion = Int16Array.from(members, ([first]) => {
    const own = exclusions.classOf[first!]!
    return isShared[own] ? own : -1
  })
  const alone = (value: number, twin: number) => (exclusion[twin]! >= 0 ? 0 : value)
  return {
    count: classes,
    of: Uint8Array.from(of),
    first: Uint8Array.from(members, ([one]) => one!),
    members,
    e1: Float64Array.from(sums, ([one]) => one),
    e2: Float64Array.from(sums, ([, two], twin) => alone(two, twin)),
    e3: Float64Array.from(sums, ([, , three], twin) => alone(three, twin)),
    exclusion,
  }
}

/** Groups that are summed up apart. */
const KINDS = new Map([
  ['nothing-wrong', 1],
  ['not-in-the-book', 2],
])

/** Σ x, Σ_{a<b} x·x, Σ_{a<b<c} x·x·x. */
function symmetricSums(values: readonly number[]): [number, number, number] {
  let [one, two, three] = [0, 0, 0]
  for (const x of values) {
    three += x * two
    two += x * one
    one += x
  }
  return [one, two, three]
}

/** A partition that is made finer and finer. */
class Refinement {
  of: Int16Array
  count = 1
  private place = new Int16Array(0)
  constructor(length: number) {
    this.of = new Int16Array(length)
  }
  /** Tells apart what has different classes here, of which there are fewer than `classes`; longer lists are read as far as needed. */
  by(classOf: ArrayLike<number>, classes: number): void {
    const { of } = this
    if (this.place.length < this.count * classes)
      this.place = new Int16Array(2 * this.count * classes)
    const { place } = this
    place.fill(-1, 0, this.count * classes)
    let count = 0
    for (let f = 0; f < of.length; f++) {
      const key = of[f]! * classes + classOf[f]!
      if (place[key]! < 0) place[key] = count++
      of[f] = place[key]!
    }
    this.count = count
  }
}
