import { rowInto, type ClassTable } from './class-table'
import { rowsOf } from './count-rows'
import type { Elements } from './elements'
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
  const rows = rowsOf(weights, ratios)
  for (let i = 0; i < twins; i++)
    for (let j = i; j < twins; j++) {
      const at = row[i * twins + j]!
      const sum = rows.count(counts.once, i, j, at)
      const last = three[at + j]! * rows.ratioOfLast(i, j, at)
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
