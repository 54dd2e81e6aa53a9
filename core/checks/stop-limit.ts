import { message, type Message } from '../quantity/message'
import { knownValue } from '../vehicle/profile'
import type { CheckContext } from './context'

/** A run ends this far below boiling, K. */
const BELOW_BOILING_K = 5

/**
 * Coolant temperature at which a run is stopped, °C: the vehicle's own limit or the shop's, and never nearer to
 * boiling at the pressure that is held than 5 K.
 * @example stopLimitC(CONTEXT, 110) // 105
 */
export const stopLimitC = ({ profile, policy }: CheckContext, boilingC: number): number =>
  Math.min(knownValue(profile.stopLimitC) ?? policy.stopLimitC, boilingC - BELOW_BOILING_K)

/**
 * What the boiling point rests on, where that is not the cap's rating: a pressure that nobody found out, or the most
 * that the cap or the system was seen to hold.
 * @example heldNotes({ ...CONTEXT, heldBy: 'assumed' })[0].id // 'note.held.assumed'
 */
export const heldNotes = ({ heldBy = 'rating', heldKPaGauge }: CheckContext): Message[] =>
  heldBy === 'rating'
    ? []
    : [message(`note.held.${heldBy}`, { held: { kind: 'pressure', coreValue: heldKPaGauge } })]
