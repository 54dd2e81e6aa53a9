import { message } from '../../quantity/message'
import { binaryReading, type SignReading } from '../../inference/sign-reading'
import { isAirOut, proofOf, type RefillProof } from './proof'
import type { Refill } from './record'

/** A complaint that is gone tells of the cure, however the air went; gone by chance is the sign's own business. */
const GONE = { whenPresent: 0.95, whenAbsent: 0.003, shown: 0.995, notShown: 0.8 } as const
/** How far "air out" holds where the complaint stays: by the method's own proof it holds well. */
const PROVEN = 0.99
/** The same on somebody's word: a vacuum fill leaves least behind, topping up the most. */
const AIR_OUT = { vacuum: 0.98, 'gravity-with-bleeders': 0.96, 'run-and-top-up': 0.93 } as const

/**
 * Full and without air, and the complaint gone or still there: what counts is that the air was shown out. Without that
 * a complaint that stays says nothing, for the air may have stayed too.
 * @example signsOf(refillSigns('r', example('refill.fill'))) // 'cured-by-refill'
 */
export function refillSigns(
  source: string,
  record: Pick<Refill, 'method' | 'airOut' | 'complaintAfter' | RefillProof>,
): SignReading[] {
  const { method, complaintAfter } = record
  const airOut = isAirOut(record)
  const isGone = complaintAfter === 'gone'
  if (complaintAfter === 'not-known' || (!airOut && !isGone)) return []
  const reading = (rates: { whenPresent: number; whenAbsent: number }, validity: number) => [
    binaryReading(
      source,
      'cured-by-refill',
      isGone,
      rates,
      message(isGone ? 'says.refill.gone' : 'says.refill.still-there'),
      validity,
    ),
  ]
  return isGone
    ? reading(GONE, airOut ? GONE.shown : GONE.notShown)
    : reading(
        { whenPresent: 0.93, whenAbsent: 0.01 },
        proofOf(record) === 'complete' ? PROVEN : AIR_OUT[method],
      )
}
