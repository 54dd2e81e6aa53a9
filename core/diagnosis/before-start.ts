import type { CheckOutcome } from '../checks/context'
import { message, type Message } from '../quantity/message'
import { compareMoments } from '../quantity/moment'
import type { CaseState } from '../record/case-state'
import { DEFAULT_POLICY, type Policy } from '../vehicle/policy'
import { knownValue, type SystemProfile } from '../vehicle/profile'

/** What is said before an engine is started, and whether a cylinder may be full of coolant. */
export interface BeforeStart {
  cautions: Message[]
  /** plugs out and turned by hand first: pressure went somewhere that nobody saw, and nobody has turned it since */
  cylinderMayBeFull: boolean
}

const FULL = 'caution.cylinderMayBeFull'
const TURNED = 'turned-by-hand'

/**
 * What stands before a start, wherever it is done. A cylinder may be full where a hold lost pressure that nothing
 * explains, until the engine was turned by hand or ran since.
 */
export function beforeStart(
  state: CaseState,
  outcomes: readonly CheckOutcome[],
  { profile, policy }: { profile: SystemProfile; policy: Policy | undefined },
): BeforeStart {
  const lost = outcomes.findLast(({ cautions }) => cautions.some(({ id }) => id === FULL))
  const isAfter = (moment: string) =>
    lost !== undefined && compareMoments(moment, lost.observedAt) > 0
  const isCleared =
    outcomes.some(({ facts, observedAt }) => facts.includes(TURNED) && isAfter(observedAt)) ||
    state.events.some(({ kind, observedAt }) => kind === 'engine-started' && isAfter(observedAt))
  const limit = knownValue(profile.stopLimitC) ?? (policy ?? DEFAULT_POLICY).stopLimitC
  return {
    cautions: [
      message('caution.starting'),
      message('caution.stopLimit', { limit: { kind: 'temperature', coreValue: limit } }),
    ],
    cylinderMayBeFull: lost !== undefined && !isCleared,
  }
}
