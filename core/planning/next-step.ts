import { ALL_CHECKS, checkOf, type CheckId } from '../checks/registry'
import type { CheckMinutes } from '../knowledge/shop-book'
import { checkHere } from './checks-here'
import type { Suspect } from '../inference/rank'
import type { ThermalPhase } from '../physics/engine-temperature'
import type { Message } from '../quantity/message'
import type { CaseState } from '../record/case-state'
import type { Locate } from './locate'
import { isWorthDoing, minutesOf, type NextCheck, wasDone, isWorthGoingBack } from './next-check'
import type { Lacking } from './prove'
import type { OpenQuestion } from './questions'
import { WANTED_LEAD } from './settled'
import { askedOfEngine } from './waits'

/** Something to do next: one check, and why it and not another. */
export interface NextStep extends Omit<NextCheck, 'bits'> {
  /** it names the place of what is likely already */
  locates?: Message
  /** it lays bare the suspect that leads */
  proves?: true
  /** the proof of the lead still lacks this, and the check shows it */
  lacks?: string
  /** it had failed before the repair, and shows whether that cured it */
  repeats?: true
  /** somebody set it in place of what the plan would do: who, by id */
  setBy?: string
  /** it is the keeper who is to be asked, and this is the question */
  question?: string
}

/** A proof that takes longer waits until nothing shorter tells anything, minutes. */
const HALF_A_DAY_MINUTES = 240

/** What is to be done in a case as it was last worked out. */
export interface WorkedOut {
  /** checks that had failed before the last work on the vehicle and were not done since */
  repeat?: readonly CheckId[]
  /** checks that lay the lead bare, in their order */
  prove: readonly CheckId[]
  /** what one of these is for: the first that the proof of the lead lacks */
  lacking?: Lacking | undefined
  /** what the guards of a likely lead ask for, where no check proves it */
  asked?: Lacking | undefined
  next: readonly NextCheck[]
  questions: readonly OpenQuestion[]
  locate?: Locate | undefined
  /** the lead is as likely as a plan wants it, and no second suspect is open */
  settled: boolean
  /** minutes that checks take in this shop, where they are not the product's */
  checkMinutes?: CheckMinutes
}

/**
 * What is worth doing now, in its order, as the plan begins: what proves a lead that is likely already; then what settles
 * most for its time, then a proof for which half the engine comes off; and where nothing does, what names the place of a
 * likely suspect, or what its guards still ask for. Before it what somebody set by hand, and after a repair, before all
 * else, what had failed before it. Nothing in a case that is closed, nor where the lead needs no more and nobody set
 * anything. Every part of the screen that says what is next says it from this list.
 */
export function nextSteps(
  { repeat = [], prove, lacking, asked, next, questions, locate, settled, checkMinutes }: WorkedOut,
  state: CaseState,
): NextStep[] {
  if (state.closed) return []
  const here = (id: CheckId) => checkHere(id, checkMinutes)
  const repeating = repeat.flatMap((id): NextStep[] => {
    const check = here(id)
    return check
      ? [{ check: id, phase: check.phase, minutes: minutesOf(check), repeats: true }]
      : []
  })
  const set = (state.ownOrder?.left ?? []).flatMap((id): NextStep[] => {
    const check = here(id)
    return check && !repeat.includes(id)
      ? [{ check: id, phase: check.phase, minutes: minutesOf(check), setBy: state.ownOrder!.by }]
      : []
  })
  const fixed = [...repeating, ...set]
  if (settled) return fixed
  const locating = locate?.check
  const proving = prove.flatMap((id): NextStep[] => {
    const check = here(id)
    if (!check) return []
    const step = { check: id, phase: check.phase, minutes: minutesOf(check) }
    if (id === locating) return [{ ...step, locates: locate!.says }]
    return [id === lacking?.check ? { ...step, lacks: lacking.text } : { ...step, proves: true }]
  })
  const telling = next
    .filter(
      ({ check, bits, minutes }) =>
        !prove.includes(check) &&
        isWorthDoing(bits, minutes) &&
        (!wasDone(here(check)!, state) || isWorthGoingBack(here(check)!, bits)),
    )
    .map(({ check, phase, minutes }): NextStep => {
      const isAsking = checkOf(check)?.asksKeeper && state.done.has(check)
      const question = isAsking ? questions[0]?.question : undefined
      return { check, phase, minutes, ...(question ? { question } : {}) }
    })
  const isLong = ({ minutes }: NextStep) => minutes > HALF_A_DAY_MINUTES
  const first = [...proving.filter((step) => !isLong(step)), ...telling, ...proving.filter(isLong)]
  const isFixed = (id: CheckId) => fixed.some(({ check }) => check === id)
  const steps = [...fixed, ...first.filter(({ check }) => !isFixed(check))]
  const place = locating === undefined ? undefined : here(locating)
  if (place && !steps.some(({ check }) => check === locating))
    steps.push({
      check: place.id,
      phase: place.phase,
      minutes: minutesOf(place),
      locates: locate!.says,
    })
  const askedFor = steps.length === 0 && asked ? here(asked.check) : undefined
  if (askedFor)
    steps.push({
      check: askedFor.id,
      phase: askedFor.phase,
      minutes: minutesOf(askedFor),
      lacks: asked!.text,
    })
  return steps
}

/**
 * Of the steps, those that can be done now; and the first that waits, for an engine that runs or for what `can` says is
 * not possible. What somebody set by hand waits for no engine: he means to start it. Nothing is taken apart while a step
 * that waits would tell more for its time.
 */
export function stepsAtHand(
  all: readonly NextStep[],
  enginePhase: ThermalPhase | undefined,
  can: (check: CheckId) => boolean = () => true,
): { offered: NextStep[]; waiting: NextStep[]; later: NextStep | undefined } {
  const waitsForHeat = ({ phase, setBy }: NextStep) =>
    enginePhase !== undefined && !setBy && askedOfEngine(phase, enginePhase) === 'start'
  const waits = (step: NextStep) => !can(step.check) || waitsForHeat(step)
  const firstWaiting = all.findIndex(waits)
  const later = all[firstWaiting]
  const isReady = (step: NextStep, at: number) =>
    !waits(step) && (step.phase !== 'bench' || !later || at < firstWaiting)
  return {
    offered: all.filter(isReady),
    waiting: all.filter((step, at) => !isReady(step, at)),
    later,
  }
}

/**
 * The suspects that need no more work, most likely first: those that are shown, or a settled lead; nobody while something
 * is left that is worth doing, or that somebody set by hand.
 */
export function foundSuspects<S extends Pick<Suspect, 'fault' | 'probability'>>(
  suspects: readonly S[],
  { settled, shown }: { settled: boolean; shown: readonly string[] },
  steps: readonly NextStep[],
): S[] {
  if ((!settled && steps.length > 0) || steps.some(({ setBy }) => setBy)) return []
  const proven = suspects.filter(({ fault }) => shown.includes(fault))
  if (proven.length > 0) return proven
  // What is settled may be that there is no fault at all.
  return settled ? suspects.slice(0, 1).filter(({ probability }) => probability >= WANTED_LEAD) : []
}

/** The check that a case opens with, where nothing was asked for: the first of what every case begins with that was not done. */
export function openingCheck(state: CaseState): CheckId {
  const beginning = ALL_CHECKS.filter((check) => check.begins !== undefined).toSorted(
    (a, b) => a.begins! - b.begins!,
  )
  return (beginning.find((check) => !state.done.has(check.id)) ?? beginning.at(-1)!).id
}
