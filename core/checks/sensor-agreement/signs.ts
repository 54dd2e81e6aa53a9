import { apart, message } from '../../quantity/message'
import { measuredReading } from '../measured'
import { scanSide } from '../scan-side'
import { laidBare, binaryReading, type SignReading } from '../../inference/sign-reading'
import type { AgreementAnalysis } from './analysis'

/** A thermometer in the coolant or against clean metal leaves hardly a doubt which place it measured, K. */
const LITTLE_ERROR_K = 2

const SIDE_VALIDITY = 0.95

/** Standing in a warm bay an engine whose thermostat stands open may come to its rating too. */
const SEEN_STANDING = { whenPresent: 0.6, whenAbsent: 0.1 }

/**
 * A probable unit slip says nothing until somebody has looked at the units.
 * @example signsOf(agreementSigns('r', analyseAgreement(90, 80, { secondKind: 'contact-probe' }), 'full'))
 *   // 'scan-disagrees scan-reads-low'
 */
export function agreementSigns(
  source: string,
  analysis: AgreementAnalysis,
  level: 'full' | 'low' | 'not-known',
  reachesRating = false,
): SignReading[] {
  const out: SignReading[] = []
  if (reachesRating)
    out.push(
      binaryReading(
        `${source}#rating`,
        'plateau-low',
        false,
        SEEN_STANDING,
        message('says.reachesRating'),
        0.9,
      ),
    )
  if (!analysis.unitSlip)
    out.push(
      measuredReading({
        source,
        sign: 'scan-disagrees',
        value: Math.abs(analysis.differenceK),
        error: analysis.errorK,
        given: { no: { mean: 1, sd: 2 }, yes: { low: 5, high: 60 } },
        validity: level === 'low' ? 0.6 : analysis.errorK <= LITTLE_ERROR_K ? 0.998 : 0.96,
        conditions: 'second temperature',
        says: message('says.scanAgainstSecond', apart(analysis.differenceK)),
      }),
    )
  if (analysis.state === 'disagree')
    out.push(scanSide(source, analysis.differenceK, level === 'low' ? 0.6 : SIDE_VALIDITY))
  // Gauge and two thermometers are read side by side: an odd gauge lies open, a fitting one may be chance.
  if (analysis.dashOdd === true)
    out.push(laidBare(`${source}#dash`, 'dash-disagrees', 0.9, message('says.dashOdd')))
  else if (analysis.dashOdd === false)
    out.push(
      binaryReading(
        `${source}#dash`,
        'dash-disagrees',
        false,
        { whenPresent: 0.55, whenAbsent: 0.02 },
        message('says.dashFits'),
        0.93,
      ),
    )
  return out
}
