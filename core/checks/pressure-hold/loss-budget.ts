import type { Estimate } from '../../quantity/interval'

/**
 * The loss reported beside the leak that was measured: it `explains` it, is only a `part` of it or `far-more`; it is
 * `open` where none at all would fit the hold as well; `none` where none is reported and none was measured.
 */
export type LossComparison = 'explains' | 'part' | 'far-more' | 'open' | 'none'

export interface LossBudget {
  litresPerWeek: Estimate
  reportedLitresPerWeek?: number
  comparison?: LossComparison
}

/**
 * Litres a week from the flow at the hold, the band to running conditions, and pressurised hours a week.
 * @example lossPerWeek({ low: 1, value: 2, high: 3 }, { low: 1, value: 1, high: 1 }, { low: 5, value: 10, high: 20 }).value
 *   // 1.2
 */
export function lossPerWeek(
  leakMLPerMinute: Estimate,
  factor: Estimate,
  hoursPerWeek: Estimate,
): Estimate {
  const litres = (flow: number, f: number, hours: number) => (flow * f * hours * 60) / 1000
  return {
    low: litres(leakMLPerMinute.low, factor.low, hoursPerWeek.low),
    value: litres(leakMLPerMinute.value, factor.value, hoursPerWeek.value),
    high: litres(leakMLPerMinute.high, factor.high, hoursPerWeek.high),
  }
}

/**
 * The leak found beside what the keeper tops up: explains it all when the reported figure lies in the band, a
 * part of it when even the top of the band is smaller, far more when even the foot is twice as large; open when
 * the band begins at no leak at all. Litres a week.
 * @example compareLoss({ low: 1, value: 2, high: 4 }, 3).comparison // 'explains'
 */
export function compareLoss(
  litresPerWeek: Estimate,
  reportedLitresPerWeek: number | undefined,
): LossBudget {
  if (reportedLitresPerWeek === undefined) return { litresPerWeek }
  const comparison = comparisonOf(litresPerWeek, reportedLitresPerWeek)
  return { litresPerWeek, reportedLitresPerWeek, comparison }
}

function comparisonOf(leak: Estimate, reported: number): LossComparison {
  if (leak.low > 2 * reported) return 'far-more'
  if (leak.high < reported) return 'part'
  if (leak.low > 0) return 'explains'
  return reported > 0 ? 'open' : 'none'
}
