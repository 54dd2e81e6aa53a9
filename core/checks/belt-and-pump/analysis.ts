import type { BeltAndPump } from './record'

export type DriveState = 'drive-good' | 'slipping' | 'still' | 'wobbles' | 'bearing' | 'misrouted'

/**
 * @example analyseDrive(example('belt-and-pump.look')).join(' ') // 'slipping'
 */
export function analyseDrive(record: BeltAndPump): DriveState[] {
  const out: DriveState[] = []
  if (record.pumpTurns === 'no') out.push('still')
  if (record.slip === 'some' || record.slip === 'much') out.push('slipping')
  if (record.wobble === 'wobbles') out.push('wobbles')
  if (record.bearing === 'rough') out.push('bearing')
  if (record.routing === 'wrong') out.push('misrouted')
  if (out.length === 0 && record.pumpTurns === 'yes' && record.slip === 'none')
    out.push('drive-good')
  return out
}
