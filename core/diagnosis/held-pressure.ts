import type { CheckContext, Found, HeldAtMost } from '../checks/context'
import { BOOK, currentFault } from '../knowledge/book'
import { compareMoments } from '../quantity/moment'
import type { CaseState } from '../record/case-state'

/** What stands for the pressure that a system holds where nobody found it out, kPa gauge. */
const HELD_ASSUMED_KPA = 70

const CAP_FAULTS = new Set(BOOK.faults.flatMap(({ id, part }) => (part === 'cap' ? [id] : [])))

/** Whether what was seen to hold no more still is what it was. */
const isUnchanged = ({ of, observedAt }: HeldAtMost, state: CaseState) =>
  !state.works.some(
    (work) =>
      work.kind === 'repaired' &&
      compareMoments(observedAt, work.observedAt) < 0 &&
      (of === 'system' || work.data.faults.some((id) => CAP_FAULTS.has(currentFault(id)))),
  )

/**
 * Pressure the system is known to hold: the lowest of the ratings, of the cap's opening and holding, and of what the
 * system was seen to hold, until that was repaired; 70 kPa, and said to be assumed, when nothing is known.
 * @example heldPressure({}, [110, 103], caseStateOf(CASE)).heldKPaGauge // 103
 */
export function heldPressure(
  found: Found,
  ratings: readonly number[],
  state: CaseState,
): Required<Pick<CheckContext, 'heldKPaGauge' | 'heldBy'>> {
  const rated = ratings.map((kPaGauge) => ({ of: 'rating' as const, kPaGauge }))
  const seen = (found.holds ?? []).filter((held) => isUnchanged(held, state))
  const least = [...rated, ...seen].reduce<
    { of: 'rating' | HeldAtMost['of']; kPaGauge: number } | undefined
  >((lowest, held) => (lowest && lowest.kPaGauge <= held.kPaGauge ? lowest : held), undefined)
  return least
    ? { heldKPaGauge: least.kPaGauge, heldBy: least.of }
    : { heldKPaGauge: HELD_ASSUMED_KPA, heldBy: 'assumed' }
}
