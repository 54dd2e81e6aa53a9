import { logNormalDensity, normalBetween } from '../../statistics/normal'
import type { HoldAnalysis } from './analysis'
import { pressureByLaw } from './decay'

/** True fall of pressure in kPa/min declared for each state of the sign; soft and overlapping on purpose. */
const FALL_GIVEN_STATE = {
  tight: { median: 0.06, logSd: 1.0 },
  seep: { median: 0.7, logSd: 0.65 },
  leak: { median: 3.5, logSd: 0.65 },
  gross: { median: 20, logSd: 0.8 },
} as const

/** A system that fell falls alike in the next hold, unless what leaks was shut off from it: spread of the ratio, natural log. */
const FALLS_AGAIN_LOG_SD = 0.4

export type HoldSignState = keyof typeof FALL_GIVEN_STATE
export const HOLD_STATES = Object.keys(FALL_GIVEN_STATE) as HoldSignState[]

const FALLS = Array.from(
  { length: 48 },
  (_, i) => 0.004 * Math.exp((i / 47) * Math.log(100 / 0.004)),
)
const STEP_NODES = Array.from({ length: 13 }, (_, i) => (i - 6) / 6)
/** three-point Gauss-Hermite nodes and weights for a standard normal */
const NORMAL_NODES: readonly [number, number][] = [
  [-1.7320508, 1 / 6],
  [0, 2 / 3],
  [1.7320508, 1 / 6],
]
/** Falls on the gauge that are tried, where what is not the leak is wide beside a step. */
const SHOWN_FALLS = 41
/** More readings than this say no more; of more, every so many are taken. */
const MOST_READINGS = 40

/** The settled readings of a hold, and the part of their fall that is not the leak (tester, cooling). */
interface Observed {
  points: readonly { minutes: number; kPa: number }[]
  startKPa: number
  resolutionKPa: number
  /** fall on the gauge, kPa/min, and how far it may lie off */
  shown: { low: number; high: number }
  /** mean and standard deviation, kPa/min */
  other: { mean: number; sd: number }
}

function observedOf(analysis: HoldAnalysis, resolutionKPa: number): Observed {
  const settled = analysis.points.filter((p) => p.settled)
  const stride = Math.max(1, Math.ceil(settled.length / MOST_READINGS))
  const { startKPaGauge, startSeconds, fallKPaPerMinute: shown } = analysis.decay!
  const left = analysis.fallKPaPerMinute!
  const widened = left.high - left.low - (shown.high - shown.low)
  return {
    points: settled
      .filter((_, i) => i % stride === 0 || i === settled.length - 1)
      .map((p) => ({ minutes: (p.elapsedSeconds - startSeconds) / 60, kPa: p.pressureKPaGauge })),
    startKPa: startKPaGauge,
    resolutionKPa,
    shown,
    other: { mean: shown.value - left.value, sd: Math.max(0.01, widened / 4) },
  }
}

/**
 * p(readings | leak, other fall), kPa/min: the dial shows the pressure rounded to its step, so a reading is an
 * interval-censored observation. The start pressure is integrated out over a step either way.
 */
function likelihoodOf(observed: Observed, leak: number, other: number): number {
  const { points, resolutionKPa, startKPa } = observed
  const noise = Math.max(0.15 * resolutionKPa, 0.05)
  const half = resolutionKPa / 2
  let sum = 0
  for (const step of STEP_NODES) {
    const start = startKPa + step * resolutionKPa
    let log = 0
    for (const { minutes, kPa } of points) {
      const truth = pressureByLaw('seep', start, leak, minutes) - other * minutes
      const p = normalBetween(kPa - half, kPa + half, truth, noise)
      log += Math.log(0.98 * p + 0.02 * (resolutionKPa / 200))
    }
    sum += Math.exp(log)
  }
  return sum
}

/**
 * p(readings | leak) for each fall of the grid, with the part that is not the leak integrated out: at three nodes
 * where it is narrow beside a step of the gauge; else over the falls that the gauge can have shown, each as likely
 * as that what is left of it beside the leak was not the leak.
 */
function likelihoodOfFalls(observed: Observed): number[] {
  const { other, resolutionKPa, points, shown } = observed
  const lasted = Math.max(...points.map(({ minutes }) => minutes))
  if (other.sd * lasted <= resolutionKPa)
    return FALLS.map((leak) =>
      NORMAL_NODES.reduce(
        (sum, [node, weight]) =>
          sum + weight * likelihoodOf(observed, leak, other.mean + node * other.sd),
        0,
      ),
    )
  const beyond = resolutionKPa / lasted
  const from = shown.low - beyond
  const stepKPa = (shown.high + beyond - from) / (SHOWN_FALLS - 1)
  const shownFalls = Array.from({ length: SHOWN_FALLS }, (_, i) => {
    const fall = from + i * stepKPa
    return { fall, likelihood: likelihoodOf(observed, 0, fall) }
  })
  return FALLS.map((leak) =>
    shownFalls.reduce((sum, { fall, likelihood }) => {
      const z = (fall - leak - other.mean) / other.sd
      return sum + likelihood * Math.exp((-z * z) / 2)
    }, 0),
  )
}

/**
 * Integral of p(readings | fall)·p(fall | state) over the grid, for each state; where the whole system fell in a hold
 * before, every state but tight falls as it fell then.
 * @example holdStateLikelihood(analyseHold(HELD, holdContextOf(CONTEXT, '')), 1).tight // 1.988
 */
export function holdStateLikelihood(
  analysis: HoldAnalysis,
  resolutionKPa: number,
  fellBeforeKPaPerMinute?: number,
): Record<HoldSignState, number> {
  const likelihood = likelihoodOfFalls(observedOf(analysis, resolutionKPa))
  const out = { tight: 0, seep: 0, leak: 0, gross: 0 }
  for (const state of HOLD_STATES) {
    const { median, logSd } =
      state === 'tight' || fellBeforeKPaPerMinute === undefined
        ? FALL_GIVEN_STATE[state]
        : { median: fellBeforeKPaPerMinute, logSd: FALLS_AGAIN_LOG_SD }
    let mass = 0
    FALLS.forEach((fall, i) => {
      const weight = logNormalDensity(fall, median, logSd) * fall
      out[state] += weight * likelihood[i]!
      mass += weight
    })
    out[state] /= mass
  }
  return out
}
