import type { SignModel } from './sign-model'

/**
 * Faults that a sign cannot tell apart. The ladder of the book has eleven levels, so the faults that speak to a sign fall
 * into few classes, and its likelihood is a function of the classes of a set's members. Class 0 says nothing: the faults
 * that do not speak to it, and "no fault".
 */
export interface SignClasses {
  /** how many, class 0 included */
  count: number
  /** class of each fault */
  classOf: Uint8Array
  /** P(less than state j + 1 | a fault of the class alone), class by class; ones for class 0 */
  below: Float64Array
  /** place among the sign's overrides of the one that the class decides by, −1 for none */
  override: Int8Array
}

/** The classes of a sign among so many faults: equal rows, and the same override. */
export function classesOf(
  { rows, overrides, columns }: Omit<SignModel, 'classes'>,
  faults: number,
): SignClasses {
  const classOf = new Uint8Array(faults)
  const known = new Map<string, number>()
  const below: number[] = Array.from({ length: columns }, () => 1)
  const override: number[] = [-1]
  const nothing = `${below.join()}/-1`
  known.set(nothing, 0)
  for (const { fault, below: row } of rows) {
    const decides = overrides.findIndex((o) => o.fault === fault)
    const key = `${row.join()}/${decides}`
    let own = known.get(key)
    if (own === undefined) {
      own = known.size
      known.set(key, own)
      below.push(...row)
      override.push(decides)
    }
    classOf[fault] = own
  }
  return {
    count: known.size,
    classOf,
    below: Float64Array.from(below),
    override: Int8Array.from(override),
  }
}

/** No likelihood is smaller than this, so that ratios stay finite; it is as good as impossible. */
const FLOOR = 1e-30

/**
 * The likelihood of one sign's evidence λ(state) for members of three classes, under one state of the hidden
 * conditions (`holds`, a bit mask over the book's): Σ_state P(state | members, conditions)·λ(state), which is
 * λ(last) + Σ_j below_j·(λ(j) − λ(j + 1)) with below_j the product of what leak, conditions and members leave; or that
 * of an override alone, the first of the list that applies, those by faults before those by conditions.
 */
export function classLikelihood(
  sign: SignModel,
  factor: Float64Array,
  holds: number,
): (a: number, b: number, c: number) => number {
  const { columns, classes, overrides } = sign
  const { below, override } = classes
  const last = factor[columns]!
  const steps = Float64Array.from({ length: columns }, (_, j) => factor[j]! - factor[j + 1]!)
  const alone = Float64Array.from(sign.leakBelow)
  for (const cause of sign.causes)
    if ((holds >> cause.condition) & 1) cause.below.forEach((value, j) => (alone[j]! *= value))
  alone.forEach((value, j) => (steps[j]! *= value))
  const byFault = overrides.map((o) => expectedOf(o.below, factor))
  const deciding = overrides.find(
    (o) => o.condition >= 0 && ((holds >> o.condition) & 1) === (o.present ? 1 : 0),
  )
  const fixed = deciding && expectedOf(deciding.below, factor)
  return (a, b, c) => {
    const by = firstOf(override[a]!, override[b]!, override[c]!)
    if (by >= 0) return byFault[by]!
    if (fixed !== undefined) return fixed
    let sum = last
    for (let j = 0; j < columns; j++)
      sum += steps[j]! * below[a * columns + j]! * below[b * columns + j]! * below[c * columns + j]!
    return sum > FLOOR ? sum : FLOOR
  }
}

/** Σ_state P(state)·λ(state) for a row of "less than state j + 1". */
function expectedOf(below: Float64Array, factor: Float64Array): number {
  let sum = factor[below.length]!
  below.forEach((value, j) => (sum += value * (factor[j]! - factor[j + 1]!)))
  return Math.max(FLOOR, sum)
}

/** The smallest of three places that is one; −1 when none is. */
export function firstOf(a: number, b: number, c: number): number {
  let first = a
  if (b >= 0 && (first < 0 || b < first)) first = b
  if (c >= 0 && (first < 0 || c < first)) first = c
  return first
}

/** P(sign's evidence | set of faults, conditions that hold); members are indices of faults, at most three. */
export function signLikelihood(
  sign: SignModel,
  factor: Float64Array,
  members: readonly number[],
  holds = 0,
): number {
  const { classOf } = sign.classes
  const of = (f: number | undefined) => (f === undefined ? 0 : classOf[f]!)
  return classLikelihood(sign, factor, holds)(of(members[0]), of(members[1]), of(members[2]))
}
