import { type Check } from '../checks/define-check'
import { type Phase, PHASES } from '../checks/check-terms'
import { checkOfKind, checkOfRecord, type CheckId } from '../checks/registry'
import { type Belief, sourceOf } from '../inference/belief'
import type { SignModel } from '../inference/sign-model'
import type { CaseInput } from '../record/case-input'
import { caseStateOf, type CaseState } from '../record/case-state'
import { mayHave } from '../vehicle/profile'
import { checksHere } from './checks-here'
import type { Unknown } from './cause-bits'
import { type Prediction, predictionOf } from './predict'
import { waitBefore, waitsOf, type Waits } from './waits'

export interface NextCheck {
  check: CheckId
  phase: Phase
  minutes: number
  /** expected information about the faults, their cause before others, bits; signs of one check are taken as independent and capped by the entropy left */
  bits: number
}

/** A case as the plan sees it: what is believed, and where the work stands. */
export interface Planned {
  belief: Belief
  input: CaseInput
  state: CaseState
  /** signs that were already read since the last work on the vehicle */
  spoken: ReadonlySet<string>
  /** of these, what each check found itself: what is told, or was looked at another way, can still be looked at */
  foundBy: ReadonlyMap<CheckId, ReadonlySet<string>>
}

export function plannedOf(belief: Belief, input: CaseInput): Planned {
  const state = caseStateOf(input)
  return { belief, input, state, spoken: spokenSigns(belief), foundBy: signsByCheck(belief, state) }
}

/** Signs that were already read since the last work on the vehicle. */
export function spokenSigns(belief: Belief): ReadonlySet<string> {
  return new Set(
    belief.evidence.filter((e) => e.epoch === belief.epochs - 1).map((e) => e.sign.sign.id),
  )
}

/** The signs that were read since the last work, by the check that found them. */
function signsByCheck(
  { readings, epochs }: Belief,
  { records }: CaseState,
): ReadonlyMap<CheckId, ReadonlySet<string>> {
  const checksOf = new Map(
    records.map((record) => [record.id, [checkOfRecord(record), checkOfKind(record.kind)]]),
  )
  const found = new Map<CheckId, Set<string>>()
  for (const reading of readings) {
    if (reading.epoch !== epochs - 1) continue
    for (const check of checksOf.get(sourceOf(reading)) ?? []) {
      if (!check) continue
      const signs = found.get(check.id) ?? new Set()
      found.set(check.id, signs.add(reading.sign))
    }
  }
  return found
}

/** Checks that can be done on this vehicle, with the minutes that they take in this shop. */
export function possibleChecks({ input }: Planned): Check<CheckId>[] {
  return checksHere(input.policy?.book?.checkMinutes).filter((check) =>
    mayHave(input.vehicle.profile, check.needs),
  )
}

/** Minutes of hands-on work, with what must be taken off. */
export const minutesOf = ({ minutes, apartMinutes = 0 }: Pick<Check, 'minutes' | 'apartMinutes'>) =>
  minutes + apartMinutes

/** What a check can settle as things stand. */
function signsOf(check: Check, { input, state }: Planned): readonly string[] {
  const { profile } = input.vehicle
  return check.signs({ profile, complaint: input.case.complaint, has: state.has })
}

const NOTHING: ReadonlySet<string> = new Set()
/** Signs that a check need not read any more: of the keeper, whatever spoke of it; of another, what it found itself. */
const readFor = ({ asksKeeper, id }: Check<CheckId>, { spoken, foundBy }: Planned) =>
  asksKeeper ? spoken : (foundBy.get(id) ?? NOTHING)

/** Signs of a check that are still open, known to the model. */
export function openSigns(check: Check<CheckId>, planned: Planned) {
  const isRead = readFor(check, planned)
  return signsOf(check, planned).flatMap((id) => {
    const sign = planned.belief.model.signs.get(id)
    return sign && !isRead.has(id) ? [sign] : []
  })
}

