import { message } from '../../quantity/message'
import { measuredReading } from '../measured'
import { binaryReading, type SignReading } from '../../inference/sign-reading'
import type { CrankingAnalysis } from './analysis'

/**
 * The run with the most cylinders plugged speaks; runs with plugs out only say which cylinder.
 * @example signsOf(crankingSigns(analyseCranking([{ ...example('cranking-rise.run'), source: 'r' }], 4)))
 *   // 'cranking-rise'
 */
export function crankingSigns(analysis: CrankingAnalysis): SignReading[] {
  const speaking = analysis.rates.filter((r) => r.counts && r.plugged.length > 0)
  if (speaking.length === 0) return []
  const top = speaking.reduce((a, b) => (b.kPaPerSecond > a.kPaPerSecond ? b : a))
  const located: SignReading[] =
    analysis.located === undefined
      ? []
      : [
          binaryReading(
            `${top.source}#located`,
            'cranking-rise',
            true,
            { whenPresent: 0.9, whenAbsent: 0.03 },
            message('says.cranking.located', { cylinder: analysis.located }),
            0.95,
          ),
        ]
  return [
    ...located,
    measuredReading({
      source: top.source,
      sign: 'cranking-rise',
      value: top.kPaPerSecond,
      error: Math.max(0.01, top.errorKPaPerSecond),
      given: { no: { mean: 0.01, sd: 0.02 }, yes: { low: 0.04, high: 4 } },
      // A rise that nobody watched may have been a pulse.
      validity: top.stays ? 0.985 : 0.88,
      conditions: 'cranking, transducer',
      says: message('says.cranking', {
        rate: { kind: 'pressurePerSecond', coreValue: top.kPaPerSecond },
      }),
    }),
  ]
}
