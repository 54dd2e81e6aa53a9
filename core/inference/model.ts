import type { Complaint } from '../vehicle/complaint'
import { mayHave, type ProfileNeeds, type SystemProfile } from '../vehicle/profile'
import { LEVELS } from '../knowledge/levels'
import { writtenPrior } from '../knowledge/priors'
import { fittedShare } from '../knowledge/fitted'
import type { Book, Fault } from '../knowledge/types'
import { USUAL_WEAR, type Wear, wearFactor } from '../knowledge/wear'
import { fitOdds, type PriorWeights } from './odds'
import { movedPriors, type ShopCounts } from './shop-prior'
import { signModel, type SignModel } from './sign-model'

export const MAX_CONCURRENT = 3

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

/** The models of a book's signs, each made when it is first asked for. */
export interface SignModels {
  has: (id: string) => boolean
  get: (id: string) => SignModel | undefined
  all: () => SignModel[]
}

/** The faults of one vehicle and complaint, what they do, and how likely sets of up to three of them are. */
export interface Model {
  book: Book
  faults: readonly Fault[]
  prior: Float64Array
  weights: PriorWeights
  faultIndex: ReadonlyMap<string, number>
  conditions: readonly ConditionModel[]
  signs: SignModels
}

/** A fault can exist unless a field of the profile is known and excludes it. */
export const canExist = (fault: Fault, profile: SystemProfile): boolean =>
  mayHave(profile, fault.needs)

/**
 * Builds the model of a vehicle: the faults that can exist, and odds of each so that its marginal over sets of up to
 * three equals the book's and the empty set has the book's probability.
 */
export function buildModel(
  book: Book,
  complaint: Complaint,
  profile: SystemProfile,
  {
    maxConcurrent = MAX_CONCURRENT,
    wear = USUAL_WEAR,
    ...others
  }: { maxConcurrent?: number } & Partial<Omit<PriorMovers, 'profile'>> = {},
): Model {
  const here = <T extends { needs?: ProfileNeeds }>(rows: readonly T[]) =>
    rows.filter(({ needs }) => mayHave(profile, needs))
  const faults = here(book.faults).map((fault) => ({
    ...fault,
    guards: here(fault.guards),
    effects: here(fault.effects),
  }))
  const conditions = book.conditions.map((one) => ({ ...one, effects: here(one.effects) }))
  const prior = priorsOf(book, faults, complaint, { profile, wear, ...others })
  const conditionIndex = new Map(book.conditions.map((condition, k) => [condition.id, k]))
  return {
    book,
    faults,
    prior,
    weights: fitOdds(faults, prior, book.nothingAtAll[complaint], maxConcurrent),
    faultIndex: new Map(faults.map((fault, f) => [fault.id, f])),
    conditions: conditionModels(book, faults, conditionIndex),
    signs: signModels({ ...book, conditions }, faults, conditionIndex),
  }
}

function signModels(
  book: Book,
  faults: readonly Fault[],
  conditionIndex: ReadonlyMap<string, number>,
): SignModels {
  const byId = new Map(book.signs.map((sign) => [sign.id, sign]))
  const made = new Map<string, SignModel>()
  function get(id: string): SignModel | undefined {
    const sign = byId.get(id)
    if (!sign) return undefined
    const known = made.get(id) ?? signModel(sign, book, faults, conditionIndex)
    made.set(id, known)
    return known
  }
  return { has: (id) => byId.has(id), get, all: () => book.signs.map(({ id }) => get(id)!) }
}

/** No fault is likelier than this before anything is read. */
const MOST_OF_A_PRIOR = 0.6

/** What of a vehicle and a shop moves the book's priors. */
export interface PriorMovers {
  profile: SystemProfile
  wear: Wear
  shop?: ShopCounts
  /** whose priors say how often something explains the complaint, where the book itself is a shop's */
  product?: Book
}

/**
 * Priors of the faults that can exist here. Equipment that nobody has asked about counts by how common it is, parts that
 * age by how old the vehicle is and how far it went. What the book gives to faults that this vehicle cannot have, or
 * hardly has, is shared out among the others in proportion: the complaint is there, so something explains it. So it is
 * where a shop's lead has some of them otherwise: what he makes commoner makes the others rarer. The shop's confirmed
 * cases move it by counting (`shop-prior.ts`).
 */
function priorsOf(
  book: Book,
  faults: readonly Fault[],
  complaint: Complaint,
  { profile, wear, shop, product = book }: PriorMovers,
): Float64Array {
  const written = (fault: Fault) => writtenPrior(fault, complaint)
  const here = faults.map(
    (fault) => written(fault) * fittedShare(fault.needs, profile) * wearFactor(fault.id, wear),
  )
  const share =
    product.faults.reduce((total, fault) => total + written(fault), 0) /
    here.reduce((total, p) => total + p, 0)
  const byBook = here.map((p) => p * share)
  const ids = faults.map(({ id }) => id)
  return Float64Array.from(movedPriors(byBook, ids, shop), (p) => Math.min(MOST_OF_A_PRIOR, p))
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
