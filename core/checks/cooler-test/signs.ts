import { message } from '../../quantity/message'
import { binaryReading, type SignReading } from '../../inference/sign-reading'
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
  return [
    binaryReading(
      source,
      SIGN_OF[which],
      result === 'leaks',
      { whenPresent: 0.93, whenAbsent: 0.005 },
      message(`says.cooler.${result}`, { which: message(`device.${which}`) }),
      0.95,
    ),
  ]
}
