import { message } from '../../quantity/message'
import { binaryReading, laidBare, type SignReading } from '../../inference/sign-reading'
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
  const says = message(seen ? 'says.leakage.bubbles' : 'says.leakage.none', {
    cylinder: test.cylinder,
    percent: Math.round(test.leakPercent),
  })
  if (seen) return [laidBare(source, 'leakage-bubbles', 0.85, says)]
  // One cylinder of several was pressed: the way may be in another.
  const whenPresent = Math.min(0.85, 1 / Math.max(1, cylinders))
  return [
    binaryReading(source, 'leakage-bubbles', false, { whenPresent, whenAbsent: 0.01 }, says, 0.95),
  ]
}
