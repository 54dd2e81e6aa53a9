import type { ClassTable } from './class-table'
import { countFew, type Counts } from './counts'
import { multisetsOf, placeOf } from './multisets'
import type { Weights } from './weights'

/** Sums over the sets without newcomer of weight × how often two twins stand in it together. */
export interface Moments {
  /** Σ w */
  none: number
  /** Σ w·m_x, by twin */
  one: Float64Array
  /** Σ w·m_x·m_y for x ≠ y, at both x·twins + y and y·twins + x; Σ w·m(m − 1)/2 at x·twins + x */
  two: Float64Array
}

export function momentsOf({ twins, row, three, ...few }: Weights): Moments {
  const moments: Moments = {
    none: few.none,
    one: new Float64Array(twins),
    two: new Float64Array(twins * twins),
  }
  const { one, two } = moments
  for (let i = 0; i < twins; i++) {
    moments.none += few.one[i]!
    one[i]! += few.one[i]!
    for (let j = i; j < twins; j++) {
      const both = few.two[i * twins + j]!
      const sum = addPairs(two, three, row[i * twins + j]!, i * twins, j * twins, j, twins, one)
      moments.none += both + sum
      one[i]! += both + sum
      one[j]! += both + sum
      two[i * twins + j]! += both + sum
    }
  }
  for (let i = 0; i < twins; i++)
    for (let j = i + 1; j < twins; j++) two[j * twins + i] = two[i * twins + j]!
  return moments
}

/** Adds a row of sets i, j, k to the pairs (i, k) and (j, k) and to k; gives its sum. */
function addPairs(
  two: Float64Array,
  three: Float64Array,
  at: number,
  rowOfI: number,
  rowOfJ: number,
  j: number,
  twins: number,
  one: Float64Array,
): number {
  let sum = 0
  for (let k = j; k < twins; k++) {
    const w = three[at + k]!
    sum += w
    two[rowOfI + k]! += w
    two[rowOfJ + k]! += w
    one[k]! += w
  }
  return sum
}

/**
 * What `countUp` gives for ratios of signs that few twins speak to, without going through the sets that none of these is
 * in. The ratio g of a set depends on those of its members that the tables say anything of, and is spelled by finite
 * differences, g(S) = Σ_U d(U)·Π C(m_i, u_i) over multisets U of these: d(∅) = g(∅), d(x) = g(x) − g(∅),
 * d(xy) = g(xy) − g(x) − g(y) + g(∅), and the like for three. Then Σ w·g·m_h = Σ_U d(U)·(u_h·A(U) + (u_h + 1)·A(U + h))
 * with A(U) = Σ w·Π C(m_i, u_i), and A of three is the weight itself. Digits are lost as far as ratios lie apart:
 * undefined where that is too far, or where going through all sets costs less.
 */
export function countByDifferences(
  weights: Weights,
  moments: Moments,
  ratios: readonly ClassTable[],
): Counts | undefined {
  const { twins, row, three, beside } = weights
  const linked = unionOf(ratios, twins)
  const m = linked.length
  if ((m * m * twins) / 2 > three.length) return undefined
  const g = ratioOf(ratios, linked)
  if (g.most > g.least * MOST_APART) return undefined
  const { none, one, two } = moments
  const counts: Counts = {
    total: g.none * none,
    once: one.map((a) => g.none * a),
    twice: new Float64Array(twins),
    thrice: new Float64Array(twins),
    newcomer: new Float64Array(beside.length),
  }
  const { once } = counts
  for (let x = 0; x < m; x++) {
    const h = linked[x]!
    const d = g.one[x]! - g.none
    counts.total += d * one[h]!
    addRow(once, two, h * twins, d)
    // A(U + h) counts twice where h is in U already, and U itself counts for h.
    once[h]! += d * (one[h]! + two[h * twins + h]!)
  }
  for (let x = 0; x < m; x++)
    for (let y = x; y < m; y++) {
      const [i, j] = [linked[x]!, linked[y]!]
      const d = g.two[x * m + y]! - g.one[x]! - g.one[y]! + g.none
      const pair = d * two[i * twins + j]!
      counts.total += pair
      once[i]! += pair
      once[j]! += pair
      addThirds(once, three, row, twins, i, j, d)
    }
  for (let x = 0; x < m; x++)
    for (let y = x; y < m; y++) {
      const at = row[linked[x]! * twins + linked[y]!]!
      const flat = g.two[x * m + y]! - g.one[x]! - g.one[y]! + g.none
      let sum = 0
      for (let z = y; z < m; z++) {
        const d = g.three(x, y, z) - g.two[x * m + z]! - g.two[y * m + z]! + g.one[z]! - flat
        const w = d * three[at + linked[z]!]!
        sum += w
        once[linked[z]!]! += w
      }
      counts.total += sum
      once[linked[x]!]! += sum
      once[linked[y]!]! += sum
    }
  countAlike(counts, weights, moments, g, linked)
  beside.forEach((block, b) => {
    const before = counts.total
    countFew(counts, block, ratios, (table) => table.ofNewcomer[b]!)
    counts.newcomer[b] = counts.total - before
  })
  return counts
}

