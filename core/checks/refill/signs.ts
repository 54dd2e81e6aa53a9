import { message } from '../../quantity/message'
import { binaryReading, type SignReading } from '../../inference/sign-reading'
import type { Refill } from './record'

/** How far "air shown out" holds: a vacuum fill leaves least behind, running and topping up the most. */
const AIR_OUT = { vacuum: 0.98, 'gravity-with-bleeders': 0.96, 'run-and-top-up': 0.93 } as const

/**
 * Full and without air, and the complaint gone or still there: what counts is that the air was shown out. Without that
 * a complaint that stays says nothing, for the air may have stayed too.
 * @example signsOf(refillSigns('r', example('refill.fill'))) // 'cured-by-refill'
 */
export function refillSigns(
  source: string,
  { method, airOut, complaintAfter }: Pick<Refill, 'method' | 'airOut' | 'complaintAfter'>,
): SignReading[] {
  const isGone = complaintAfter === 'gone'
  if (complaintAfter === 'not-known' || (airOut === 'not-shown' && !isGone)) return []
  return [
    binaryReading(
      source,
      'cured-by-refill',
      isGone,
      { whenPresent: 0.93, whenAbsent: 0.01 },
      message(isGone ? 'says.refill.gone' : 'says.refill.still-there'),
      airOut === 'shown' ? AIR_OUT[method] : 0.8,
    ),
  ]
}
