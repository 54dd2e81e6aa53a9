import { PAST_SIGNS } from '../knowledge/past-signs'
import type { Belief } from './belief'
import type { Evidence } from './evidence'
import type { WeighedSet } from './heavy-sets'
import type { Model } from './model'
import type { SignModel } from './sign-model'

/** How many times likelier a reading is of an abnormal state than of the normal one, before it asks who accounts for it. */
const SPEAKS_FROM = 3

/** What stands of the newest epoch it was read in, speaks for an abnormal state, and is none of the past. */
export function abnormalIn({ evidence }: Belief): Evidence[] {
  const latest = new Map<string, number>()
  for (const { sign, epoch } of evidence)
    latest.set(sign.sign.id, Math.max(latest.get(sign.sign.id) ?? 0, epoch))
  return evidence.filter(
    ({ sign, epoch, factor }) =>
      latest.get(sign.sign.id) === epoch &&
      !PAST_SIGNS.has(sign.sign.id) &&
      factor[0]! * SPEAKS_FROM <= Math.max(...factor.slice(1)),
  )
}

/** P(sign normal | faults), each condition taken by itself: enough to say who accounts for a sign. */
export function normalGiven(model: Model, sign: SignModel, members: readonly number[]): number {
  let normal = sign.leakBelow[0]!
  const { classOf, below } = sign.classes
  for (const f of members) normal *= below[classOf[f]! * sign.columns]!
  for (const cause of sign.causes) {
    const condition = model.conditions[cause.condition]!
    const holds = 1 - members.reduce((not, f) => not * condition.notByFault[f]!, condition.leakNot)
    normal *= 1 - holds * (1 - cause.below[0]!)
  }
  return normal
}

/** Something found that faults do not account for, and who does. */
export interface LeftSign {
  sign: string
  /** of it, what these faults account for, 0 to 1 */
  share: number
  /** others that account for a good part of it where these faults are there, the most first */
  others: { fault: string; share: number }[]
}

/** What some faults account for, of all that was found. */
export interface Accounts {
  /** things found that speak for an abnormal state */
  found: number
  left: LeftSign[]
}

/** Less of a sign is accounted for by something else, or by nothing in the book. */
const ACCOUNTED_FROM = 0.5
/** Who has less of a sign is not named. */
const NAMED_FROM = 0.2
/** Stands for all faults that were there when a sign was read and are mended since. */
const MENDED = -1
const LEAST_NORMAL = 1e-12

/**
 * What these faults account for where all of them are there now: over the heaviest sets that hold them. Of one set a sign
 * is shared out as noisy-or has it, −ln P(normal | member alone) of each member over the sum with the leak's own: the
 * shares of a set add up to 1. What was mended since a sign was read accounts for its own part of it. Nothing where no
 * such set has a weight.
 */
export function accountFor(
  belief: Belief,
  faults: readonly number[],
  heaviest: readonly WeighedSet[],
): Accounts | undefined {
  const holding = heaviest.filter((set) => {
    const present = belief.present(set)
    return faults.every((f) => present.includes(f))
  })
  const mass = holding.reduce((sum, { probability }) => sum + probability, 0)
  if (!(mass > 0)) return undefined
  const abnormal = abnormalIn(belief)
  const left = abnormal.flatMap((one): LeftSign[] => {
    const shares = sharesOf(belief, one, holding)
    const share = [MENDED, ...faults].reduce((sum, f) => sum + (shares.get(f) ?? 0), 0) / mass
    if (share >= ACCOUNTED_FROM) return []
    const others = [...shares]
      .filter(([f, own]) => f !== MENDED && !faults.includes(f) && own / mass >= NAMED_FROM)
      .map(([f, own]) => ({ fault: belief.model.faults[f]!.id, share: own / mass }))
      .toSorted((a, b) => b.share - a.share)
    return [{ sign: one.sign.sign.id, share, others }]
  })
  return { found: abnormal.length, left }
}

/** Of one sign, what each fault that is there now has in these sets, each by its probability, and what was mended has. */
function sharesOf(
  belief: Belief,
  { sign, epoch }: Evidence,
  sets: readonly WeighedSet[],
): Map<number, number> {
  const { model } = belief
  const alone = (members: readonly number[]) =>
    -Math.log(Math.max(LEAST_NORMAL, normalGiven(model, sign, members)))
  const byLeak = alone([])
  const shares = new Map<number, number>()
  for (const set of sets) {
    const members = belief.present(set, epoch)
    const now = new Set(belief.present(set))
    const owed = members.map((f) => Math.max(0, alone([f]) - byLeak))
    const all = owed.reduce((sum, own) => sum + own, byLeak)
    if (!(all > 0)) continue
    members.forEach((f, i) => {
      const key = now.has(f) ? f : MENDED
      shares.set(key, (shares.get(key) ?? 0) + (set.probability * owed[i]!) / all)
    })
  }
  return shares
}