/** Ratios that lie further apart are not told by differences. */
const MOST_APART = 1e5

/** Twins that any of the tables speaks of, rising. */
function unionOf(tables: readonly ClassTable[], twins: number): Uint8Array {
  if (tables.length === 1) return tables[0]!.linked
  const isLinked = new Uint8Array(twins)
  for (const { linked } of tables) for (const twin of linked) isLinked[twin] = 1
  return Uint8Array.from(isLinked.keys()).filter((twin) => isLinked[twin] === 1)
}

/** The ratio of sets by their linked members, which are given by their places in `linked`. */
interface Ratio {
  none: number
  one: Float64Array
  two: Float64Array
  three: (x: number, y: number, z: number) => number
  least: number
  most: number
}

function ratioOf(tables: readonly ClassTable[], linked: Uint8Array): Ratio {
  const m = linked.length
  const classes = tables.map(({ ofTwin }) => Uint8Array.from(linked, (twin) => ofTwin[twin]!))
  const layouts = tables.map(({ count }) => multisetsOf(count))
  const three = (x: number, y: number, z: number) => {
    let ratio = 1
    for (let t = 0; t < tables.length; t++) {
      const own = classes[t]!
      const [a, b, c] = [x < 0 ? 0 : own[x]!, y < 0 ? 0 : own[y]!, z < 0 ? 0 : own[z]!]
      ratio *= tables[t]!.values[placeOf(layouts[t]!, a, b, c)]!
    }
    return ratio
  }
  const one = new Float64Array(m)
  const two = new Float64Array(m * m)
  for (let x = 0; x < m; x++) {
    one[x] = three(-1, -1, x)
    for (let y = x; y < m; y++) two[x * m + y] = two[y * m + x] = three(-1, x, y)
  }
  let [least, most] = [1, 1]
  for (const { values } of tables) {
    let [low, high] = [Infinity, 0]
    for (let v = 0; v < values.length; v++) {
      if (values[v]! < low) low = values[v]!
      if (values[v]! > high) high = values[v]!
    }
    least *= low
    most *= high
  }
  return { none: three(-1, -1, -1), one, two, three, least, most }
}

/** once[h] += d · two[at + h] */
function addRow(once: Float64Array, two: Float64Array, at: number, d: number): void {
  for (let h = 0; h < once.length; h++) once[h]! += d * two[at + h]!
}

/** once[h] += d · (u + 1) · three{i, j, h}, u being how often h is among i and j. */
function addThirds(
  once: Float64Array,
  three: Float64Array,
  row: Int32Array,
  twins: number,
  i: number,
  j: number,
  d: number,
): void {
  for (let h = 0; h < i; h++) once[h]! += d * three[row[h * twins + i]! + j]!
  for (let h = i; h < j; h++) once[h]! += d * three[row[i * twins + h]! + j]!
  const at = row[i * twins + j]!
  for (let h = j; h < twins; h++) once[h]! += d * three[at + h]!
  // Once for each of i and j that h is.
  once[i]! += d * three[row[i * twins + i]! + j]!
  once[j]! += d * three[at + j]!
}

/** Sets with two or three of one class of twins, counted one by one. */
function countAlike(
  { twice, thrice }: Counts,
  { twins, row, three, two }: Weights,
  moments: Moments,
  { none, one, two: pairs, three: triple }: Ratio,
  linked: Uint8Array,
): void {
  const place = new Int16Array(twins).fill(-1)
  linked.forEach((twin, x) => (place[twin] = x))
  const m = linked.length
  for (let h = 0; h < twins; h++) {
    if (moments.two[h * twins + h] === 0) continue
    const x = place[h]!
    const ofPair = x < 0 ? none : pairs[x * m + x]!
    twice[h]! += two[h * twins + h]! * ofPair
    for (let k = 0; k < twins; k++) {
      if (k === h) continue
      const w = k < h ? three[row[k * twins + h]! + h]! : three[row[h * twins + h]! + k]!
      const z = place[k]!
      const ratio = x < 0 ? (z < 0 ? none : one[z]!) : z < 0 ? ofPair : triple(x, x, z)
      twice[h]! += w * ratio
    }
    const all = three[row[h * twins + h]! + h]! * (x < 0 ? none : triple(x, x, x))
    twice[h]! += 3 * all
    thrice[h]! += all
  }
}
