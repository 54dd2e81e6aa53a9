import type { CheckId } from '../checks/registry'
import { openSigns, type Planned, possibleChecks } from './next-check'
import type { Prediction } from './predict'
import { LEAST_POWER, powerOf } from './prove'
import { isSettled, type Lead } from './settled'

/**
 * Checks of a part that comes out for the repair of a settled lead anyway, and that show it bad in the hand: done before
 * the new one goes in, they cost their own minutes only, and a part that proves good is not replaced.
 */
export function whileOut(prediction: Prediction, planned: Planned, lead: Lead): CheckId[] {
  if (!isSettled(lead)) return []
  const { belief, state } = planned
  const f = belief.faults.indexOf(Math.max(...belief.faults))
  const { cost } = belief.model.faults[f]!
  return possibleChecks(planned)
    .filter(({ id, phase, apartMinutes = 0 }) => {
      const comesOut = phase === 'bench' && apartMinutes > 0 && apartMinutes <= cost.minutes
      return comesOut && !state.done.has(id)
    })
    .filter((check) => openSigns(check, planned).length > 0)
    .filter((check) => powerOf(check, prediction, planned, f) >= LEAST_POWER)
    .map(({ id }) => id)
}
