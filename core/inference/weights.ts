import { rowInto, valueAt, type ClassTable } from './class-table'
import type { Elements } from './elements'
import type { Model } from './model'
import { multisetsOf } from './multisets'
import { termsOf, tripleTermsOf, type Terms, type TripleTerms } from './terms'
import { stands, type Newcomer, type Timeline } from './timeline'
import type { Twins } from './twins'

/** Weights, prior times likelihood, of multisets of at most two twins. */
export interface Few {
  none: number
  /** by twin */
  one: Float64Array
  /** by two twins i ≤ j, at i·twins + j */
  two: Float64Array
}

/** Weights of all sets, gathered by twins. A weight is that of all the sets that a multiset of twins stands for. */
export interface Weights extends Few {
  twins: number
  /** three twins i ≤ j ≤ k stand at row[i·twins + j] + k */
  row: Int32Array
  three: Float64Array
  /** the same of sets of at most two members beside each newcomer */
  beside: readonly Few[]
}

/** What the sweep multiplies: likelihoods of classes that are taken apart into terms, and such that are not. */
export interface Likelihoods {
  apart: readonly ClassTable[]
  whole: readonly ClassTable[]
}

/**
 * The weights of all sets. A set {a, b, c} weighs scale · o_a·o_b·o_c times its likelihood, which is a product of
 * functions of its members' classes. So all sets of three twins weigh the same but for their odds, whose symmetric sums
 * are known; and with the functions taken apart, f(∅)·Π f(a)·Π f(a, b)·Π f(a, b, c), a row of sets costs a few
 * multiplications each, however many readings there are.
 */
export function weigh(
  model: Model,
  twins: Twins,
  elements: Elements,
  timeline: Timeline,
  likelihoods: Likelihoods,
): Weights {
  const { scale, nothing, most } = model.weights
  const { newcomers } = elements
  const { apart, whole } = likelihoods
  const terms = termsOf(apart, twins.count, () => 0)
  const own = few(twins, terms, whole, () => 0, scale, nothing)
  const { offset: row, size } = multisetsOf(twins.count)
  const three = new Float64Array(size)
  const out: Weights = { twins: twins.count, row, three, ...own, beside: [] }
  if (most < 2) out.two.fill(0)
  if (most > 2) sweep(out, twins, terms, likelihoods, scale)
  const barred = newcomers.map((newcomer) => barredBy(newcomer, model, twins, timeline))
  const beside = newcomers.map(({ chance }, x) => {
    const fixed = (table: ClassTable) => table.ofNewcomer[x]!
    const besideIt = termsOf(apart, twins.count, fixed)
    const block = few(twins, besideIt, whole, fixed, scale * chance, nothing * chance)
    return withoutBarred(block, barred[x]!)
  })
  takeChances(out, newcomers, barred)
  return { ...out, beside }
}

/** Sets of at most two twins, beside a member that is there anyway: `fixed` gives its class, 0 for none. */
function few(
  { count, e1, e2, exclusion }: Twins,
  { none, single, pair }: Terms,
  whole: readonly ClassTable[],
  fixed: (table: ClassTable) => number,
  scale: number,
  nothing: number,
): Few {
  const one = new Float64Array(count)
  const two = new Float64Array(count * count)
  const wholeOf = (i: number, j: number) =>
    whole.reduce((all, t) => all * valueAt(t, fixed(t), classIn(t, i), classIn(t, j)), 1)
  for (let i = 0; i < count; i++) {
    one[i] = scale * none * e1[i]! * single[i]! * wholeOf(i, -1)
    for (let j = i; j < count; j++) {
      const odds = i === j ? e2[i]! : e1[i]! * e1[j]!
      if (odds === 0 || excludes(exclusion, i, j)) continue
      const at = i * count + j
      two[at] = scale * none * odds * single[i]! * single[j]! * pair[at]! * wholeOf(i, j)
    }
  }
  return { none: nothing * none * wholeOf(-1, -1), one, two }
}

/** Class of a twin in a table; of −1, no twin, class 0. */
const classIn = ({ ofTwin }: ClassTable, twin: number): number => (twin < 0 ? 0 : ofTwin[twin]!)

/** Two twins of one exclusion share no set. */
const excludes = (exclusion: Int16Array, i: number, j: number): boolean =>
  i !== j && exclusion[i]! >= 0 && exclusion[i] === exclusion[j]

