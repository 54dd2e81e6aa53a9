import { message } from '../../quantity/message'
import { binaryReading, laidBare, type SignReading } from '../../inference/sign-reading'
import type { CoolerTest } from './record'

const SIGN_OF: Readonly<Record<CoolerTest['which'], string>> = {
  'oil-cooler': 'oil-cooler-fails',
  'gearbox-cooler': 'gearbox-cooler-fails',
  'egr-cooler': 'egr-cooler-fails',
  'injector-sleeve': 'sleeve-leaks',
  liner: 'sump-drip',
  'air-compressor': 'compressor-gas',
}

/**
 * @example signsOf(coolerSigns('r', example('cooler-test.test'))) // 'compressor-gas'
 */
export function coolerSigns(source: string, { which, result }: CoolerTest): SignReading[] {
  const sign = SIGN_OF[which]
  const says = message(`says.cooler.${result}`, { which: message(`device.${which}`) })
  // Pressed alone, what leaks is seen to leak; one that is tight cold may open hot.
  return [
    result === 'leaks'
      ? laidBare(source, sign, 0.93, says)
      : binaryReading(source, sign, false, { whenPresent: 0.93, whenAbsent: 0.005 }, says, 0.95),
  ]
}
