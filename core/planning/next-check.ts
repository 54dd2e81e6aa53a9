import type { CaseInput } from '../casefile/assess'
import type { Belief } from '../inference/belief'
import { canBeDone, CHECK_COSTS, type CheckCost, type Phase } from './check-costs'
import { entropyBits, Prediction } from './predict'

export interface NextCheck {
  check: string
  phase: Phase
  minutes: number
  /** expected information about the set of faults, bits; signs of one check are taken as independent and capped by the entropy left */
  bits: number
}

/** Signs that were already read since the last work on the vehicle. */
export function spokenSigns(belief: Belief): ReadonlySet<string> {
  return new Set(
    belief.evidence.filter((e) => e.epoch === belief.epochs - 1).map((e) => e.sign.sign.id),
  )
}

/** What a check can settle as things stand: coolant is seen to issue only from a system that was put under pressure. */
function signsOf(cost: CheckCost, input: CaseInput): readonly string[] {
  const all = cost.signs(input.vehicle.profile, input.case.complaint)
  return cost.check === 'look-round' && !input.records.some((r) => r.kind === 'pressure-hold.start')
    ? all.filter((id) => !id.startsWith('issuing:'))
    : all
}

/** Signs of a check that are still open, known to the model. */
export function openSigns(
  cost: CheckCost,
  belief: Belief,
  input: CaseInput,
  spoken: ReadonlySet<string>,
) {
  return signsOf(cost, input).flatMap((id) => {
    const sign = belief.model.signs.get(id)
    return sign && !spoken.has(id) ? [sign] : []
  })
}

/** A check is open while fewer than half of what it can settle has been read; looking round can always go on. */
export function stillOpen(
  cost: CheckCost,
  belief: Belief,
  input: CaseInput,
  spoken: ReadonlySet<string>,
): boolean {
  const all = signsOf(cost, input).filter((id) => belief.model.signs.has(id))
  const read = all.filter((id) => spoken.has(id)).length
  return cost.check === 'look-round' || cost.check === 'interview'
    ? read < all.length
    : read * 2 < all.length
}

/** A question that tells less than this is not worth the keeper's patience, and no reason to go back to him. */
export const LEAST_QUESTION_BITS = 0.02

/** Checks that can be done and were not, by expected information per minute of hands-on work, most first. */
export function nextChecks(belief: Belief, input: CaseInput): NextCheck[] {
  const prediction = new Prediction(belief, 500)
  const spoken = spokenSigns(belief)
  const left = entropyBits(prediction.weights)
  const was = (check: string) => input.records.some((r) => r.kind.startsWith(`${check}.`))
  return CHECK_COSTS.filter(
    (cost) =>
      canBeDone(cost, input.vehicle.profile) &&
      (cost.after ?? []).every(was) &&
      stillOpen(cost, belief, input, spoken),
  )
    .map(({ check, phase, minutes, apartMinutes = 0, ...cost }) => {
      const signs = openSigns({ check, phase, minutes, ...cost }, belief, input, spoken)
      const of = signs.map((sign) => prediction.bits(prediction.weights, sign))
      const bits = of.reduce(
        (sum, b) => (check === 'interview' && b < LEAST_QUESTION_BITS ? sum : sum + b),
        0,
      )
      return { check, phase, minutes: minutes + apartMinutes, bits: Math.min(bits, left) }
    })
    .filter((c) => c.bits > 0.01)
    .sort((a, b) => b.bits / b.minutes - a.bits / a.minutes)
}