/** Fills the rows of three twins. */
function sweep(
  { row, three }: Weights,
  { count, e1, e2, e3, exclusion }: Twins,
  { none, single, pair }: Terms,
  { apart, whole }: Likelihoods,
  scale: number,
): void {
  const triples = apart.flatMap((table) => tripleTermsOf(table) ?? [])
  const alone = single.map((value, i) => value * e1[i]!)
  const allowed = pair.slice()
  for (let i = 0; i < count; i++)
    for (let j = i; j < count; j++) if (excludes(exclusion, i, j)) allowed[i * count + j] = 0
  /** what two or three faults of one class weigh, against distinct ones */
  const twice = e2.map((value, i) => value / (e1[i]! * e1[i]!))
  const thrice = e3.map((value, i) => value / (e1[i]! * e1[i]! * e1[i]!))
  const vectors = whole.map((table) => new Float64Array(table.count))
  for (let i = 0; i < count; i++) {
    const ofI = triples.filter(({ ofTwin }) => ofTwin[i] !== 0)
    for (let j = i; j < count; j++) {
      const at = row[i * count + j]!
      const two = scale * none * alone[i]! * alone[j]! * allowed[i * count + j]!
      if (two === 0 || (i === j && twice[i] === 0)) continue
      fillRow(three, at, j, two, alone, allowed, i * count, j * count)
      for (let t = 0; t < ofI.length; t++) multiplyTriple(three, at, i, j, ofI[t]!)
      for (let t = 0; t < whole.length; t++) {
        const table = whole[t]!
        rowInto(vectors[t]!, table, table.ofTwin[i]!, table.ofTwin[j]!)
        multiplyRow(three, at, j, vectors[t]!, table.ofTwin)
      }
      if (i === j) {
        three[at + j]! *= thrice[j]!
        for (let k = j + 1; k < count; k++) three[at + k]! *= twice[j]!
      } else three[at + j]! *= twice[j]!
    }
  }
}

/** three[at + k] = two · alone[k] · pair[i, k] · pair[j, k], for k ≥ j. */
function fillRow(
  three: Float64Array,
  at: number,
  j: number,
  two: number,
  alone: Float64Array,
  pair: Float64Array,
  rowOfI: number,
  rowOfJ: number,
): void {
  for (let k = j; k < alone.length; k++)
    three[at + k] = two * alone[k]! * pair[rowOfI + k]! * pair[rowOfJ + k]!
}

/** Multiplies what i, j and a third say together, where all three say anything. */
function multiplyTriple(
  three: Float64Array,
  at: number,
  i: number,
  j: number,
  { ofTwin, count, cube, linked, from }: TripleTerms,
): void {
  if (ofTwin[j] === 0) return
  const slice = (ofTwin[i]! * count + ofTwin[j]!) * count
  for (let x = from[j]!; x < linked.length; x++) {
    const k = linked[x]!
    three[at + k]! *= cube[slice + ofTwin[k]!]!
  }
}

/** three[at + k] *= vector[class of k], for k ≥ j. */
function multiplyRow(
  three: Float64Array,
  at: number,
  j: number,
  vector: Float64Array,
  ofTwin: Uint8Array,
): void {
  for (let k = j; k < ofTwin.length; k++) three[at + k]! *= vector[ofTwin[k]!]!
}

/** Twins beside which a newcomer cannot come: it is there already, or excluded by what is there. */
function barredBy(
  { fault, from }: Newcomer,
  { faults }: Model,
  { members }: Twins,
  timeline: Timeline,
): Uint8Array {
  const exclusion = faults[fault]!.excludes
  return Uint8Array.from(members, ([first]) => {
    const isSame = first === fault
    const isExcluded = exclusion !== undefined && faults[first!]!.excludes === exclusion
    return (isSame || isExcluded) && stands(timeline, first!, 0, from) ? 1 : 0
  })
}

function withoutBarred({ none, one, two }: Few, barred: Uint8Array): Few {
  const count = one.length
  return {
    none,
    one: one.map((value, i) => (barred[i] ? 0 : value)),
    two: two.map((value, at) => (barred[Math.floor(at / count)] || barred[at % count] ? 0 : value)),
  }
}

/** A set beside which something may have come is less likely to have stayed alone. */
function takeChances(own: Few, newcomers: readonly Newcomer[], barred: readonly Uint8Array[]) {
  const count = own.one.length
  const stays = (i: number, j: number) =>
    newcomers.reduce(
      (left, { chance }, x) => (barred[x]![i] || barred[x]![j] ? left : left - chance),
      1,
    )
  own.none *= stays(-1, -1)
  for (let i = 0; i < count; i++) {
    own.one[i]! *= stays(i, -1)
    for (let j = i; j < count; j++) own.two[i * count + j]! *= stays(i, j)
  }
}
