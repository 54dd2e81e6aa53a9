import type { CheckOutcome } from '../checks/context'
import { ALL_CHECKS } from '../checks/registry'
import type { PartSeen } from '../checks/check-terms'
import type { CaseState } from '../record/case-state'
import type { Part } from '../vehicle/parts'

/** How each part was last seen since the last work on the vehicle: tested good, looked at and dry, or wet. Parts that nobody looked at are left out. */
export function partsSeen(
  state: CaseState,
  outcomes: readonly CheckOutcome[],
): Map<Part, PartSeen['as']> {
  const standing = { outcomes, entries: state.recent, ever: state.records }
  return new Map(
    ALL_CHECKS.flatMap((check) => check.sees(standing)).map(({ part, as }) => [part, as]),
  )
}
