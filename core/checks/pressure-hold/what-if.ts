import { DEFAULT_COMPLIANCE_ML_PER_KPA } from '../../physics/compliance'
import type { Estimate } from '../../quantity/interval'
import { LIMIT_KPA_PER_MINUTE, limitFromReportedLoss, runningFlowFactor } from './limits'
import { lossPerWeek } from './loss-budget'

export interface HoldWhatIf {
  /** minutes after settling until a gauge of this step tells a fall at the usual limit from none */
  minutesForUsualLimit: number
  /** a fall on the gauge as a leak at the hold, and as a loss a week on the road */
  leakMLPerMinute?: Estimate
  litresPerWeek?: Estimate
  /** what the keeper's loss would make fall at this hold, and how long a gauge of this step needs to see it */
  lossFallKPaPerMinute?: Estimate
  minutesToSeeLoss?: number
}

/**
 * A hold reckoned before it is made: how long a gauge of a step (kPa) needs, how large the leak is that a fall (kPa/min)
 * shows, and how fast a loss of so many litres a week would fall. System of unknown compliance, some 3 to 9 mL/kPa;
 * pressurised for so many hours a week, give or take half.
 * @example holdWhatIf({ stepKPa: 1, holdKPa: 100, capKPa: 100, hoursPerWeek: 10 }).minutesForUsualLimit // 3
 */
export function holdWhatIf({
  stepKPa,
  holdKPa,
  capKPa,
  hoursPerWeek,
  fallKPaPerMinute,
  lossLitresPerWeek,
}: {
  stepKPa: number
  holdKPa: number
  capKPa: number
  hoursPerWeek: number
  fallKPaPerMinute?: number | undefined
  lossLitresPerWeek?: number | undefined
}): HoldWhatIf {
  const c = DEFAULT_COMPLIANCE_ML_PER_KPA
  const hours = { low: hoursPerWeek / 2, value: hoursPerWeek, high: hoursPerWeek * 1.5 }
  const factor = runningFlowFactor(holdKPa, capKPa)
  const out: HoldWhatIf = { minutesForUsualLimit: Math.ceil(stepKPa / LIMIT_KPA_PER_MINUTE) }
  if (fallKPaPerMinute !== undefined) {
    out.leakMLPerMinute = {
      low: fallKPaPerMinute * c.low,
      value: fallKPaPerMinute * c.value,
      high: fallKPaPerMinute * c.high,
    }
    out.litresPerWeek = lossPerWeek(out.leakMLPerMinute, factor, hours)
  }
  if (lossLitresPerWeek !== undefined && lossLitresPerWeek > 0) {
    out.lossFallKPaPerMinute = limitFromReportedLoss(lossLitresPerWeek, hours, c, factor)
    out.minutesToSeeLoss = Math.ceil(stepKPa / out.lossFallKPaPerMinute.value)
  }
  return out
}
