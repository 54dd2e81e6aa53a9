import { multisetsOf, placeOf, placesAmong } from './multisets'

/** Classes of the elements that may be in a set; class 0 says nothing. */
export interface Partition {
  count: number
  /** class of each element */
  classOf: Uint8Array
}

/**
 * A function of some hidden conditions and of the classes of a set's members: `values[state · size + multiset]`, with
 * bit b of the state telling whether condition scope[b] holds. Products and sums of such functions are such functions.
 */
export interface ClassFactor extends Partition {
  /** conditions that it depends on, rising */
  scope: readonly number[]
  values: Float64Array
}

/** Where the multiset of the classes of up to three elements stands. */
export function placeOfElements(
  { count, classOf }: Partition,
  [a, b, c]: readonly number[],
): number {
  const of = (e: number | undefined) => (e === undefined ? 0 : classOf[e]!)
  return placeOf(multisetsOf(count), of(a), of(b), of(c))
}

/** Elements told apart by either of two partitions, and where each multiset of the finer classes stands in the two. */
export interface Join extends Partition {
  inLeft: Int32Array
  inRight: Int32Array
}

/** The coarsest partition that is finer than both; class 0 is what says nothing in both. */
export function joinOf(left: Partition, right: Partition): Join {
  const { classOf, pairs } = pairsOf(left, right)
  return {
    count: pairs.length,
    classOf,
    inLeft: placesAmong(
      Uint8Array.from(pairs, ([a]) => a),
      left.count,
    ),
    inRight: placesAmong(
      Uint8Array.from(pairs, ([, b]) => b),
      right.count,
    ),
  }
}

/** The pairs of classes that occur, (0, 0) first, the rest in the order of the left. */
function pairsOf(left: Partition, right: Partition) {
  const place = new Int16Array(left.count * right.count).fill(-1)
  place[0] = 0
  left.classOf.forEach((a, e) => (place[a * right.count + right.classOf[e]!] = 0))
  const pairs: [number, number][] = []
  place.forEach((occurs, at) => {
    if (occurs < 0) return
    place[at] = pairs.length
    pairs.push([Math.floor(at / right.count), at % right.count])
  })
  const classOf = left.classOf.map((a, e) => place[a * right.count + right.classOf[e]!]!)
  return { classOf, pairs }
}

/** out[x] += a[ia[x]] · b[ib[x]], from these starts. */
export function addProductInto(
  out: Float64Array,
  at: number,
  { inLeft, inRight }: Join,
  left: Float64Array,
  leftAt: number,
  right: Float64Array,
  rightAt: number,
): void {
  for (let x = 0; x < inLeft.length; x++)
    out[at + x]! += left[leftAt + inLeft[x]!]! * right[rightAt + inRight[x]!]!
}

/** out[x] += a[ia[x]] · b[ib[x]] + a[ia[x] + Δa] · b[ib[x] + Δb], from these starts: both states of one condition at once. */
export function addTwoProductsInto(
  out: Float64Array,
  at: number,
  { inLeft, inRight }: Join,
  left: Float64Array,
  [leftAt, leftThen]: readonly [number, number],
  right: Float64Array,
  [rightAt, rightThen]: readonly [number, number],
): void {
  for (let x = 0; x < inLeft.length; x++) {
    const a = inLeft[x]!
    const b = inRight[x]!
    out[at + x]! +=
      left[leftAt + a]! * right[rightAt + b]! + left[leftThen + a]! * right[rightThen + b]!
  }
}