/** A check is open while fewer than half of what it can settle has been read; some can always go on. */
export function stillOpen(check: Check<CheckId>, planned: Planned): boolean {
  const all = signsOf(check, planned).filter((id) => planned.belief.model.signs.has(id))
  const isRead = readFor(check, planned)
  const read = all.filter((id) => isRead.has(id)).length
  return check.openEnded ? read < all.length : read * 2 < all.length
}

/** A question that tells less than this is not worth the keeper's patience, and no reason to go back to him. */
export const LEAST_QUESTION_BITS = 0.02
/** What tells less than this is not worth the walk to the vehicle. */
const WORTH_DOING_BITS = 0.05
/** Nor is what tells less than this for each of its minutes, bits: a tenth of a bit for most of an hour. */
export const LEAST_WORTH = 0.002
/** Whether a check tells enough for the walk, and for the work by hand that it takes. */
export const isWorthDoing = (bits: number, handsOnMinutes: number): boolean =>
  bits > WORTH_DOING_BITS && bits / handsOnMinutes > LEAST_WORTH
/** Whether a check was done on the vehicle as it is now; the keeper was asked once and for all. */
export const wasDone = (
  { id, asksKeeper }: Pick<Check<CheckId>, 'id' | 'asksKeeper'>,
  { done, doneSinceWork }: Pick<CaseState, 'done' | 'doneSinceWork'>,
): boolean => (asksKeeper ? done : doneSinceWork).has(id)
/** A check that was begun is proposed again only when what is left of it tells this much, bits; the keeper is asked less readily. */
const WORTH_GOING_BACK_BITS = 0.6
const WORTH_ASKING_AGAIN_BITS = 1
export const isWorthGoingBack = (
  { asksKeeper }: Pick<Check, 'asksKeeper'>,
  bits: number,
): boolean => bits > (asksKeeper ? WORTH_ASKING_AGAIN_BITS : WORTH_GOING_BACK_BITS)
const LEAST_BITS = 0.01

/**
 * Information of what is still open of a check, bits: H·(1 − Π(1 − b/H)) over its signs, where H is what there is to find
 * out. Signs that tell much tell the same in part, and all together no more than there is. Questions that are not worth
 * asking count for nothing.
 */
export function openBits(
  check: Pick<Check, 'asksKeeper'>,
  signs: readonly SignModel[],
  prediction: Prediction,
  unknown: Unknown,
): number {
  const { all } = unknown
  if (all <= 0) return 0
  const least = check.asksKeeper ? LEAST_QUESTION_BITS : 0
  let left = 1
  for (const sign of signs) {
    const bits = prediction.bits(unknown, sign)
    if (bits >= least) left *= 1 - Math.min(1, bits / all)
  }
  return all * (1 - left)
}

/**
 * What a check is worth, bits a minute: waiting for the engine, or for days, counts as much as work does, and of two that
 * are worth the same the one of the colder engine comes first.
 */
export const worthOf = (check: Check, bits: number, waits: Waits): number =>
  bits / (minutesOf(check) + waitBefore(check, waits)) / (1 + 0.02 * PHASES.indexOf(check.phase))

/** Checks that can be done and were not, by what they are worth as the engine stands, most first. */
export function nextChecks(
  belief: Belief,
  input: CaseInput,
  planned: Planned = plannedOf(belief, input),
): NextCheck[] {
  const prediction = predictionOf(belief)
  const unknown = prediction.unknownIn(prediction.weights)
  const waits = waitsOf(planned.state.engineAt())
  return possibleChecks(planned)
    .filter(
      (check) =>
        (!check.after || planned.state.hasSinceWork(check.after)) && stillOpen(check, planned),
    )
    .map((check) => ({
      check,
      bits: openBits(check, openSigns(check, planned), prediction, unknown),
    }))
    .filter(({ bits }) => bits > LEAST_BITS)
    .sort((a, b) => worthOf(b.check, b.bits, waits) - worthOf(a.check, a.bits, waits))
    .map(({ check, bits }) => ({
      check: check.id,
      phase: check.phase,
      minutes: minutesOf(check),
      bits,
    }))
}
