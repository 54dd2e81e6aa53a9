import type { Check } from '../checks/define-check'
import type { CheckId } from '../checks/registry'
import type { CaseInput } from '../record/case-input'
import { guardMet, nothingWrongIn } from '../inference/rank'
import type { Guard } from '../knowledge/types'
import { checkHere } from './checks-here'
import { locatingCheck } from './locate'
import { minutesOf, openSigns, possibleChecks, stillOpen, type Planned } from './next-check'
import { abnormalWith, type Prediction } from './predict'
import { shownFaults, WANTED_LEAD } from './settled'
import { checksToMeet } from './showing'
import { waitBefore, waitsOf, type Waits } from './waits'

/** From here on a lead is worth proving before more is asked about what else it may be, by what can be done at once; */
const WORTH_PROVING = 0.25
/** and from here on, by what takes a warm-up, or waiting until it is hot, or cold again, too. */
const WORTH_WAITING = 0.33
/** From here on, it being likelier than not, a part is taken off for it; before, what leaves the vehicle whole comes first. */
const WORTH_TAKING_APART = 0.5
/** From here on it is likely that nothing is wrong, and the vehicle is let go and looked at again. */
const WORTH_LETTING_GO = 0.6
/** Work that is worth doing for a lead that is certain, minutes; less for one that may be wrong. */
const PATIENCE_MINUTES = 300
/** How much oftener a check shows something abnormal with the fault than without, to be called a proof of it. */
export const LEAST_POWER = 0.5

/** What the proof of a lead still lacks, in words, and the check that shows it. */
export interface Lacking {
  check: CheckId
  text: string
}

/** What is done to prove a lead, in its order. */
export interface Proofs {
  checks: CheckId[]
  /** what one of the checks is for, where the lead is as likely as wanted and not shown */
  lacking?: Lacking
  /** what the guards ask of a lead that is likelier than not and that no check proves: next, where nothing tells more */
  asked?: Lacking
}

/**
 * The checks that lay a lead bare, where it is likely and not proven yet: the one that names its place, and the one that
 * shows it far oftener with the fault than without, the shortest first among those that can be done now. One that was done
 * and told most of what it can is no proof any more, whatever it left open: done again it would leave the same.
 */
export function provingChecks(
  prediction: Prediction,
  planned: Planned,
  facts: ReadonlySet<string>,
): Proofs {
  const { checks, ...ofLead } = leadProofs(prediction, planned, facts)
  return { checks: [...new Set([...checks, ...harmlessProofs(planned)])], ...ofLead }
}

/** What shows that nothing is behind the complaint, where that is likely and was not shown. */
function harmlessProofs(planned: Planned): CheckId[] {
  const { belief, state, input } = planned
  const { complaint } = input.case
  if (nothingWrongIn(belief) < WORTH_LETTING_GO) return []
  return possibleChecks(planned)
    .filter(
      ({ id, showsHarmless }) => showsHarmless?.includes(complaint) && !state.doneSinceWork.has(id),
    )
    .map(({ id }) => id)
}

/**
 * What the guards of a lead still ask for, in their order, with the checks that show it. Not one that was done, for done
 * again it would leave the same; nor one that waits for days, for the part may be changed meanwhile.
 */
function stillAsked(
  { state, input }: Planned,
  guards: readonly Guard[],
  facts: ReadonlySet<string>,
): Lacking[] {
  const { profile } = input.vehicle
  const isLeft = (id: CheckId) => !state.doneSinceWork.has(id) && !hereOf(id, input)!.afterDays
  return guards
    .filter((guard) => !guardMet(guard, facts))
    .flatMap((guard) =>
      checksToMeet(guard, facts, profile, input.policy?.book?.checkMinutes)
        .filter(isLeft)
        .map((check) => ({ check, text: guard.text })),
    )
}

/**
 * Of what is still asked, what can be shown with all of the lead's part on the vehicle, the shortest first: before
 * anything comes off for its sake, that is looked at.
 */
function shownOnTheVehicle(
  asked: readonly Lacking[],
  { state, input }: Planned,
  probability: number,
): CheckId[] {
  const waits = waitsOf(state.engineAt())
  return asked
    .map(({ check }) => hereOf(check, input)!)
    .filter(
      (check) =>
        check.phase !== 'bench' &&
        !check.asksKeeper &&
        (!check.after || state.hasSinceWork(check.after)) &&
        isWorthProving(check, probability, waits),
    )
    .toSorted((a, b) => minutesOf(a) - minutesOf(b))
    .map(({ id }) => id)
}

