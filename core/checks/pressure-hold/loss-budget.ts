import type { Estimate } from '../../quantity/interval'

export interface LossBudget {
  litresPerWeek: Estimate
  reportedLitresPerWeek?: number
  comparison?: 'explains' | 'part' | 'far-more'
}

/** Litres a week from the flow at the hold, the band to running conditions, and pressurised hours a week. */
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
 * part of it when even the top of the band is smaller, far more when even the foot is twice as large.
 */
export function compareLoss(
  litresPerWeek: Estimate,
  reportedLitresPerWeek: number | undefined,
): LossBudget {
  if (reportedLitresPerWeek === undefined) return { litresPerWeek }
  const comparison =
    litresPerWeek.high < reportedLitresPerWeek
      ? 'part'
      : litresPerWeek.low > 2 * reportedLitresPerWeek
        ? 'far-more'
        : 'explains'
  return { litresPerWeek, reportedLitresPerWeek, comparison }
}
