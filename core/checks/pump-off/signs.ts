import { message } from '../../quantity/message'
import { laidBare, type SignReading, readingsInto } from '../../inference/sign-reading'
import type { PumpOff } from './record'

/**
 * @example signsOf(pumpOffSigns('r', example('pump-off.look')))
 *   // 'impeller-bad pump-seal-worn pulley-play bearing-rough'
 */
export function pumpOffSigns(source: string, record: PumpOff): SignReading[] {
  const out: SignReading[] = []
  const add = readingsInto(out, source, 0.97)
  if (record.impeller === 'loose-on-shaft' || record.impeller === 'broken')
    out.push(
      laidBare(
        `${source}#impeller-bad`,
        'impeller-bad',
        0.93,
        message(`says.impeller.${record.impeller}`),
      ),
    )
  else if (record.impeller === 'worn') add('impeller-bad', true, 0.7, 0.02, 'says.impeller.worn')
  else if (record.impeller === 'sound')
    add('impeller-bad', false, 0.93, 0.005, 'says.impeller.sound')
  if (record.seal !== 'not-known')
    add('pump-seal-worn', record.seal === 'worn', 0.9, 0.06, `says.pumpSeal.${record.seal}`)
  if (record.shaftPlay !== 'not-known')
    add('pulley-play', record.shaftPlay === 'play', 0.93, 0.02, `says.shaft.${record.shaftPlay}`)
  if (record.shaftPlay === 'play')
    out.push(laidBare(`${source}#bearing-rough`, 'bearing-rough', 0.93, message('says.shaft.play')))
  else if (record.shaftPlay === 'none') add('bearing-rough', false, 0.93, 0.02, 'says.shaft.none')
  return out
}
