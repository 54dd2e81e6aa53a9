import type { ClassTable } from './class-table'
import { multisetsOf, placeOf } from './multisets'

/**
 * A product of functions of classes, taken apart for sets beside one fixed member x (class 0 of every function: none):
 * f(x, a, b) = none · single[a] · single[b] · pair[a, b] for two twins a, b.
 */
export interface Terms {
  none: number
  /** by twin */
  single: Float64Array
  /** by two twins i ≤ j, at i·twins + j */
  pair: Float64Array
}

/** The terms of a product of these tables; `fixed` gives each table's class of the member that is there anyway. */
export function termsOf(
  tables: readonly ClassTable[],
  twins: number,
  fixed: (table: ClassTable) => number,
): Terms {
  const terms: Terms = {
    none: 1,
    single: new Float64Array(twins).fill(1),
    pair: new Float64Array(twins * twins).fill(1),
  }
  for (const table of tables) {
    const own = termsByClass(table, fixed(table))
    terms.none *= own.none
    multiplyTerms(terms, table, own)
  }
  return terms
}

/** The terms of one table, by class instead of twin. */
function termsByClass({ count, values }: ClassTable, fixed: number): Terms {
  const multisets = multisetsOf(count)
  const none = values[placeOf(multisets, fixed, 0, 0)]!
  const single = new Float64Array(count)
  const pair = new Float64Array(count * count)
  for (let a = 0; a < count; a++) single[a] = values[placeOf(multisets, fixed, a, 0)]! / none
  for (let a = 0; a < count; a++)
    for (let b = 0; b < count; b++)
      pair[a * count + b] =
        values[placeOf(multisets, fixed, a, b)]! / (none * single[a]! * single[b]!)
  return { none, single, pair }
}

/** Multiplies the terms of all with those of one table, which has the number 1 for what it says nothing of. */
function multiplyTerms(terms: Terms, { ofTwin, linked, count }: ClassTable, own: Terms): void {
  const { single, pair } = terms
  const twins = single.length
  for (let x = 0; x < linked.length; x++) {
    const i = linked[x]!
    const row = ofTwin[i]! * count
    single[i]! *= own.single[ofTwin[i]!]!
    for (let y = x; y < linked.length; y++) {
      const j = linked[y]!
      pair[i * twins + j]! *= own.pair[row + ofTwin[j]!]!
    }
  }
}

/** What three members say together beyond their single and pair terms; 1 where any of them says nothing. */
export interface TripleTerms {
  count: number
  ofTwin: Uint8Array
  linked: Uint8Array
  /** place in `linked` of the first twin not before each */
  from: Uint8Array
  /** by three classes, at (a·count + b)·count + c */
  cube: Float64Array
}

/** The triple terms of a table, or nothing where three members never say more than two by two. */
export function tripleTermsOf(table: ClassTable): TripleTerms | undefined {
  const { count, ofTwin, linked, values } = table
  const multisets = multisetsOf(count)
  const { none, single, pair } = termsByClass(table, 0)
  const cube = new Float64Array(count ** 3)
  let largest = 0
  for (let a = 0; a < count; a++)
    for (let b = 0; b < count; b++)
      for (let c = 0; c < count; c++) {
        const two = none * single[a]! * single[b]! * pair[a * count + b]!
        const apart = two * single[c]! * pair[a * count + c]! * pair[b * count + c]!
        const term = values[placeOf(multisets, a, b, c)]! / apart
        cube[(a * count + b) * count + c] = term
        largest = Math.max(largest, Math.abs(term - 1))
      }
  return largest < 1e-15
    ? undefined
    : { count, ofTwin, linked, from: placesFrom(linked, ofTwin.length), cube }
}

/** For each twin, the place in a rising list of the first that is not before it. */
function placesFrom(linked: Uint8Array, twins: number): Uint8Array {
  const from = new Uint8Array(twins + 1).fill(linked.length)
  for (let x = linked.length - 1; x >= 0; x--) from[linked[x]!] = x
  for (let t = twins - 1; t >= 0; t--) from[t] = Math.min(from[t]!, from[t + 1]!)
  return from
}
