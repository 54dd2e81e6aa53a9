import { message } from '../../quantity/message'
import { measuredReading } from '../measured'
import type { SignReading } from '../../inference/sign-reading'

/**
 * @example signsOf(vacuumSigns('r', 0.1, 10)) // 'vacuum-falls'
 */
export function vacuumSigns(source: string, kPaPerMinute: number, minutes: number): SignReading[] {
  return [
    measuredReading({
      source,
      sign: 'vacuum-falls',
      value: kPaPerMinute,
      error: 0.15 + 1 / minutes / 3,
      given: { no: { mean: 0.1, sd: 0.15 }, yes: { low: 0.4, high: 15 } },
      validity: 0.85,
      conditions: 'vacuum tool',
      says: message('says.vacuumFalls', {
        rate: { kind: 'pressureRate', coreValue: Math.max(0, kPaPerMinute) },
      }),
    }),
  ]
}
