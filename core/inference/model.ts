import type { Complaint } from '../vehicle/complaint'
import { mayHave, type SystemProfile } from '../vehicle/profile'
import { LEVELS, PRIORS } from '../knowledge/levels'
import type { AtLeast, Book, Fault, Sign } from '../knowledge/types'
import { indexSets, type SetIndex } from './sets'
import { fitOdds, calibrate } from './odds'

export const MAX_CONCURRENT = 3

/** One override of a sign, resolved: by a fault of the model, or by a condition that holds or does not. */
export interface OverrideModel {
  fault: number
  condition: number
  present: boolean
  below: Float64Array
}

/** How one sign depends on faults and conditions; all rows have states − 1 columns ("less than state j + 1"). */
export interface SignModel {
  sign: Sign
  columns: number
  leakBelow: Float64Array
  /** faults that speak to it, in rising order */
  linked: Int16Array
  /** place of a fault in `linked`, −1 where it says nothing */
  place: Int16Array
  /** P(less than state j + 1 | linked fault alone), linked-major */
  below: Float64Array
  /** the same for every fault, fault-major, with a last row of ones for "no member" */
  dense: Float64Array
  /** conditions that act on it as causes */
  causes: { condition: number; below: Float64Array }[]
  overrides: OverrideModel[]
  /** bit mask of the conditions it depends on in any way */
  conditions: number
}

export interface ConditionModel {
  id: string
  leakNot: number
  /** 1 − P(condition | fault alone), per fault */
  notByFault: Float64Array
  /** 1 − P(condition | earlier condition alone) */
  notByCondition: Float64Array
  /** itself and all conditions before it that can bring it about */
  ancestry: number
}

/** Shop experience: how many closed cases of one complaint were confirmed, and as what. */
export interface ShopCounts {
  cases: number
  confirmed: Readonly<Record<string, number>>
}

/** The book's prior weighs as much as this many of the shop's own confirmed cases. */
export const BOOK_WEIGHT_CASES = 40

/** All allowed sets of up to three faults of one vehicle and complaint, with calibrated prior weights. */
export interface Model {
  book: Book
  faults: readonly Fault[]
  prior: Float64Array
  sets: SetIndex
  /** members of set s at 3s, 3s+1, 3s+2; −1 pads */
  members: Int16Array
  setCount: number
  /** prior probability of each set; 0 for sets whose members exclude each other */
  weight: Float64Array
  faultIndex: ReadonlyMap<string, number>
  conditions: readonly ConditionModel[]
  signs: ReadonlyMap<string, SignModel>
}

/** A fault can exist unless a field of the profile is known and excludes it. */
export const canExist = (fault: Fault, profile: SystemProfile): boolean =>
  mayHave(profile, fault.needs)

/**
 * Builds the model of a vehicle: the faults that can exist, every allowed set of up to three of them, and set
 * priors so that each fault's marginal equals the book's after truncation and the empty set has the book's
 * probability (iterative proportional fitting of odds).
 */
export function buildModel(
  book: Book,
  complaint: Complaint,
  profile: SystemProfile,
  { maxConcurrent = MAX_CONCURRENT, shop }: { maxConcurrent?: number; shop?: ShopCounts } = {},
): Model {
  const faults = book.faults.filter((fault) => canExist(fault, profile))
  const sets = indexSets(faults.length)
  const prior = priorsOf(book, faults, complaint, shop)
  const nothing = book.nothingAtAll[complaint]
  const weight = calibrate(
    allowedSets(sets, faults, maxConcurrent),
    sets.count,
    fitOdds(faults, prior, nothing, maxConcurrent),
    nothing,
  )
  const faultIndex = new Map(faults.map((fault, f) => [fault.id, f]))
  const conditionIndex = new Map(book.conditions.map((condition, k) => [condition.id, k]))
  const conditions = conditionModels(book, faults, conditionIndex)
  const signs = new Map(
    book.signs.map((sign) => [sign.id, signModel(sign, book, faults, conditionIndex)]),
  )
  return {
    book,
    faults,
    prior,
    sets,
    members: sets.members,
    setCount: sets.count,
    weight,
    faultIndex,
    conditions,
    signs,
  }
}

/** Sets that may be: few enough members, none of one class twice. Flat: index, then three members. */
function allowedSets(
  { count, members }: SetIndex,
  faults: readonly Fault[],
  maxConcurrent: number,
): Int32Array {
  const out = new Int32Array(4 * count)
  const names = faults.map((fault) => fault.excludes)
  const clash = (a: number, b: number) =>
    a >= 0 && b >= 0 && names[a] !== undefined && names[a] === names[b]
  let length = 0
  for (let s = 0; s < count; s++) {
    const a = members[3 * s]!
    const b = members[3 * s + 1]!
    const c = members[3 * s + 2]!
    if ((a >= 0 ? 1 : 0) + (b >= 0 ? 1 : 0) + (c >= 0 ? 1 : 0) > maxConcurrent) break
    if (clash(a, b) || clash(a, c) || clash(b, c)) continue
    out[length++] = s
    out[length++] = a
    out[length++] = b
    out[length++] = c
  }
  return out.subarray(0, length)
}