/** Minutes of hands-on work that a check takes in this shop, by its id. */
const handsOn = (id: CheckId, input: CaseInput): number => minutesOf(hereOf(id, input)!)
const hereOf = (id: CheckId, { policy }: CaseInput) => checkHere(id, policy?.book?.checkMinutes)

/** What shows the fault that leads. */
function leadProofs(prediction: Prediction, planned: Planned, facts: ReadonlySet<string>): Proofs {
  const { belief, state, input } = planned
  const { faults } = belief.model
  const lead = belief.faults.indexOf(Math.max(...belief.faults))
  const { id, guards: all } = faults[lead]!
  const probability = belief.faults[lead]!
  const guards = all.map((guard) => ({ ...guard, met: guardMet(guard, facts) }))
  if (probability < WORTH_PROVING || shownFaults(belief, facts).has(lead)) return { checks: [] }
  const suspect = { fault: id, probability, guards }
  const locating = locatingCheck([suspect], state, input.vehicle.profile)?.check
  const asked = stillAsked(planned, all, facts)
  const meetsGuard = (check: Check<CheckId>) => asked.some((one) => one.check === check.id)
  const proofs = possibleChecks(planned)
    .filter((check) => !check.asksKeeper)
    // One that is as likely as wanted lacks what its guards ask, and nothing else.
    .filter((check) => probability < WANTED_LEAD || meetsGuard(check))
    .filter((check) => !state.doneSinceWork.has(check.id) || stillOpen(check, planned))
    .filter((check) => powerOf(check, prediction, planned, lead) >= LEAST_POWER)
  const chanceFor = (check: Check<CheckId>) =>
    check.phase === 'bench' ? chanceOfAny(check, prediction, planned, lead) : probability
  const leavesWhole = proofs.some(({ phase }) => phase !== 'bench')
  const byMinutes = (a: CheckId, b: CheckId) => handsOn(a, input) - handsOn(b, input)
  const proof = proofs
    .filter((check) => !leavesWhole || check.phase !== 'bench')
    .filter((check) => !check.after || state.hasSinceWork(check.after))
    .filter((check) => isWorthProving(check, chanceFor(check), waitsOf(state.engineAt())))
    .map((check) => check.id)
    .sort(byMinutes)[0]
  const next =
    probability >= WORTH_TAKING_APART
      ? asked.find(({ check }) => handsOn(check, input) <= PATIENCE_MINUTES)
      : undefined
  const lacking = probability >= WANTED_LEAD ? next : undefined
  const before =
    probability >= WORTH_TAKING_APART ? shownOnTheVehicle(asked, planned, probability) : []
  const shortestFirst = [
    ...before,
    ...[proof, lacking?.check].flatMap((check) => check ?? []).sort(byMinutes),
  ]
  const checks = [...new Set([...(locating ? [locating] : []), ...shortestFirst])]
  return {
    checks,
    ...(lacking ? { lacking } : {}),
    ...(next && checks.length === 0 ? { asked: next } : {}),
  }
}

/** Whether a lead of this probability is worth the work, the waiting and the taking apart that a check asks for. */
const isWorthProving = (check: Check, probability: number, waits: Waits): boolean =>
  (probability >= WANTED_LEAD || minutesOf(check) <= PATIENCE_MINUTES * probability) &&
  (probability >= WORTH_WAITING || (check.phase !== 'warm-up' && waitBefore(check, waits) === 0)) &&
  (probability >= WORTH_TAKING_APART || check.phase !== 'bench')

/** Faults less likely than this do not make a taking apart worth while. */
const LEAST_LIKELY = 0.02

/**
 * Probability that one of the faults is there which the check lays bare: what comes apart for the one shows the others,
 * so that it need not be known which it is before the head comes off.
 */
function chanceOfAny(
  check: Check<CheckId>,
  prediction: Prediction,
  planned: Planned,
  lead: number,
): number {
  const { faults, members, weights } = prediction
  const isLaidBare = Array.from(
    faults,
    (p, f) =>
      f === lead || (p >= LEAST_LIKELY && powerOf(check, prediction, planned, f) >= LEAST_POWER),
  )
  return members.reduce(
    (sum, set, i) => (set.some((f) => isLaidBare[f]) ? sum + weights[i]! : sum),
    0,
  )
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
