import { message } from '../../quantity/message'
import { measuredReading } from '../measured'
import { binaryReading, laidBare, type SignReading } from '../../inference/sign-reading'
import type { DeliveryAnalysis } from './analysis'
import type { PumpDelivery } from './record'

/** Share of what the pump should add, by how it delivers. */
const SHARE_OF_ADDED = {
  error: 0.12,
  given: {
    good: { mean: 1, sd: 0.15 },
    weak: { low: 0.1, high: 0.75 },
    none: { low: -0.05, high: 0.12 },
  },
} as const
/** Share of a pressure in which the static one, not known, is contained. */
const SHARE_WITH_STATIC = {
  error: 0.05,
  given: {
    good: { mean: 1, sd: 0.06 },
    weak: { low: 0.35, high: 0.92 },
    none: { low: 0, high: 0.8 },
  },
} as const

/**
 * Pressure can be good against a blocked radiator: delivery is not flow. Static pressure by itself proves nothing.
 * @example signsOf(deliverySigns('r', example('pump-delivery.test'), analyseDelivery(example('pump-delivery.test'))))
 *   // 'lower-hose-flat'
 */
export function deliverySigns(
  source: string,
  record: PumpDelivery,
  analysis: DeliveryAnalysis,
): SignReading[] {
  const out: SignReading[] = []
  if (analysis.share !== undefined)
    out.push(
      measuredReading({
        source,
        sign: 'delivery',
        value: analysis.share,
        ...(analysis.withStatic ? SHARE_WITH_STATIC : SHARE_OF_ADDED),
        validity: analysis.cool || analysis.otherTemperature ? 0.7 : 0.96,
        conditions: 'pressure port',
        says: message('says.delivery', { percent: Math.round(analysis.share * 100) }),
      }),
    )
  if (record.returnStream !== 'not-known') {
    const likelihood = {
      strong: { good: 0.85, weak: 0.15, none: 0.01 },
      weak: { good: 0.12, weak: 0.7, none: 0.15 },
      none: { good: 0.03, weak: 0.2, none: 0.85 },
    }[record.returnStream]
    out.push({
      source: `${source}#stream`,
      sign: 'delivery',
      likelihood,
      validity: 0.95,
      conditions: 'return stream seen',
      says: message(`says.returnStream.${record.returnStream}`),
    })
  }
  if (record.lowerHose === 'flat')
    out.push(laidBare(`${source}#hose`, 'lower-hose-flat', 0.92, message('says.lowerHose.flat')))
  else if (record.lowerHose === 'round')
    out.push(
      binaryReading(
        `${source}#hose`,
        'lower-hose-flat',
        false,
        { whenPresent: 0.92, whenAbsent: 0.02 },
        message('says.lowerHose.round'),
        0.93,
      ),
    )
  return out
}
