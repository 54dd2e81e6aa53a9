import type { ClassTable } from './class-table'
import { multisetsOf, placeOf, placesAmong } from './multisets'
import type { Few, Weights } from './weights'

/**
 * Weight of the sets none of whose members is out; `out` tells it of each twin, `newcomerOut` of each newcomer. Alike
 * faults are all in or all out.
 */
export function weightWithin(
  { twins, row, three, beside, ...own }: Weights,
  out: ArrayLike<boolean>,
  newcomerOut: ArrayLike<boolean>,
): number {
  const inside = Uint8Array.from({ length: twins }, (_, t) => (out[t] ? 0 : 1))
  let sum = weightOfFew(own, inside)
  beside.forEach((block, x) => (sum += newcomerOut[x] ? 0 : weightOfFew(block, inside)))
  for (let i = 0; i < twins; i++)
    for (let j = i; inside[i] && j < twins; j++)
      if (inside[j]) sum += sumOfRow(three, row[i * twins + j]!, j, inside)
  return sum
}

function weightOfFew({ none, one, two }: Few, inside: Uint8Array): number {
  let sum = none
  for (let i = 0; i < one.length; i++) {
    if (!inside[i]) continue
    sum += one[i]! + sumOfRow(two, i * one.length, i, inside)
  }
  return sum
}

/** Σ values[at + k] over k ≥ j that are inside. */
function sumOfRow(values: Float64Array, at: number, j: number, inside: Uint8Array): number {
  let sum = 0
  for (let k = j; k < inside.length; k++) if (inside[k]) sum += values[at + k]!
  return sum
}

/** Weights of the sets by the multiset of their members' classes in a table. */
export function weightsByPlace({ twins, three, beside, ...own }: Weights, table: ClassTable) {
  const { count, ofTwin, ofNewcomer } = table
  const layout = multisetsOf(count)
  const places = table.places ?? placesAmong(ofTwin, count)
  const out = new Float64Array(layout.size)
  const addFew = ({ none, one, two }: Few, fixed: number) => {
    out[placeOf(layout, fixed, 0, 0)]! += none
    for (let i = 0; i < twins; i++) {
      out[placeOf(layout, fixed, ofTwin[i]!, 0)]! += one[i]!
      for (let j = i; j < twins; j++)
        out[placeOf(layout, fixed, ofTwin[i]!, ofTwin[j]!)]! += two[i * twins + j]!
    }
  }
  addFew(own, 0)
  beside.forEach((block, x) => addFew(block, ofNewcomer[x]!))
  for (let at = 0; at < three.length; at++) out[places[at]!]! += three[at]!
  return out
}
