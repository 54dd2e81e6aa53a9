import type { Check } from '../checks/define-check'
import type { CheckId } from '../checks/registry'
import { guardMet, nothingWrongIn } from '../inference/rank'
import { locatingCheck } from './locate'
import { minutesOf, openSigns, possibleChecks, type Planned } from './next-check'
import { abnormalWith, type Prediction } from './predict'
import { shownFaults, WANTED_LEAD } from './settled'
import { waitBefore, waitsOf } from './waits'

/** From here on a lead is worth proving before more is asked about what else it may be, by what can be done at once; */
const WORTH_PROVING = 0.25
/** and from here on, by what takes a warm-up, or waiting until it is hot, or cold again, too. */
const WORTH_WAITING = 0.33
/** From here on it is likely that nothing is wrong, and the vehicle is let go and looked at again. */
const WORTH_LETTING_GO = 0.6
/** Work that is worth doing for a lead that is certain, minutes; less for one that may be wrong. */
const PATIENCE_MINUTES = 300
/** How much oftener a check shows something abnormal with the fault than without, to be called a proof of it. */
export const LEAST_POWER = 0.5

/**
 * The checks that lay a lead bare, where it is likely and not proven yet: the one that names its place, and the one that
 * shows it far oftener with the fault than without, the shortest first among those that can be done now.
 */
export function provingChecks(
  prediction: Prediction,
  planned: Planned,
  facts: ReadonlySet<string>,
): CheckId[] {
  return [...new Set([...leadProofs(prediction, planned, facts), ...harmlessProofs(planned)])]
}

/** What shows that nothing is behind the complaint, where that is likely and was not shown. */
function harmlessProofs(planned: Planned): CheckId[] {
  const { belief, state, input } = planned
  const { complaint } = input.case
  if (nothingWrongIn(belief) < WORTH_LETTING_GO) return []
  return possibleChecks(planned)
    .filter(({ id, showsHarmless }) => showsHarmless?.includes(complaint) && !state.done.has(id))
    .map(({ id }) => id)
}

/** What shows the fault that leads. */
function leadProofs(
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
  if (probability < WORTH_PROVING || shownFaults(belief, facts).has(lead)) return []
  const suspect = { fault: id, probability, guards }
  const waits = waitsOf(state.engineAt())
  const isWorth = (check: Check<CheckId>) =>
    (probability >= WANTED_LEAD || minutesOf(check) <= PATIENCE_MINUTES * probability) &&
    (probability >= WORTH_WAITING || (check.phase !== 'warm-up' && waitBefore(check, waits) === 0))
  const locating = locatingCheck([suspect], state, input.vehicle.profile)
  const proof = possibleChecks(planned)
    .filter((check) => !check.asksKeeper && (!check.after || state.has(check.after)))
    .filter(isWorth)
    .filter((check) => powerOf(check, prediction, planned, lead) >= LEAST_POWER)
    .sort((a, b) => minutesOf(a) - minutesOf(b))[0]
  return [...new Set([locating?.check, proof?.id])].flatMap((check) => check ?? [])
}

/** By how much oftener the best open sign of a check is abnormal with the fault than without it. */
export function powerOf(
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
