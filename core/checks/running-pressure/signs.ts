import { message } from '../../quantity/message'
import { earlyPressureReading } from '../early-pressure'
import { measuredReading } from '../measured'
import type { SignReading } from '../../inference/sign-reading'
import type { RunningPressureAnalysis } from './analysis'
import type { RunningPressure } from './record'

/**
 * @example signsOf(runningPressureSigns('r', example('running-pressure.run'), analyseRunningPressure(example('running-pressure.run'))))
 *   // 'pressure-early pressure-never'
 */
export function runningPressureSigns(
  source: string,
  record: RunningPressure,
  a: RunningPressureAnalysis,
): SignReading[] {
  const out: SignReading[] = []
  // A cushion of air above a low level takes up what presses.
  const cushioned = record.level === 'low' ? 0.7 : record.level === 'not-known' ? 0.9 : 1
  const kPa = (coreValue: number) => ({ kind: 'pressure' as const, coreValue })
  if (a.early)
    out.push(
      earlyPressureReading(
        `${source}#early`,
        a.early,
        record.level === 'overfull' ? 0.5 : 0.92 * cushioned,
      ),
    )
  if (a.hottestC >= 75)
    out.push(
      measuredReading({
        source: `${source}#never`,
        sign: 'pressure-never',
        value: a.highestKPa,
        error: 6,
        given: { no: { low: 30, high: 140 }, yes: { low: -3, high: 22 } },
        validity: (0.92 * cushioned) / (1 + Math.exp(-(a.hottestC - 86) / 2)),
        conditions: 'running pressure',
        says: message('says.highestPressure', { pressure: kPa(a.highestKPa) }),
      }),
    )
  return out
}
