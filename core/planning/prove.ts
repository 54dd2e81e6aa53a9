import type { Check } from '../checks/define-check'
import type { CheckId } from '../checks/registry'
import { guardMet } from '../inference/rank'
import { locatingCheck } from './locate'
import { minutesOf, openSigns, possibleChecks, type Planned } from './next-check'
import { abnormalWith, type Prediction } from './predict'

/** From here on a lead is worth proving before more is asked about what else it may be. */
const WORTH_PROVING = 0.4
/** How much oftener a check shows something abnormal with the fault than without, to be called a proof of it. */
const LEAST_POWER = 0.5

/**
 * The checks that lay a lead bare, where it is at least as likely as not and its guards are not met yet: the one that
 * names its place, and the one that shows it far oftener with the fault than without, the shortest first among those that
 * can be done now.
 */
export function provingChecks(
  prediction: Prediction,
  planned: Planned,
  facts: ReadonlySet<string>,
): CheckId[] {
  const { belief, state, input } = planned
  const { faults } = belief.model
  const lead = belief.faults.indexOf(Math.max(...belief.faults))
  const { id, guards: all } = faults[lead]!
  const probability = belief.faults[lead]!
  const guards = all.map((guard) => ({ ...guard, met: guardMet(guard, facts) }))
  const isProven = guards.length > 0 && guards.every(({ met }) => met)
  if (probability < WORTH_PROVING || isProven) return []
  const suspect = { fault: id, probability, guards }
  const locating = locatingCheck([suspect], state, input.vehicle.profile)
  const proof = possibleChecks(planned)
    .filter((check) => !check.asksKeeper && (!check.after || state.has(check.after)))
    .filter((check) => powerOf(check, prediction, planned, lead) >= LEAST_POWER)
    .sort((a, b) => minutesOf(a) - minutesOf(b))[0]
  return [...new Set([locating?.check, proof?.id])].flatMap((check) => check ?? [])
}

/** By how much oftener the best open sign of a check is abnormal with the fault than without it. */
function powerOf(
  check: Check<CheckId>,
  prediction: Prediction,
  planned: Planned,
  fault: number,
): number {
  return openSigns(check, planned)
    .filter((sign) => sign.classes.classOf[fault] !== 0)
    .reduce((most, sign) => {
      const { hit, alarm } = abnormalWith(prediction, prediction.of(sign), fault)
      return Math.max(most, hit - alarm)
    }, 0)
}
