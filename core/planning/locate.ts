import type { Achievement } from '../checks/check-terms'
import { ALL_CHECKS, type CheckId } from '../checks/registry'
import type { Suspect } from '../inference/rank'
import { type Message, message } from '../quantity/message'
import type { CaseState } from '../record/case-state'
import type { SystemProfile } from '../vehicle/profile'

/** A check that finds where exactly a likely fault is, before anything is opened for it. */
export interface Locate {
  check: CheckId
  fault: string
  says: Message
}

/** The check that brings about what another comes after: pressed, a leak shows its place. */
const broughtBy = (achievement: Achievement) =>
  ALL_CHECKS.find(({ brings }) => brings === achievement)

/** From here on a suspect is worth locating. */
const LIKELY = 0.5

/**
 * For the likeliest suspect that is at least as likely as not, and is not shown yet where that is the question: the
 * check that names its cylinders, its link or its place, unless it was made since the last repair. A ranking of faults
 * alone never asks for it, because it tells one fault's places apart and not faults.
 */
export function locatingCheck(
  suspects: readonly Pick<Suspect, 'fault' | 'probability' | 'guards'>[],
  state: CaseState,
  profile: SystemProfile,
): Locate | undefined {
  for (const { fault, probability, guards } of suspects.toSorted(
    (a, b) => b.probability - a.probability,
  )) {
    if (probability < LIKELY) return undefined
    const check = ALL_CHECKS.find((c) => c.locates?.faults.includes(fault))
    const locates = check?.locates
    if (!locates || state.doneSinceWork.has(check.id)) continue
    if (locates.possible && !locates.possible(profile)) continue
    if (locates.unlessShown && guards.every((g) => g.met)) continue
    const before = check.after && !state.hasSinceWork(check.after) ? broughtBy(check.after) : check
    // What was done already and did not bring it is not done again for this.
    if (!before || state.doneSinceWork.has(before.id)) continue
    const says = before === check ? locates.says : message('locate.pressed')
    return { check: before.id, fault, says }
  }
  return undefined
}
