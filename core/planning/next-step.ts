import { ALL_CHECKS, checkOf, type CheckId } from '../checks/registry'
import type { Message } from '../quantity/message'
import type { CaseState } from '../record/case-state'
import type { Locate } from './locate'
import { type NextCheck, WORTH_GOING_BACK_BITS } from './next-check'
import type { OpenQuestion } from './questions'

/** What to do next: one check, and why it and not another. */
export interface NextStep extends Omit<NextCheck, 'bits'> {
  /** it names the place of what is likely already */
  locates?: Message
  /** it is the keeper who is to be asked, and this is the question */
  question?: string
}

/** The plan of a case as it was last worked out. */
export interface WorkedOut {
  next: readonly NextCheck[]
  questions: readonly OpenQuestion[]
  locate?: Locate | undefined
  leadProbability: number
}

/** What tells less than this is not worth the walk to the vehicle. */
const WORTH_DOING_BITS = 0.05
/** A lead this sure is located before more is asked about what else it may be. */
const SURE = 0.9

type Offered = (check: CheckId) => boolean

/** The check after the one that is open: locating a sure lead first, else what settles most for its time. */
export function nextStep(
  { next, questions, locate, leadProbability }: WorkedOut,
  state: CaseState,
  open: CheckId,
  isOffered: Offered,
): NextStep | undefined {
  const worth = next.filter(
    ({ check, bits }) =>
      isOffered(check) &&
      check !== open &&
      bits > (state.done.has(check) ? WORTH_GOING_BACK_BITS : WORTH_DOING_BITS),
  )
  const locating =
    locate && isOffered(locate.check) && locate.check !== open ? checkOf(locate.check) : undefined
  if (locating && (leadProbability >= SURE || worth.length === 0)) {
    const { id, phase, minutes } = locating
    return { check: id, phase, minutes, locates: locate!.says }
  }
  const first = worth[0]
  if (!first) return undefined
  const { check, phase, minutes } = first
  const isAsking = checkOf(check)?.asksKeeper && state.done.has(check)
  const question = isAsking ? questions[0]?.question : undefined
  return { check, phase, minutes, ...(question ? { question } : {}) }
}

/** Whether nothing is left here that would settle much, the check that is open included. */
export const nothingLeft = (
  workedOut: WorkedOut,
  state: CaseState,
  open: CheckId,
  isOffered: Offered,
): boolean =>
  nextStep(workedOut, state, open, isOffered) === undefined &&
  !workedOut.next.some(
    ({ check, bits }) => check === open && bits > WORTH_DOING_BITS && !state.done.has(check),
  )

/** What tells most once this work is done: the first that cannot be recorded here yet. */
export const laterCheck = ({ next }: WorkedOut, isOffered: Offered): NextCheck | undefined =>
  next.find((n) => !isOffered(n.check) && n.bits > WORTH_DOING_BITS)

/** The check that a case opens with, where nothing was asked for: the first of what every case begins with that was not done. */
export function openingCheck(state: CaseState): CheckId {
  const beginning = ALL_CHECKS.filter((check) => check.begins !== undefined).toSorted(
    (a, b) => a.begins! - b.begins!,
  )
  return (beginning.find((check) => !state.done.has(check.id)) ?? beginning.at(-1)!).id
}