/**
 * Priors of the faults that can exist here. What the book gives to faults that this vehicle cannot have is shared
 * out among the others in proportion: the complaint is there, so something explains it. The shop's confirmed
 * cases move it by counting: (W·p + confirmed) / (W + cases), with the book worth W = 40 cases.
 */
export function priorsOf(
  book: Book,
  faults: readonly Fault[],
  complaint: Complaint,
  shop?: ShopCounts,
): Float64Array {
  const sum = (list: readonly Fault[]) =>
    list.reduce((total, fault) => total + PRIORS[fault.prior[complaint]], 0)
  const share = sum(book.faults) / sum(faults)
  return Float64Array.from(faults, (fault) => {
    const p = PRIORS[fault.prior[complaint]] * share
    const moved = shop
      ? (BOOK_WEIGHT_CASES * p + (shop.confirmed[fault.id] ?? 0)) / (BOOK_WEIGHT_CASES + shop.cases)
      : p
    return Math.min(0.6, moved)
  })
}

function belowOf(sign: Sign, atLeast: AtLeast): Float64Array {
  return Float64Array.from(
    sign.states.slice(1),
    (state) => 1 - (atLeast[state] ? LEVELS[atLeast[state]] : 0),
  )
}

function conditionModels(
  book: Book,
  faults: readonly Fault[],
  index: ReadonlyMap<string, number>,
): ConditionModel[] {
  const not = (list: readonly { condition: string; level: keyof typeof LEVELS }[], id: string) =>
    list.reduce((p, cause) => (cause.condition === id ? p * (1 - LEVELS[cause.level]) : p), 1)
  const out: ConditionModel[] = []
  book.conditions.forEach((condition, k) => {
    let ancestry = 1 << k
    const notByCondition = new Float64Array(book.conditions.length).fill(1)
    for (const cause of condition.causedBy) {
      const j = index.get(cause.condition) ?? k
      if (j >= k) throw new RangeError(`${condition.id} can only be caused by conditions before it`)
      notByCondition[j]! *= 1 - LEVELS[cause.level]
      ancestry |= out[j]!.ancestry
    }
    const notByFault = Float64Array.from(faults, (fault) => not(fault.causes, condition.id))
    out.push({
      id: condition.id,
      leakNot: 1 - LEVELS[condition.leak],
      notByFault,
      notByCondition,
      ancestry,
    })
  })
  return out
}

function signModel(
  sign: Sign,
  book: Book,
  faults: readonly Fault[],
  conditionIndex: ReadonlyMap<string, number>,
): SignModel {
  const columns = sign.states.length - 1
  const combined = (effects: readonly { sign: string; atLeast: AtLeast }[]) => {
    const mine = effects.filter((effect) => effect.sign === sign.id)
    if (mine.length === 0) return undefined
    return mine
      .map((effect) => belowOf(sign, effect.atLeast))
      .reduce((a, b) => a.map((value, j) => value * b[j]!))
  }
  const overrides = (sign.overrides ?? []).flatMap((override): OverrideModel[] => {
    const fault = faults.findIndex((candidate) => candidate.id === override.by)
    const condition = conditionIndex.get(override.by) ?? -1
    if (fault < 0 && condition < 0) return []
    return [
      {
        fault,
        condition,
        present: override.when !== 'absent',
        below: belowOf(sign, override.atLeast),
      },
    ]
  })
  const rows = faults.map((fault) => combined(fault.effects))
  const linked = faults
    .map((_, f) => f)
    .filter((f) => rows[f] || overrides.some((o) => o.fault === f))
  const place = new Int16Array(faults.length).fill(-1)
  const below = new Float64Array(linked.length * columns).fill(1)
  const dense = new Float64Array((faults.length + 1) * columns).fill(1)
  linked.forEach((f, i) => {
    place[f] = i
    rows[f]?.forEach((value, j) => (below[i * columns + j] = dense[f * columns + j] = value))
  })
  const causes = book.conditions.flatMap((condition, k) => {
    const row = combined(condition.effects)
    return row ? [{ condition: k, below: row }] : []
  })
  const touched = [...causes.map((c) => c.condition), ...overrides.map((o) => o.condition)].filter(
    (k) => k >= 0,
  )
  return {
    sign,
    columns,
    leakBelow: belowOf(sign, sign.leak),
    linked: Int16Array.from(linked),
    place,
    below,
    dense,
    causes,
    overrides,
    conditions: touched.reduce((mask, k) => mask | (1 << k), 0),
  }
}
