import { message } from '../../quantity/message'
import { binaryReading, type SignReading } from '../../inference/sign-reading'
import type { EndoscopeLook } from './record'

/**
 * One dry cylinder of several clears only itself: the chance of having looked into the right one counts.
 * @example signsOf(endoscopeSigns('r', example('endoscope.look'), 4)) // 'cylinder-wet'
 */
export function endoscopeSigns(
  source: string,
  look: EndoscopeLook,
  cylinders: number,
): SignReading[] {
  const says = message(`says.endoscope.${look.seen}`, { cylinder: look.cylinder })
  const share = 1 / Math.max(1, cylinders)
  const rates = {
    wet: { whenPresent: 0.8, whenAbsent: 0.005 },
    'steam-cleaned': { whenPresent: 0.6, whenAbsent: 0.06 },
    dry: { whenPresent: 0.8 * share * 1.2, whenAbsent: 0.01 },
  }[look.seen]
  return [
    binaryReading(
      source,
      'cylinder-wet',
      look.seen !== 'dry',
      rates,
      says,
      look.pressed ? 0.95 : 0.6,
    ),
  ]
}
