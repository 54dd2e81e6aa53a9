import { type StripDownLine, stripDownSheet } from '../checks/teardown/strip-down'
import { ACCESS } from '../knowledge/access'
import { currentFault } from '../knowledge/book'
import type { CaseState } from '../record/case-state'
import { knownValue, type SystemProfile } from '../vehicle/profile'

const HEAD_OFF = new Set(ACCESS.find(({ id }) => id === 'head-off')!.faults)

/**
 * The strip-down sheet of a case for whose repair the head came off; empty in any other. A heavy diesel has liners.
 * @example stripDownOf(caseStateOf(CASE), {}).length // 0
 */
export function stripDownOf(state: CaseState, profile: SystemProfile): StripDownLine[] {
  const isOff = state.events.some(
    (event) =>
      event.kind === 'repaired' && event.data.faults.some((id) => HEAD_OFF.has(currentFault(id))),
  )
  return isOff ? stripDownSheet(state.records, knownValue(profile.heavyDiesel) === true) : []
}
