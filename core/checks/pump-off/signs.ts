import { message } from '../../quantity/message'
import { binaryReading, type SignReading } from '../../inference/sign-reading'
import type { PumpOff } from './record'

/**
 * @example signsOf(pumpOffSigns('r', example('pump-off.look')))
 *   // 'impeller-bad pump-seal-worn pulley-play'
 */
export function pumpOffSigns(source: string, record: PumpOff): SignReading[] {
  const out: SignReading[] = []
  const add = (
    sign: string,
    seen: boolean,
    whenPresent: number,
    whenAbsent: number,
    says: string,
  ) =>
    out.push(
      binaryReading(
        `${source}#${sign}`,
        sign,
        seen,
        { whenPresent, whenAbsent },
        message(says),
        0.97,
      ),
    )
  if (record.impeller !== 'not-known')
    add(
      'impeller-bad',
      record.impeller !== 'sound',
      record.impeller === 'worn' ? 0.5 : 0.93,
      record.impeller === 'worn' ? 0.06 : 0.005,
      `says.impeller.${record.impeller}`,
    )
  if (record.seal !== 'not-known')
    add('pump-seal-worn', record.seal === 'worn', 0.9, 0.06, `says.pumpSeal.${record.seal}`)
  if (record.shaftPlay !== 'not-known')
    add('pulley-play', record.shaftPlay === 'play', 0.93, 0.02, `says.shaft.${record.shaftPlay}`)
  return out
}
