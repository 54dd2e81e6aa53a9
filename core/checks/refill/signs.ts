import { message } from '../../quantity/message'
import { binaryReading, type SignReading } from '../../inference/sign-reading'
import type { Refill } from './record'

/**
 * Full and without air, and the complaint gone or still there: what counts is that the air was shown out. Without that
 * a complaint that stays says nothing, for the air may have stayed too.
 * @example signsOf(refillSigns('r', example('refill.fill'))) // 'cured-by-refill'
 */
export function refillSigns(
  source: string,
  { airOut, complaintAfter }: Pick<Refill, 'airOut' | 'complaintAfter'>,
): SignReading[] {
  const isGone = complaintAfter === 'gone'
  if (complaintAfter === 'not-known' || (airOut === 'not-shown' && !isGone)) return []
  return [
    binaryReading(
      source,
      'cured-by-refill',
      isGone,
      { whenPresent: 0.93, whenAbsent: 0.03 },
      message(isGone ? 'says.refill.gone' : 'says.refill.still-there'),
      airOut === 'shown' ? 0.97 : 0.8,
    ),
  ]
}
