import { multisetsOf, placeOf } from './multisets'
import type { ClassTable } from './class-table'

/**
 * A product of functions of classes, taken apart for sets beside one fixed member (class 0 of every function: none):
 * of no other member, of one, of two, so that f(x, a, b) = none · single[a] · single[b] · pair[a, b] for two twins a, b.
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
    const { count, ofTwin } = table
    const { none, single, pair } = ownTerms(table, fixed(table))
    terms.none *= none
    multiplyPairs(terms, linkedOf(ofTwin), ofTwin, single, pair, count)
  }
  return terms
}

/** The terms of one table by class. */
function ownTerms({ count, values }: ClassTable, fixed: number): Terms {
  const multisets = multisetsOf(count)
  const at = (a: number, b: number) => values[placeOf(multisets, fixed, a, b)]!
  const none = at(0, 0)
  const single = Float64Array.from({ length: count }, (_, a) => at(a, 0) / none)
  const pair = new Float64Array(count * count)
  for (let a = 0; a < count; a++)
    for (let b = 0; b < count; b++)
      pair[a * count + b] = at(a, b) / (none * single[a]! * single[b]!)
  return { none, single, pair }
}

/** Twins that a table says anything of, rising. */
export const linkedOf = (ofTwin: Uint8Array): Uint8Array =>
  Uint8Array.from(ofTwin.keys()).filter((twin) => ofTwin[twin] !== 0)

function multiplyPairs(
  { single, pair }: Terms,
  linked: Uint8Array,
  ofTwin: Uint8Array,
  ownSingle: Float64Array,
  ownPair: Float64Array,
  count: number,
): void {
  const twins = single.length
  for (let x = 0; x < linked.length; x++) {
    const i = linked[x]!
    const row = ofTwin[i]! * count
    single[i]! *= ownSingle[ofTwin[i]!]!
    for (let y = x; y < linked.length; y++) {
      const j = linked[y]!
      pair[i * twins + j]! *= ownPair[row + ofTwin[j]!]!
    }
  }
}

/** What three members say together beyond their single and pair terms, for every three classes; 1 where any says nothing. */
export interface TripleTerms {
  table: ClassTable
  /** at (a·count + b)·count + c */
  cube: Float64Array
  linked: Uint8Array
  /** place in `linked` of the first twin not before each */
  from: Uint8Array
}

/** The triple terms of those tables in which three members say anything together. */
export function tripleTermsOf(tables: readonly ClassTable[]): TripleTerms[] {
  return tables.flatMap((table) => {
    const { count, ofTwin } = table
    const multisets = multisetsOf(count)
    const { none, single, pair } = ownTerms(table, 0)
    const cube = new Float64Array(count ** 3)
    let largest = 0
    for (let a = 0; a < count; a++)
      for (let b = 0; b < count; b++)
        for (let c = 0; c < count; c++) {
          const apart =
            none *
            single[a]! *
            single[b]! *
            single[c]! *
            pair[a * count + b]! *
            pair[a * count + c]! *
            pair[b * count + c]!
          const term = table.values[placeOf(multisets, a, b, c)]! / apart
          cube[(a * count + b) * count + c] = term
          largest = Math.max(largest, Math.abs(term - 1))
        }
    if (largest < 1e-15) return []
    const linked = linkedOf(ofTwin)
    const from = Uint8Array.from({ length: ofTwin.length + 1 }, (_, twin) => {
      const at = linked.findIndex((one) => one >= twin)
      return at < 0 ? linked.length : at
    })
    return [{ table, cube, linked, from }]
  })
}
