import type { Policy } from '../../vehicle/policy'
import type { FanByHand } from './record'

export type FanByHandState =
  | 'clutch-free'
  | 'clutch-dragging'
  | 'clutch-seized'
  | 'pump-bearing'
  | 'clutch-bearing'
  | 'streaks'
  | 'blades-damaged'

/**
 * States named; a cold result that the shop counts as normal is no finding.
 * @example analyseFanByHand(example('fan-by-hand.test'), CONTEXT.policy).join(' ')
 *   // 'blades-damaged'
 */
export function analyseFanByHand(record: FanByHand, policy: Policy): FanByHandState[] {
  const out: FanByHandState[] = []
  if (record.drag === 'free' && policy.clutchColdNormal === 'some-drag') out.push('clutch-free')
  if (record.drag === 'stiff' || (record.drag === 'some' && policy.clutchColdNormal === 'free'))
    out.push('clutch-dragging')
  if (record.drag === 'seized') out.push('clutch-seized')
  if (record.rocking === 'pulley-too') out.push('pump-bearing')
  if (record.rocking === 'clutch-only') out.push('clutch-bearing')
  if (record.streaks === 'yes') out.push('streaks')
  if (record.blades === 'damaged') out.push('blades-damaged')
  return out
}
