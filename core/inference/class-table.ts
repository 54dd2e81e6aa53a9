import type { Partition } from './class-factor'
import { multisetsOf, placeOf } from './multisets'
import type { Elements } from './elements'
import type { Twins } from './twins'

/** A function of the classes of a set's members, with the class of each twin and of each newcomer. */
export interface ClassTable {
  count: number
  ofTwin: Uint8Array
  ofNewcomer: Uint8Array
  /** by multiset of up to three classes */
  values: Float64Array
}

/** The function that these values by multiset are, of a partition that no two twins differ in. */
export function classTable(
  { count, classOf }: Partition,
  values: Float64Array,
  { faults, newcomers }: Elements,
  twins: Twins,
): ClassTable {
  return {
    count,
    ofTwin: Uint8Array.from(twins.members, ([first]) => classOf[first!]!),
    ofNewcomer: Uint8Array.from(newcomers, (_, x) => classOf[faults + x]!),
    values,
  }
}

/** The values for two classes and every third, into `out`. */
export function rowInto(
  out: Float64Array,
  { count, values }: Pick<ClassTable, 'count' | 'values'>,
  a: number,
  b: number,
): void {
  const multisets = multisetsOf(count)
  for (let c = 0; c < count; c++) out[c] = values[placeOf(multisets, a, b, c)]!
}

/** The value for three classes. */
export const valueAt = (
  { count, values }: Pick<ClassTable, 'count' | 'values'>,
  a: number,
  b: number,
  c: number,
): number => values[placeOf(multisetsOf(count), a, b, c)]!
