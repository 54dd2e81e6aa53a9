import type { SignClasses } from '../inference/sign-classes'

/** A list of sets in rows: sets of one row are alike for what the rows are made for. */
export interface SetRows {
  /** row of each set */
  of: Uint16Array
  /** one set of each row, −1 for a row that no set is of */
  first: readonly number[]
}

/** Members of each set, three for each, the number of faults for none; and the sets that hold each fault. */
export interface FlatSets {
  flat: Int16Array
  heldBy: readonly Uint16Array[]
}

export function flatSetsOf(members: readonly (readonly number[])[], faults: number): FlatSets {
  const flat = new Int16Array(3 * members.length).fill(faults)
  const heldBy: number[][] = Array.from({ length: faults }, () => [])
  members.forEach((list, i) =>
    list.forEach((f, k) => {
      flat[3 * i + k] = f
      heldBy[f]!.push(i)
    }),
  )
  return { flat, heldBy: heldBy.map((list) => Uint16Array.from(list)) }
}

/**
 * Rows of sets whose members are of the same classes of a sign; row 0 is of those that hold no fault that speaks to it.
 * Only sets that hold one are looked at, from each such fault. `of` is to be all 0, a number for each set.
 */
export function rowsOfClasses(
  { flat, heldBy }: FlatSets,
  { classOf, count }: SignClasses,
  linked: readonly { fault: number }[],
  of: Uint16Array,
): SetRows {
  const known = places(count ** 3)
  const first = [-1]
  for (const { fault } of linked) {
    const sets = heldBy[fault]!
    for (let at = 0; at < sets.length; at++) {
      const i = sets[at]!
      const key = keyOf(flat, 3 * i, classOf, count)
      if (key > 0 && known[key] === 0) known[key] = first.push(i) - 1
      of[i] = known[key]!
    }
  }
  first[0] = of.indexOf(0)
  return { of, first }
}

let buffer = new Int16Array(4096)

/** A list of so many zeros, good until the next is asked for. */
function places(length: number): Int16Array {
  if (buffer.length < length) buffer = new Int16Array(2 * length)
  return buffer.fill(0, 0, length)
}

/** One number for the classes of three members in any order, 0 where all say nothing. */
function keyOf(flat: Int16Array, at: number, classOf: Uint8Array, count: number): number {
  const a = classIn(classOf, flat[at]!)
  const b = classIn(classOf, flat[at + 1]!)
  const c = classIn(classOf, flat[at + 2]!)
  const least = a < b ? (a < c ? a : c) : b < c ? b : c
  const most = a > b ? (a > c ? a : c) : b > c ? b : c
  return (least * count + (a + b + c - least - most)) * count + most
}

/** Class of a member, 0 for none. */
export const classIn = (classOf: Uint8Array, fault: number): number =>
  fault < classOf.length ? classOf[fault]! : 0

/** Rows of sets that have the same number; `values` holds it for set i at i·stride + from. */
export function rowsOfValues(values: Float64Array, stride: number, from: number): SetRows {
  const known = new Map<number, number>()
  const of = new Uint16Array(values.length / stride)
  const first: number[] = []
  for (let i = 0; i < of.length; i++) {
    const value = values[i * stride + from]!
    let row = known.get(value)
    if (row === undefined) known.set(value, (row = first.push(i) - 1))
    of[i] = row
  }
  return { of, first }
}

/** All sets in one row. */
export const oneRow = (sets: number): SetRows => ({
  of: new Uint16Array(sets),
  first: [0],
})

/** Rows of sets that are alike for both. */
export function joined(a: SetRows, b: SetRows): SetRows {
  if (a.first.length === 1) return b
  if (b.first.length === 1) return a
  const width = b.first.length
  const known = places(a.first.length * width)
  const of = new Uint16Array(a.of.length)
  const first: number[] = []
  for (let i = 0; i < of.length; i++) {
    const key = a.of[i]! * width + b.of[i]!
    if (known[key] === 0) known[key] = first.push(i)
    of[i] = known[key]! - 1
  }
  return { of, first }
}
