import { boltRuleOf, boltsQuoted } from '../checks/teardown/bolts'
import { overheatedIn, type StripDownLine, stripDownSheet } from '../checks/teardown/strip-down'
import { ACCESS } from '../knowledge/access'
import { currentFault } from '../knowledge/book'
import type { CaseInput } from '../record/case-input'
import type { CaseState } from '../record/case-state'
import { knownValue } from '../vehicle/profile'

const HEAD_OFF = new Set(ACCESS.find(({ id }) => id === 'head-off')!.faults)
const takesHeadOff = (faults: readonly string[]) =>
  faults.some((id) => HEAD_OFF.has(currentFault(id)))

/**
 * The strip-down sheet of a case for whose repair the head came off; empty in any other. A heavy diesel has liners; whether
 * bolts are asked for is the shop's rule.
 * @example stripDownOf(caseStateOf(CASE), CASE).length // 0
 */
export function stripDownOf(
  { events, records }: CaseState,
  { vehicle, policy }: Pick<CaseInput, 'vehicle' | 'policy'>,
): StripDownLine[] {
  const isOff = events.some((e) => e.kind === 'repaired' && takesHeadOff(e.data.faults))
  const hasLiners = knownValue(vehicle.profile.heavyDiesel) === true
  return isOff ? stripDownSheet(records, hasLiners, boltRuleOf(policy)) : []
}

/**
 * Whether new head bolts belong to the repair of these faults, by the shop's rule and what is known of the heat: a head
 * that comes off for overheating was hot, unless the bench says otherwise.
 * @example headBoltsFor(['gasket-to-oil'], caseStateOf(CASE), CASE) // 'needed'
 */
export function headBoltsFor(
  faults: readonly string[],
  { records }: CaseState,
  { case: { complaint }, policy }: Pick<CaseInput, 'case' | 'policy'>,
): 'needed' | 'advised' | undefined {
  if (!takesHeadOff(faults)) return undefined
  const measured = overheatedIn(records)
  const isHot = measured === 'not-known' && complaint === 'overheats'
  return boltsQuoted(boltRuleOf(policy), isHot ? 'yes' : measured)
}
