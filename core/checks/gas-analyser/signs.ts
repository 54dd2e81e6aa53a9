import { message } from '../../quantity/message'
import { measuredLikelihood } from '../measured'
import type { SignReading } from '../../inference/sign-reading'
import type { analyseAnalyser } from './analysis'
import type { GasAnalyser } from './record'

/**
 * In tens of decades: hydrocarbons over a neck range from a few ppm to thousands.
 * @example signsOf(analyserSigns('r', example('gas-analyser.test'), analyseAnalyser(example('gas-analyser.test'))))
 *   // 'gas-in-coolant'
 */
export function analyserSigns(
  source: string,
  record: GasAnalyser,
  { aboveBackgroundPpm, negativeValidity, state }: ReturnType<typeof analyseAnalyser>,
): SignReading[] {
  const log = Math.log10(Math.max(5, aboveBackgroundPpm))
  const likelihood = measuredLikelihood(log, 0.15, {
    no: { mean: 1.1, sd: 0.4 },
    yes: { low: 1.5, high: 5 },
  })
  if (record.co2Percent !== undefined) {
    const co2 = measuredLikelihood(record.co2Percent, 0.15, {
      no: { mean: 0.05, sd: 0.1 },
      yes: { low: 0, high: 16 },
    })
    for (const s of ['no', 'yes']) likelihood[s]! *= co2[s]!
  }
  return [
    {
      source,
      sign: 'gas-in-coolant',
      likelihood,
      validity:
        state === 'negative-invalid' || state === 'negative-valid' ? negativeValidity : 0.92,
      conditions: `analyser, ${record.load}`,
      says: message('says.analyser', { ppm: Math.round(aboveBackgroundPpm) }),
    },
  ]
}
