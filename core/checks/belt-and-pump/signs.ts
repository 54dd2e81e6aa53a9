import { message } from '../../quantity/message'
import { binaryReading, laidBare, type SignReading } from '../../inference/sign-reading'
import type { BeltAndPump } from './record'

/**
 * @example signsOf(driveSigns('r', example('belt-and-pump.look')))
 *   // 'pump-still belt-slips pulley-play bearing-rough belt-misrouted'
 */
export function driveSigns(source: string, record: BeltAndPump): SignReading[] {
  const out: SignReading[] = []
  const add = (
    sign: string,
    seen: boolean,
    whenPresent: number,
    whenAbsent: number,
    id: string,
    isTheFault = false,
  ) => {
    const part = `${source}#${sign}`
    const says = message(id)
    const rates = { whenPresent, whenAbsent }
    out.push(
      seen && isTheFault
        ? laidBare(part, sign, whenPresent, says)
        : binaryReading(part, sign, seen, rates, says, 0.94),
    )
  }
  if (record.pumpTurns !== 'not-known')
    add(
      'pump-still',
      record.pumpTurns === 'no',
      0.92,
      0.01,
      `says.pumpTurns.${record.pumpTurns}`,
      true,
    )
  if (record.slip !== 'not-known') {
    const rates = record.slip === 'some' ? [0.35, 0.08] : [0.9, 0.04]
    add(
      'belt-slips',
      record.slip !== 'none',
      rates[0]!,
      rates[1]!,
      `says.beltSlip.${record.slip}`,
      record.slip === 'much',
    )
  }
  if (record.wobble !== 'not-known')
    add('pulley-play', record.wobble === 'wobbles', 0.8, 0.04, `says.wobble.${record.wobble}`)
  if (record.bearing === 'smooth' || record.bearing === 'rough')
    add(
      'bearing-rough',
      record.bearing === 'rough',
      0.93,
      0.02,
      `says.bearing.${record.bearing}`,
      true,
    )
  if (record.routing !== 'not-checked')
    add(
      'belt-misrouted',
      record.routing === 'wrong',
      0.97,
      0.005,
      `says.routing.${record.routing}`,
      true,
    )
  return out
}
