import { type Estimate, Z90 } from '../../quantity/interval'
import { linesThroughBands } from '../../statistics/lines-through-bands'
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
 * Half width of the 90 % interval of a slope from `n` readings of a dial with step r over T minutes that no line
 * follows to half a step, so that they err by more than their rounding.
 *
 * A dial's error is a step and not noise: readings on the same side of a graduation err together, so ±r/T is
 * granted whatever their number. Independent errors would give 1.645·(r/√12)·√(12/n)/T·√((n−1)/(n+1)). The
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

/**
 * A reading lies so far from the truth, steps: half a step by its rounding, and a little for a needle that is misread.
 * With it nine intervals in ten hold the truth even where the needle is read a tenth of a step wrong.
 */
const BAND_STEPS = 0.55

/** A law drawn straight: readings bent so that it is a line, and the fall at the start that a line then means. */
const STRAIGHTENED: Record<
  DecayLaw,
  {
    bend: (kPa: number) => number
    unbend: (bent: number) => number
    fall: (slope: number, startKPa: number) => number
  }
> = {
  straight: { bend: (p) => p, unbend: (b) => b, fall: (slope) => -slope },
  seep: { bend: Math.log, unbend: Math.exp, fall: (slope, start) => -slope * start },
  opening: {
    bend: Math.sqrt,
    unbend: (b) => b * b,
    fall: (slope, start) => -slope * 2 * Math.sqrt(start),
  },
}

function fitLaw(law: DecayLaw, minutes: number[], pressures: number[]) {
  const { bend, unbend, fall: fallOf } = STRAIGHTENED[law]
  const { slope, intercept } = theilSenSlope(minutes, pressures.map(bend))
  const start = unbend(intercept)
  const fall = fallOf(slope, start)
  const misfit = minutes.reduce(
    (sum, t, i) => sum + Math.abs(pressures[i]! - pressureByLaw(law, start, fall, t)),
    0,
  )
  return { law, start, fall, misfit }
}

/** Fall and start by all curves of a law that pass through every reading to half a step of the gauge. */
function fallWithinSteps(
  law: DecayLaw,
  minutes: number[],
  pressures: number[],
  resolutionKPa: number,
) {
  const { bend, unbend, fall } = STRAIGHTENED[law]
  const half = BAND_STEPS * resolutionKPa
  const line = linesThroughBands(
    minutes,
    pressures.map((p) => bend(p - half)),
    pressures.map((p) => bend(p + half)),
  )
  if (!line) return undefined
  const { slope } = line
  const start = unbend(line.intercept)
  const fallKPaPerMinute = {
    low: fall(slope.high, start),
    value: fall(slope.value, start),
    high: fall(slope.low, start),
  }
  return { start, fallKPaPerMinute }
}

/**
 * Fits the settled part of a hold: a straight line; and where none passes through all of six or more readings that
 * fell far enough, two laws through the origin (a seep goes about with P, an opening with √P): the one with the
 * smallest sum of absolute residuals, the straight line unless another is better by a tenth.
 *
 * The fall lies between the least and the greatest of all curves of that law that pass through every reading to
 * about half a step: a needle that visibly fell is a fall, however many readings tie. Where none passes, a reading
 * erred by more than its step: then the robust slope with its own interval, and a step over the time.
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
  let best = fitLaw('straight', minutes, pressures)
  let within = fallWithinSteps('straight', minutes, pressures, resolutionKPa)
  const fellFar = best.fall * durationMinutes > 3 * resolutionKPa
  const isAboveZero = pressures.every((p) => p > BAND_STEPS * resolutionKPa)
  if (!within && settled.length >= 6 && fellFar && isAboveZero) {
    for (const law of ['seep', 'opening'] as const) {
      const fit = fitLaw(law, minutes, pressures)
      if (fit.misfit < best.misfit * 0.9) best = fit
    }
    within = fallWithinSteps(best.law, minutes, pressures, resolutionKPa)
  }
  return {
    law: best.law,
    fallKPaPerMinute:
      within?.fallKPaPerMinute ?? fallBesideErrors(best.fall, minutes, pressures, resolutionKPa),
    startSeconds,
    startKPaGauge: within?.start ?? best.start,
    durationMinutes,
  }
}

/** A fall with the interval of the robust slope, and no less than a step over the time. */
function fallBesideErrors(
  fall: number,
  minutes: number[],
  pressures: number[],
  resolutionKPa: number,
): Estimate {
  const sen = theilSenSlope(minutes, pressures)
  const instrument = slopeHalfWidth(resolutionKPa, Math.max(...minutes), minutes.length)
  const scale = fall !== 0 && sen.slope !== 0 ? Math.abs(fall / sen.slope) : 1
  return {
    low: fall - Math.max(instrument, (sen.high - sen.slope) * scale),
    value: fall,
    high: fall + Math.max(instrument, (sen.slope - sen.low) * scale),
  }
}
