import { message } from '../../quantity/message'
import { measuredReading } from '../measured'
import type { SignReading } from '../../inference/sign-reading'
import type { MixAnalysis } from './analysis'
import type { MixTest } from './record'

const ERROR = { refractometer: 0.02, hydrometer: 0.05, strip: 0.08 } as const

/**
 * How far a fraction may lie from what is wanted and be called right: a tenth, more for an instrument that reads no finer.
 * @example rightWithin('refractometer') // 0.1
 */
export const rightWithin = (instrument: MixTest['instrument']): number =>
  Math.max(0.1, 0.06 + 1.4 * ERROR[instrument])

/**
 * The distance from what is wanted; a few hundredths are nothing.
 * @example signsOf(mixSigns('r', example('mix.test'), analyseMix(example('mix.test'), CONTEXT)))
 *   // 'mix-off mix-water'
 */
export function mixSigns(source: string, test: MixTest, analysis: MixAnalysis): SignReading[] {
  const { volumeFraction, wantedFraction } = analysis
  const shared = {
    source,
    error: ERROR[test.instrument],
    conditions: test.instrument,
    says: message('says.mix', {
      percent: Math.round(volumeFraction * 100),
      wanted: Math.round(wantedFraction * 100),
    }),
  }
  return [
    measuredReading({
      ...shared,
      sign: 'mix-off',
      value: Math.abs(volumeFraction - wantedFraction),
      given: { no: { mean: 0.03, sd: 0.04 }, yes: { low: 0.12, high: 0.5 } },
      validity: 0.97,
    }),
    measuredReading({
      ...shared,
      sign: 'mix-water',
      value: volumeFraction,
      given: { no: { low: 0.2, high: 0.6 }, yes: { low: 0, high: 0.15 } },
      // Hardly anybody reads nothing where there is a third.
      validity: 0.995,
    }),
  ]
}
