import type { Complaint } from '../casefile/complaint'
import type { SystemProfile } from '../casefile/profile'
import { LEVELS, PRIORS } from '../knowledge/levels'
import type { Book, Fault, Sign } from '../knowledge/types'

export const MAX_CONCURRENT = 3

/** How one sign depends on the faults of the model; all rows have states − 1 columns ("at least state j + 1"). */
export interface SignModel {
  sign: Sign
  /** P(at least state j + 1) with no fault, per column */
  leakBelow: Float64Array
  /** 1 − P(at least state j + 1 | fault alone), fault-major; 1 where the fault says nothing */
  below: Float64Array
  overrides: { fault: number; below: Float64Array }[]
}

/** All allowed sets of up to three faults of one vehicle and complaint, with calibrated prior weights. */
export interface Model {
  book: Book
  faults: readonly Fault[]
  prior: Float64Array
  /** members of set s at 3s, 3s+1, 3s+2; −1 pads */
  members: Int16Array
  setCount: number
  /** prior probability of each set */
  weight: Float64Array
  /** index of the set with these sorted members, keyed by member indices */
  indexOf: (members: readonly number[]) => number
  signs: ReadonlyMap<string, SignModel>
}

/** A fault can exist unless a field of the profile is known and excludes it. */
export function canExist(fault: Fault, profile: SystemProfile): boolean {
  return Object.entries(fault.needs ?? {}).every(([field, allowed]) => {
    const value = profile[field as keyof SystemProfile]
    return value === undefined || value === 'unknown' || (allowed as readonly unknown[]).includes(value)
  })
}

/**
 * Builds the model of a vehicle: the faults that can exist, every allowed set of up to three of them, and set
 * priors so that each fault's marginal equals the book's after truncation and the empty set has the book's
 * probability (iterative proportional fitting of odds).
 */
export function buildModel(book: Book, complaint: Complaint, profile: SystemProfile, maxConcurrent = MAX_CONCURRENT): Model {
  const faults = book.faults.filter((fault) => canExist(fault, profile))
  const n = faults.length
  const clash = (a: number, b: number) =>
    faults[a]!.excludes !== undefined && faults[a]!.excludes === faults[b]!.excludes
  const sets: number[] = [-1, -1, -1]
  const index = new Map<number, number>([[0, 0]])
  const key = (a: number, b = -1, c = -1) => ((a + 1) * (n + 1) + b + 1) * (n + 1) + c + 1
  index.set(key(-1), 0)
  const push = (a: number, b = -1, c = -1) => {
    index.set(key(a, b, c), sets.length / 3)
    sets.push(a, b, c)
  }
  for (let a = 0; a < n; a++) {
    push(a)
    for (let b = a + 1; b < n && maxConcurrent > 1; b++) {
      if (clash(a, b)) continue
      push(a, b)
      for (let c = b + 1; c < n && maxConcurrent > 2; c++) if (!clash(a, c) && !clash(b, c)) push(a, b, c)
    }
  }
  const members = Int16Array.from(sets)
  const setCount = sets.length / 3
  const prior = priorsOf(book, faults, complaint)
  const weight = calibrate(members, setCount, prior, book.nothingAtAll[complaint])
  const signs = new Map(book.signs.map((sign) => [sign.id, signModel(sign, faults)]))
  return {
    book,
    faults,
    prior,
    members,
    setCount,
    weight,
    indexOf: (list) => index.get(key(list[0] ?? -1, list[1] ?? -1, list[2] ?? -1)) ?? -1,
    signs,
  }
}

/**
 * Priors of the faults that can exist here. What the book gives to faults that this vehicle cannot have is shared
 * out among the others in proportion: the complaint is there, so something explains it.
 */
export function priorsOf(book: Book, faults: readonly Fault[], complaint: Complaint): Float64Array {
  const sum = (list: readonly Fault[]) => list.reduce((total, fault) => total + PRIORS[fault.prior[complaint]], 0)
  const share = sum(book.faults) / sum(faults)
  return Float64Array.from(faults, (fault) => Math.min(0.6, PRIORS[fault.prior[complaint]] * share))
}

function signModel(sign: Sign, faults: readonly Fault[]): SignModel {
  const abnormal = sign.states.slice(1)
  const columns = abnormal.length
  const row = (atLeast: Readonly<Record<string, keyof typeof LEVELS>>) =>
    Float64Array.from(abnormal, (state) => {
      const level = atLeast[state]
      return 1 - (level ? LEVELS[level] : 0)
    })
  const below = new Float64Array(faults.length * columns).fill(1)
  faults.forEach((fault, f) => {
    for (const effect of fault.effects)
      if (effect.sign === sign.id) row(effect.atLeast).forEach((value, j) => (below[f * columns + j]! *= value))
  })
  const overrides = (sign.overrides ?? []).flatMap((override) => {
    const fault = faults.findIndex((candidate) => candidate.id === override.by)
    return fault < 0 ? [] : [{ fault, below: row(override.atLeast) }]
  })
  return { sign, leakBelow: row(sign.leak), below, overrides }
}

/**
 * Weights w(S) ∝ z(S = ∅)·Π odds, with odds fitted until every marginal is the book's to 1e-12. RangeError when
 * the priors ask for more than truncated sets can carry.
 */
function calibrate(members: Int16Array, setCount: number, prior: Float64Array, nothing: number): Float64Array {
  const n = prior.length
  const odds = Float64Array.from(prior, (p) => p / (1 - p))
  const weight = new Float64Array(setCount)
  const marginal = new Float64Array(n)
  for (let iteration = 0; iteration < 4000; iteration++) {
    let total = 0
    for (let s = 1; s < setCount; s++) {
      let w = 1
      for (let k = 3 * s; k < 3 * s + 3 && members[k]! >= 0; k++) w *= odds[members[k]!]!
      weight[s] = w
      total += w
    }
    const scale = (1 - nothing) / total
    marginal.fill(0)
    for (let s = 1; s < setCount; s++) {
      weight[s]! *= scale
      for (let k = 3 * s; k < 3 * s + 3 && members[k]! >= 0; k++) marginal[members[k]!]! += weight[s]!
    }
    weight[0] = nothing
    let worst = 0
    for (let f = 0; f < n; f++) {
      const ratio = prior[f]! / marginal[f]!
      worst = Math.max(worst, Math.abs(Math.log(ratio)))
      odds[f]! *= ratio
    }
    if (worst < 1e-12) return weight
  }
  throw new RangeError('the priors cannot be met by sets of so few faults')
}
