import { message, type Message } from '../../quantity/message'
import type { Estimate } from '../../quantity/interval'
import { correctedValue, type QuantityRecord } from '../../quantity/record'
import type { HoldPlan } from '../../vehicle/policy'

/** A hot hold on coolant cooler than this is not one, °C. */
export const HOT_HOLD_FROM_C = 60

/** Used where a cap bears no marking or looks wrong for its place. */
export const CONSERVATIVE_TARGET_KPA = 70

export interface AllowedPressure {
  maximumKPaGauge: number
  basis: 'marking' | 'system' | 'default'
  note?: Message
}

/**
 * The highest pressure a hold may be pumped to: the cap's marking or the system's rating, whichever is lower.
 * An unmarked or wrong-looking cap gives 70 kPa (10 psi) and a note to find the maker's figure.
 * @example allowedPressure({ coreValue: 103 }, 90).maximumKPaGauge // 90
 */
export function allowedPressure(
  marking: { coreValue: number } | 'unmarked' | 'looks-wrong' | undefined,
  systemRatingKPa: number | undefined,
): AllowedPressure {
  if (typeof marking !== 'object') {
    const maximumKPaGauge = Math.min(CONSERVATIVE_TARGET_KPA, systemRatingKPa ?? Infinity)
    return { maximumKPaGauge, basis: 'default', note: message('hold.findMakersFigure') }
  }
  return systemRatingKPa !== undefined && systemRatingKPa < marking.coreValue
    ? { maximumKPaGauge: systemRatingKPa, basis: 'system' }
    : { maximumKPaGauge: marking.coreValue, basis: 'marking' }
}

/**
 * Refusal of a target above what is allowed, after the gauge's offset; undefined when the target may be used.
 * @example targetProblem(example('pressure-hold.start').target, { maximumKPaGauge: 80, basis: 'marking' }).id
 *   // 'hold.targetAboveMarking'
 */
export function targetProblem(
  target: QuantityRecord,
  allowed: AllowedPressure,
): Message | undefined {
  const truthKPa = correctedValue(target)
  if (truthKPa <= 0) return message('hold.targetNotAboveZero')
  if (truthKPa > allowed.maximumKPaGauge + 1e-9)
    return message('hold.targetAboveMarking', {
      target: { kind: 'pressure', coreValue: truthKPa, unit: target.unit },
      maximum: { kind: 'pressure', coreValue: allowed.maximumKPaGauge, unit: target.unit },
    })
  return undefined
}

const USUAL = { fallKPa: 7, plannedMinutes: 15 } as const
const STRICT = { fallKPa: 0, plannedMinutes: 10 } as const

/**
 * What a hold may fall in the minutes after settling, by its plan.
 * @example holdAllows('usual').plannedMinutes // 15
 */
export const holdAllows = (plan: HoldPlan) => (plan === 'strict' ? STRICT : USUAL)

/** The usual limit of a hold: 7 kPa in 15 minutes after settling. */
export const LIMIT_KPA_PER_MINUTE = USUAL.fallKPa / USUAL.plannedMinutes

export interface HoldLimit {
  kPaPerMinute: number
  plannedMinutes: number
  plan: HoldPlan
}

/**
 * Limit of a hold. Usual: 7 kPa in 15 minutes after settling. Strict: no visible movement in 10 minutes, that
 * is one step of the gauge over ten minutes.
 * @example holdLimit('strict', 1).kPaPerMinute // 0.1
 */
export function holdLimit(plan: HoldPlan, resolutionKPa: number): HoldLimit {
  const { plannedMinutes } = holdAllows(plan)
  return plan === 'strict'
    ? { plan, kPaPerMinute: resolutionKPa / plannedMinutes, plannedMinutes }
    : { plan, kPaPerMinute: LIMIT_KPA_PER_MINUTE, plannedMinutes }
}

/** How a leak grows from the cold hold to the running engine: hot coolant is thin, so a seep grows most. */
const VISCOSITY_RATIO_COLD_TO_HOT = 4.6

/**
 * Band of flow(running) / flow(hold): between √(P_run/P_hold) for an opening and (P_run/P_hold)·(µ_cold/µ_hot)
 * for a seep. Dynamic viscosity of 50 % ethylene glycol falls about 4.6 times from 20 to 90 °C (3.9 to 0.85 mPa·s).
 * Running pressure is taken as 50 to 100 % of the cap's.
 * @example runningFlowFactor(100, 100).value // 1.804
 */
export function runningFlowFactor(holdKPaGauge: number, capKPaGauge: number): Estimate {
  const low = Math.sqrt((0.5 * capKPaGauge) / holdKPaGauge)
  const high = (capKPaGauge / holdKPaGauge) * VISCOSITY_RATIO_COLD_TO_HOT
  return { low: Math.min(low, high), value: Math.sqrt(low * high), high: Math.max(low, high) }
}

/**
 * Rate of fall in kPa/min that a leak of the size the keeper reports would make in this system at this hold.
 * Loss in litres a week, pressurised hours a week with interval, compliance in mL/kPa.
 * @example limitFromReportedLoss(1, { low: 5, value: 10, high: 20 }, { low: 3, value: 5, high: 9 }, { low: 1, value: 1, high: 1 }).value
 *   // 0.3333
 */
export function limitFromReportedLoss(
  lossLitresPerWeek: number,
  hoursPerWeek: Estimate,
  complianceMLPerKPa: Estimate,
  factor: Estimate,
): Estimate {
  const running = (hours: number) => (lossLitresPerWeek * 1000) / (hours * 60)
  return {
    low: running(hoursPerWeek.high) / factor.high / complianceMLPerKPa.high,
    value: running(hoursPerWeek.value) / factor.value / complianceMLPerKPa.value,
    high: running(hoursPerWeek.low) / factor.low / complianceMLPerKPa.low,
  }
}
