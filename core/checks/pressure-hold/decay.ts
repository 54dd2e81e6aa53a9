import { type Estimate, Z90 } from '../../quantity/interval'
import { theilSenSlope } from '../../statistics/theil-sen-slope'

export interface HoldPoint {
  elapsedSeconds: number
  pressureKPaGauge: number
}

export type DecayLaw = 'straight' | 'seep' | 'opening'

export interface Decay {
  /** which law follows the readings best; a law is only tried from six settled readings on */
  law: DecayLaw
  /** fall in kPa per minute at the first settled reading, positive when pressure falls */
  fallKPaPerMinute: Estimate
  startSeconds: number
  startKPaGauge: number
  durationMinutes: number
}

/**
 * Half width of the 90 % interval of a slope from `n` readings of a dial with step r over T minutes.
 *
 * A dial's error is a step and not noise: readings on the same side of a graduation err together, so the slope
 * is never known better than ±r/T. Independent errors would give 1.645·(r/√12)·√(12/n)/T·√((n−1)/(n+1)). The
 * larger of the two counts.
 * @example slopeHalfWidth(1, 10, 11) // 0.1
 */
export function slopeHalfWidth(resolutionKPa: number, durationMinutes: number, n: number): number {
  const step = resolutionKPa / durationMinutes
  const independent =
    Z90 *
    (resolutionKPa / Math.sqrt(12)) *
    Math.sqrt(12 / n) *
    Math.sqrt((n - 1) / (n + 1)) *
    (1 / durationMinutes)
  return Math.max(step, independent)
}

/**
 * Pressure by each law, in kPa gauge, `minutes` after the start; `fall` in kPa/min at the start.
 * @example pressureByLaw('seep', 100, 1, 10) // 90.48
 */
export function pressureByLaw(
  law: DecayLaw,
  startKPa: number,
  fall: number,
  minutes: number,
): number {
  if (law === 'straight' || startKPa <= 0) return startKPa - fall * minutes
  if (law === 'seep') return startKPa * Math.exp((-fall / startKPa) * minutes)
  const root = Math.sqrt(startKPa) - (fall / (2 * Math.sqrt(startKPa))) * minutes
  return root > 0 ? root * root : 0
}

function fitLaw(law: DecayLaw, minutes: number[], pressures: number[]) {
  const bend = (p: number) => (law === 'seep' ? Math.log(p) : law === 'opening' ? Math.sqrt(p) : p)
  const { slope, intercept } = theilSenSlope(minutes, pressures.map(bend))
  const start =
    law === 'seep' ? Math.exp(intercept) : law === 'opening' ? intercept * intercept : intercept
  const fall =
    law === 'seep' ? -slope * start : law === 'opening' ? -slope * 2 * Math.sqrt(start) : -slope
  const misfit = minutes.reduce(
    (sum, t, i) => sum + Math.abs(pressures[i]! - pressureByLaw(law, start, fall, t)),
    0,
  )
  return { law, start, fall, misfit }
}

/**
 * Fits the settled part of a hold: a robust straight line, and with six or more readings that fell far enough
 * two laws through the origin (a seep goes about with P, an opening with √P); the one with the smallest sum of
 * absolute residuals is reported, the straight line unless another is better by a tenth.
 * Undefined with fewer than two settled readings at different times.
 * @example fitDecay([0, 60, 120].map((s) => ({ elapsedSeconds: s, pressureKPaGauge: 100 - s / 60 })), 1).fallKPaPerMinute.value
 *   // 1
 */
export function fitDecay(settled: readonly HoldPoint[], resolutionKPa: number): Decay | undefined {
  if (settled.length < 2) return undefined
  const startSeconds = settled[0]!.elapsedSeconds
  const minutes = settled.map((p) => (p.elapsedSeconds - startSeconds) / 60)
  const pressures = settled.map((p) => p.pressureKPaGauge)
  const durationMinutes = Math.max(...minutes)
  if (!(durationMinutes > 0)) return undefined
  const sen = theilSenSlope(minutes, pressures)
  let best = fitLaw('straight', minutes, pressures)
  const fellFar = best.fall * durationMinutes > 3 * resolutionKPa
  if (settled.length >= 6 && fellFar && pressures.every((p) => p > 0))
    for (const law of ['seep', 'opening'] as const) {
      const fit = fitLaw(law, minutes, pressures)
      if (fit.misfit < best.misfit * 0.9) best = fit
    }
  const instrument = slopeHalfWidth(resolutionKPa, durationMinutes, settled.length)
  const scale = best.fall !== 0 && sen.slope !== 0 ? Math.abs(best.fall / sen.slope) : 1
  const below = Math.max(instrument, (sen.high - sen.slope) * scale)
  const above = Math.max(instrument, (sen.slope - sen.low) * scale)
  return {
    law: best.law,
    fallKPaPerMinute: { low: best.fall - below, value: best.fall, high: best.fall + above },
    startSeconds,
    startKPaGauge: best.start,
    durationMinutes,
  }
}
