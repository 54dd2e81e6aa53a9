import { message } from '../../quantity/message'
import { measuredReading } from '../measured'
import type { SignReading } from '../../inference/sign-reading'
import type { MixAnalysis } from './analysis'
import type { MixTest } from './record'

const ERROR = { refractometer: 0.02, hydrometer: 0.05, strip: 0.08 } as const

/**
 * The distance from what is wanted; a few hundredths are nothing.
 * @example signsOf(mixSigns('r', example('mix.test'), analyseMix(example('mix.test'), CONTEXT)))
 *   // 'mix-off'
 */
export function mixSigns(source: string, test: MixTest, analysis: MixAnalysis): SignReading[] {
  const off = Math.abs(analysis.volumeFraction - analysis.wantedFraction)
  return [
    measuredReading({
      source,
      sign: 'mix-off',
      value: off,
      error: ERROR[test.instrument],
      given: { no: { mean: 0.03, sd: 0.04 }, yes: { low: 0.12, high: 0.5 } },
      validity: 0.93,
      conditions: test.instrument,
      says: message('says.mix', {
        percent: Math.round(analysis.volumeFraction * 100),
        wanted: Math.round(analysis.wantedFraction * 100),
      }),
    }),
  ]
}
