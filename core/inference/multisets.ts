/**
 * Multisets of up to three of `count` classes, class 0 standing for "none": i ≤ j ≤ k stands at offset[i·count + j] + k.
 * A function of a set of faults that only their classes matter to is a row of `size` numbers.
 */
export interface Multisets {
  count: number
  /** count·(count + 1)·(count + 2) / 6 */
  size: number
  offset: Int32Array
}

const made: (Multisets | undefined)[] = []

/** The layout for so many classes; the same object every time. */
export function multisetsOf(count: number): Multisets {
  return (made[count] ??= layout(count))
}

function layout(count: number): Multisets {
  const offset = new Int32Array(count * count)
  let size = 0
  for (let i = 0; i < count; i++)
    for (let j = i; j < count; j++) {
      offset[i * count + j] = size - j
      size += count - j
    }
  return { count, size, offset }
}

/** Place of three classes in any order. */
export function placeOf({ count, offset }: Multisets, a: number, b: number, c: number): number {
  if (a > b) {
    const t = a
    a = b
    b = t
  }
  if (b > c) {
    const t = b
    b = c
    c = t
    if (a > b) {
      const u = a
      a = b
      b = u
    }
  }
  return offset[a * count + b]! + c
}

/** The values of a function of three classes, by multiset. */
export function valuesOf(
  count: number,
  value: (a: number, b: number, c: number) => number,
  out = new Float64Array(multisetsOf(count).size),
  from = 0,
): Float64Array {
  let at = from
  for (let a = 0; a < count; a++)
    for (let b = a; b < count; b++) for (let c = b; c < count; c++) out[at++] = value(a, b, c)
  return out
}

/**
 * Where each multiset of finer classes stands among those of `count` coarser ones; `coarser` gives the coarser class of
 * each finer one, of three different members as of three alike.
 */
export function placesAmong(coarser: Uint8Array, count: number): Int32Array {
  const multisets = multisetsOf(count)
  const finer = coarser.length
  const places = new Int32Array(multisetsOf(finer).size)
  let at = 0
  for (let i = 0; i < finer; i++)
    for (let j = i; j < finer; j++)
      for (let k = j; k < finer; k++)
        places[at++] = placeOf(multisets, coarser[i]!, coarser[j]!, coarser[k]!)
  return places
}
