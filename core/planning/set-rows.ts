/** A list of sets in rows, numbered as they are met: sets of one row are alike for what the rows are made for. */
export interface SetRows {
  /** row of each set */
  of: Uint16Array
  count: number
}

/** Rows of sets whose three members are of the same classes, in any order; `classes` has three for each set. */
export function rowsOfClasses(classes: Uint8Array, count: number): SetRows {
  const known = new Int16Array(count ** 3).fill(-1)
  const of = new Uint16Array(classes.length / 3)
  let rows = 0
  for (let i = 0; i < of.length; i++) {
    const key = rising(classes[3 * i]!, classes[3 * i + 1]!, classes[3 * i + 2]!, count)
    if (known[key]! < 0) known[key] = rows++
    of[i] = known[key]!
  }
  return { of, count: rows }
}

/** One number for three classes in any order. */
function rising(a: number, b: number, c: number, count: number): number {
  const least = a < b ? (a < c ? a : c) : b < c ? b : c
  const most = a > b ? (a > c ? a : c) : b > c ? b : c
  return (least * count + (a + b + c - least - most)) * count + most
}

/** Rows of sets that have the same number; `values` holds it for set i at i·stride + from. */
export function rowsOfValues(values: Float64Array, stride: number, from: number): SetRows {
  const known = new Map<number, number>()
  const of = new Uint16Array(values.length / stride)
  for (let i = 0; i < of.length; i++) {
    const value = values[i * stride + from]!
    let row = known.get(value)
    if (row === undefined) known.set(value, (row = known.size))
    of[i] = row
  }
  return { of, count: known.size }
}

/** Rows of sets that are alike for both. */
export function joined(a: SetRows, b: SetRows): SetRows {
  if (a.count === 1) return b
  if (b.count === 1) return a
  const known = new Int16Array(a.count * b.count).fill(-1)
  const of = new Uint16Array(a.of.length)
  let rows = 0
  for (let i = 0; i < of.length; i++) {
    const key = a.of[i]! * b.count + b.of[i]!
    if (known[key]! < 0) known[key] = rows++
    of[i] = known[key]!
  }
  return { of, count: rows }
}
