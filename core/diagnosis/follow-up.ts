import { levelLooks } from '../checks/level-follow-up/looks'
import { BOOK, currentFault } from '../knowledge/book'
import { DAY_MS, millisecondsOf } from '../quantity/moment'
import type { CaseInput } from '../record/case-input'
import { caseStateOf } from '../record/case-state'

/** Days after a repair of a loss on which the level is looked at again. */
export const FOLLOW_UP_DAYS = [1, 3, 7] as const

/** A look at the level that a repair asks for. `dueMs` since 1970, UTC. */
export interface FollowUp {
  day: (typeof FOLLOW_UP_DAYS)[number]
  dueMs: number
  /** the level was looked at on that day or later, or it had fallen before: the repair is known not to hold */
  done: boolean
}

const stopsLoss = (fault: string) => {
  const group = BOOK.faults.find(({ id }) => id === currentFault(fault))?.group
  return group === 'leak'
}

/**
 * The looks at the level that the last repair asks for: none before a repair, and none after one that stops no loss where
 * no loss was complained of.
 */
export function followUpsOf(input: CaseInput): FollowUp[] {
  const state = caseStateOf(input)
  const repair = state.works.findLast((work) => work.kind === 'repaired')
  if (!repair) return []
  const isOfLoss = input.case.complaint === 'coolant-loss' || repair.data.faults.some(stopsLoss)
  if (!isOfLoss) return []
  const repairedMs = millisecondsOf(repair.observedAt)
  const looks = levelLooks(state.records).filter(
    ({ observedAt }) => millisecondsOf(observedAt) > repairedMs,
  )
  const hasFallen = looks.some(({ level }) => level === 'lower')
  return FOLLOW_UP_DAYS.map((day) => ({
    day,
    dueMs: repairedMs + day * DAY_MS,
    done: hasFallen || looks.some(({ daysAfter }) => daysAfter >= day),
  }))
}

/** Of these looks the one that is due at a moment and was not taken: the latest of several. */
export const followUpDue = (all: readonly FollowUp[], nowMs: number): FollowUp | undefined =>
  all.findLast(({ dueMs, done }) => dueMs <= nowMs && !done)
