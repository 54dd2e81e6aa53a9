import { cubeOf, type ClassTable } from './class-table'
import type { Weights } from './weights'

/** How the sets of two twins i ≤ j and each k ≥ j are counted; `at` is where they stand. */
export interface Rows {
  /** adds each weight, times its ratio, to its k; gives the sum */
  count: (once: Float64Array, i: number, j: number, at: number) => number
  /** the ratio of i, j and j */
  ratioOfLast: (i: number, j: number, at: number) => number
}

/** Rows of weights, each times the ratios that its members' classes have in these tables. */
export function rowsOf({ three, twins }: Weights, ratios: readonly ClassTable[]): Rows {
  const [table] = ratios
  if (!table)
    return { count: (once, _, j, at) => countRow(three, at, j, once), ratioOfLast: () => 1 }
  if (ratios.length === 1) return rowsOfOne(three, table)
  const ratio = new Float64Array(twins)
  const readers = ratios.map((one) => readerOf(one))
  return {
    count(once, i, j, at) {
      ratio.fill(1, j)
      for (let t = 0; t < readers.length; t++) readers[t]!(ratio, i, j, at)
      return countRowTimes(three, at, j, ratio, once)
    },
    ratioOfLast: (_, j) => ratio[j]!,
  }
}

/** The same of one table, whose ratios are taken in while the row is counted. */
function rowsOfOne(three: Float64Array, table: ClassTable): Rows {
  const { places, values, ofTwin, count } = table
  if (places)
    return {
      count: (once, _, j, at) => countRowAtPlaces(three, at, j, values, places, once),
      ratioOfLast: (_i, j, at) => values[places[at + j]!]!,
    }
  const cube = cubeOf(table)
  const slice = (i: number, j: number) => (ofTwin[i]! * count + ofTwin[j]!) * count
  return {
    count: (once, i, j, at) => countRowInSlice(three, at, j, cube, slice(i, j), ofTwin, once),
    ratioOfLast: (i, j) => cube[slice(i, j) + ofTwin[j]!]!,
  }
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

/** The same with each weight times the value at its multiset's place. */
function countRowAtPlaces(
  three: Float64Array,
  at: number,
  j: number,
  values: Float64Array,
  places: Int32Array,
  once: Float64Array,
): number {
  let sum = 0
  for (let k = j; k < once.length; k++) {
    const w = three[at + k]! * values[places[at + k]!]!
    sum += w
    once[k]! += w
  }
  return sum
}

/** The same with each weight times what a slice of a cube has for the class of k. */
function countRowInSlice(
  three: Float64Array,
  at: number,
  j: number,
  cube: Float64Array,
  slice: number,
  ofTwin: Uint8Array,
  once: Float64Array,
): number {
  let sum = 0
  for (let k = j; k < once.length; k++) {
    const w = three[at + k]! * cube[slice + ofTwin[k]!]!
    sum += w
    once[k]! += w
  }
  return sum
}
