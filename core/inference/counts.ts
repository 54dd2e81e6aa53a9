import { cubeOf, rowInto, type ClassTable } from './class-table'
import type { Elements } from './elements'
import { multisetsOf, placeOf, placesAmong } from './multisets'
import type { Model } from './model'
import type { Twins } from './twins'
import type { Few, Weights } from './weights'

/**
 * Sums over all sets of their weight, some ratio of it, and how often a twin is among the members: for a twin of which a
 * set has m, the sums of w·m, w·m(m − 1)/2 and w·m(m − 1)(m − 2)/6.
 */
export interface Counts {
  total: number
  once: Float64Array
  twice: Float64Array
  thrice: Float64Array
  /** weight of the sets with each newcomer */
  newcomer: Float64Array
}

/** Adds up all sets, each weight times the ratios that its members' classes have in these tables. */
export function countUp(weights: Weights, ratios: readonly ClassTable[] = []): Counts {
  const { twins, row, three, beside } = weights
  const counts: Counts = {
    total: 0,
    once: new Float64Array(twins),
    twice: new Float64Array(twins),
    thrice: new Float64Array(twins),
    newcomer: new Float64Array(beside.length),
  }
  countFew(counts, weights, ratios, () => 0)
  beside.forEach((block, x) => {
    const before = counts.total
    countFew(counts, block, ratios, (table) => table.ofNewcomer[x]!)
    counts.newcomer[x] = counts.total - before
  })
  const ratio = new Float64Array(twins)
  const readers = ratios.map((table) => readerOf(table))
  for (let i = 0; i < twins; i++)
    for (let j = i; j < twins; j++) {
      const at = row[i * twins + j]!
      let sum: number
      let last = three[at + j]!
      if (readers.length === 0) sum = countRow(three, at, j, counts.once)
      else {
        ratio.fill(1, j)
        for (let t = 0; t < readers.length; t++) readers[t]!(ratio, i, j, at)
        sum = countRowTimes(three, at, j, ratio, counts.once)
        last *= ratio[j]!
      }
      counts.total += sum
      counts.once[i]! += sum
      counts.once[j]! += sum
      if (i === j) {
        counts.twice[i]! += sum + 2 * last
        counts.thrice[i]! += last
      } else counts.twice[j]! += last
    }
  return counts
}

/** Multiplies the ratios of the sets of i, j and each k ≥ j into `out`; `at` is where these sets stand. */
type ReadRow = (out: Float64Array, i: number, j: number, at: number) => void

function readerOf(table: ClassTable): ReadRow {
  const { places, values, ofTwin, count } = table
  if (places) return (out, _, j, at) => timesPlaces(out, j, values, places, at)
  const cube = cubeOf(table)
  return (out, i, j) => timesSlice(out, j, cube, (ofTwin[i]! * count + ofTwin[j]!) * count, ofTwin)
}

function timesPlaces(
  out: Float64Array,
  j: number,
  values: Float64Array,
  places: Int32Array,
  at: number,
): void {
  for (let k = j; k < out.length; k++) out[k]! *= values[places[at + k]!]!
}

function timesSlice(
  out: Float64Array,
  j: number,
  cube: Float64Array,
  slice: number,
  ofTwin: Uint8Array,
): void {
  for (let k = j; k < out.length; k++) out[k]! *= cube[slice + ofTwin[k]!]!
}

/** Sets of at most two twins beside what is there anyway; `fixed` gives its class, 0 for none. */
export function countFew(
  counts: Counts,
  { none, one, two }: Few,
  ratios: readonly ClassTable[],
  fixed: (table: ClassTable) => number,
): void {
  const twins = one.length
  const ratio = ratiosOfFew(ratios, twins, fixed)
  counts.total += none * ratio.none
  for (let i = 0; i < twins; i++) {
    const alone = one[i]! * ratio.one[i]!
    counts.total += alone
    counts.once[i]! += alone
    for (let j = i; j < twins; j++) {
      const both = two[i * twins + j]! * ratio.two[i * twins + j]!
      counts.total += both
      counts.once[i]! += both
      counts.once[j]! += both
      if (i === j) counts.twice[i]! += both
    }
  }
}

/** The product of the ratios of sets of at most two twins. */
function ratiosOfFew(
  ratios: readonly ClassTable[],
  twins: number,
  fixed: (table: ClassTable) => number,
): Few {
  const all: Few = {
    none: 1,
    one: new Float64Array(twins).fill(1),
    two: new Float64Array(twins * twins).fill(1),
  }
  for (const table of ratios) {
    const { count, ofTwin } = table
    const rows = new Float64Array(count * count)
    for (let a = 0; a < count; a++) rowInto(rows.subarray(a * count), table, fixed(table), a)
    all.none *= rows[0]!
    for (let i = 0; i < twins; i++) {
      const slice = ofTwin[i]! * count
      all.one[i]! *= rows[slice]!
      for (let j = i; j < twins; j++) all.two[i * twins + j]! *= rows[slice + ofTwin[j]!]!
    }
  }
  return all
}

function countRow(three: Float64Array, at: number, j: number, once: Float64Array): number {
  let sum = 0
  for (let k = j; k < once.length; k++) {
    const w = three[at + k]!
    sum += w
    once[k]! += w
  }
  return sum
}

function countRowTimes(
  three: Float64Array,
  at: number,
  j: number,
  ratio: Float64Array,
  once: Float64Array,
): number {
  let sum = 0
  for (let k = j; k < once.length; k++) {
    const w = three[at + k]! * ratio[k]!
    sum += w
    once[k]! += w
  }
  return sum
}

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

/**
 * P(fault now), from sums over all sets. What sets with one, two or three of a class of twins weigh is shared among its
 * faults exactly: o / E1, o·(E1 − o) / E2 and o·(E2 − o·(E1 − o)) / E3.
 */
export function faultsOf(
  { total, once, twice, thrice, newcomer }: Counts,
  model: Model,
  { members, e1, e2, e3 }: Twins,
  { faults, fault, standsIn }: Elements,
): Float64Array {
  const { odds } = model.weights
  const standsNow = standsIn.at(-1)!
  const out = new Float64Array(faults)
  members.forEach((list, h) => {
    const one = once[h]! - 2 * twice[h]! + 3 * thrice[h]!
    const two = twice[h]! - 3 * thrice[h]!
    for (const f of list) {
      if (!standsNow[f]) continue
      const o = odds[f]!
      const rest = o * (e1[h]! - o)
      let mass = (o / e1[h]!) * one
      if (e2[h]! > 0) mass += (rest / e2[h]!) * two
      if (e3[h]! > 0) mass += ((o * (e2[h]! - rest)) / e3[h]!) * thrice[h]!
      out[f] = mass / total
    }
  })
  newcomer.forEach((mass, x) => {
    if (standsNow[faults + x]) out[fault[faults + x]!]! += mass / total
  })
  return out
}
