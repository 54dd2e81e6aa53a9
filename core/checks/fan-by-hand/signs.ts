import { message } from '../../quantity/message'
import { binaryReading, laidBare, type SignReading } from '../../inference/sign-reading'
import type { FanByHand } from './record'

/**
 * The cold test alone carries little weight: free and dragging are both met on sound clutches.
 * @example signsOf(fanByHandSigns('r', example('fan-by-hand.test')))
 *   // 'clutch-free-cold clutch-seized pulley-play clutch-streaks blades-broken'
 */
export function fanByHandSigns(source: string, record: FanByHand): SignReading[] {
  const out: SignReading[] = []
  const add = (
    sign: string,
    seen: boolean,
    rates: { whenPresent: number; whenAbsent: number },
    says: string,
  ) => out.push(binaryReading(`${source}#${sign}`, sign, seen, rates, message(says), 0.93))
  if (record.drag !== 'not-known') {
    add(
      'clutch-free-cold',
      record.drag === 'free',
      { whenPresent: 0.9, whenAbsent: 0.15 },
      `says.clutchCold.${record.drag}`,
    )
    add(
      'clutch-seized',
      record.drag === 'seized',
      { whenPresent: 0.9, whenAbsent: 0.02 },
      `says.clutchCold.${record.drag}`,
    )
  }
  if (record.rocking !== 'not-known')
    add(
      'pulley-play',
      record.rocking === 'pulley-too',
      { whenPresent: 0.9, whenAbsent: 0.02 },
      `says.rocking.${record.rocking}`,
    )
  // Where the pulley rocks with the fan, the shaft does: that is the bearing itself.
  if (record.rocking === 'pulley-too')
    out.push(
      laidBare(`${source}#bearing-rough`, 'bearing-rough', 0.9, message('says.rocking.pulley-too')),
    )
  if (record.streaks !== 'not-known')
    add(
      'clutch-streaks',
      record.streaks === 'yes',
      { whenPresent: 0.85, whenAbsent: 0.05 },
      `says.streaks.${record.streaks}`,
    )
  if (record.blades !== 'not-known')
    add(
      'blades-broken',
      record.blades === 'damaged',
      { whenPresent: 0.95, whenAbsent: 0.01 },
      `says.blades.${record.blades}`,
    )
  return out
}
