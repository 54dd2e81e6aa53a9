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
 * That the boiling point rests on a pressure which nobody found out.
 * @example heldNotes({ ...CONTEXT, heldAssumed: true })[0].id // 'note.heldAssumed'
 */
export const heldNotes = ({ heldAssumed, heldKPaGauge }: CheckContext): Message[] =>
  heldAssumed
    ? [message('note.heldAssumed', { held: { kind: 'pressure', coreValue: heldKPaGauge } })]
    : []
