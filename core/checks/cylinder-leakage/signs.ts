import { message } from '../../quantity/message'
import { binaryReading, type SignReading } from '../../inference/sign-reading'
import type { CylinderLeakage } from './record'

/**
 * @example signsOf(leakageSigns('r', example('cylinder-leakage.test'), 4)) // 'leakage-bubbles'
 */
export function leakageSigns(
  source: string,
  test: CylinderLeakage,
  cylinders: number,
): SignReading[] {
  if (test.bubblesInNeck === 'not-known') return []
  const seen = test.bubblesInNeck === 'yes'
  const rates = seen
    ? { whenPresent: 0.85, whenAbsent: 0.005 }
    : { whenPresent: Math.min(0.85, 1 / Math.max(1, cylinders)), whenAbsent: 0.01 }
  return [
    binaryReading(
      source,
      'leakage-bubbles',
      seen,
      rates,
      message(seen ? 'says.leakage.bubbles' : 'says.leakage.none', {
        cylinder: test.cylinder,
        percent: Math.round(test.leakPercent),
      }),
      0.95,
    ),
  ]
}
