import type { Partition } from './class-factor'
import { multisetsOf, placeOf, valuesOf } from './multisets'
import type { Elements } from './elements'
import type { Twins } from './twins'

/** A function of the classes of a set's members, with the class of each twin and of each newcomer. */
export interface ClassTable {
  count: number
  ofTwin: Uint8Array
  ofNewcomer: Uint8Array
  /** twins that it says anything of, rising */
  linked: Uint8Array
  /** by multiset of up to three classes */
  values: Float64Array
  /** where the multiset of each set of three twins stands, where that was found once for many tables of these classes */
  places?: Int32Array
}

/** The function that these values by multiset are, of a partition that no two twins differ in. */
export function classTable(
  { count, classOf }: Partition,
  values: Float64Array,
  { faults, newcomers }: Elements,
  twins: Twins,
): ClassTable {
  const ofTwin = new Uint8Array(twins.count)
  const ofNewcomer = new Uint8Array(newcomers.length)
  for (let t = 0; t < twins.count; t++) ofTwin[t] = classOf[twins.first[t]!]!
  for (let x = 0; x < newcomers.length; x++) ofNewcomer[x] = classOf[faults + x]!
  return { count, ofTwin, ofNewcomer, linked: linkedIn(ofTwin), values }
}

function linkedIn(ofTwin: Uint8Array): Uint8Array {
  const linked = new Uint8Array(ofTwin.length)
  let count = 0
  for (let t = 0; t < ofTwin.length; t++) if (ofTwin[t] !== 0) linked[count++] = t
  return linked.subarray(0, count)
}

/** The values for two classes and every third, into `out`. */
export function rowInto(
  out: Float64Array,
  { count, values }: Pick<ClassTable, 'count' | 'values'>,
  a: number,
  b: number,
): void {
  const { offset } = multisetsOf(count)
  const low = a < b ? a : b
  const high = a < b ? b : a
  for (let c = 0; c < low; c++) out[c] = values[offset[c * count + low]! + high]!
  for (let c = low; c < high; c++) out[c] = values[offset[low * count + c]! + high]!
  const at = offset[low * count + high]!
  for (let c = high; c < count; c++) out[c] = values[at + c]!
}

/** The value for three classes. */
export const valueAt = (
  { count, values }: Pick<ClassTable, 'count' | 'values'>,
  a: number,
  b: number,
  c: number,
): number => values[placeOf(multisetsOf(count), a, b, c)]!

/** The values for three classes in any order, at (a·count + b)·count + c. */
export function cubeOf({ count, values }: Pick<ClassTable, 'count' | 'values'>): Float64Array {
  const cube = new Float64Array(count ** 3)
  const multisets = multisetsOf(count)
  for (let a = 0; a < count; a++)
    for (let b = 0; b < count; b++)
      for (let c = 0; c < count; c++)
        cube[(a * count + b) * count + c] = values[placeOf(multisets, a, b, c)]!
  return cube
}

/** The product of several tables as one, over the classes that any of them tells apart. */
export function productOf(tables: readonly ClassTable[]): ClassTable {
  const [first] = tables
  const twins = first!.ofTwin.length
  const length = 1 + twins + first!.ofNewcomer.length
  const own = tables.map(({ ofTwin, ofNewcomer }) => Uint8Array.from([0, ...ofTwin, ...ofNewcomer]))
  let joint = new Uint8Array(length)
  let count = 1
  own.forEach((classOf, t) => {
    const classes = tables[t]!.count
    const known = new Int16Array(count * classes).fill(-1)
    count = 0
    joint = joint.map((old, e) => {
      const key = old * classes + classOf[e]!
      if (known[key]! < 0) known[key] = count++
      return known[key]!
    })
  })
  const one = new Uint8Array(count)
  joint.forEach((own, e) => (one[own] = e))
  const inTable = own.map((classOf) => one.map((e) => classOf[e]!))
  const layouts = tables.map((table) => multisetsOf(table.count))
  const values = valuesOf(count, (a, b, c) => {
    let product = 1
    for (let t = 0; t < tables.length; t++) {
      const of = inTable[t]!
      product *= tables[t]!.values[placeOf(layouts[t]!, of[a]!, of[b]!, of[c]!)]!
    }
    return product
  })
  const ofTwin = joint.slice(1, 1 + twins)
  return { count, ofTwin, ofNewcomer: joint.slice(1 + twins), linked: linkedIn(ofTwin), values }
}
