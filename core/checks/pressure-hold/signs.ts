import { message } from '../../quantity/message'
import { correctedValue } from '../../quantity/record'
import { logNormalDensity, normalBetween } from '../../statistics/normal'
import { binaryReading, type SignReading } from '../../inference/sign-reading'
import type { HoldAnalysis } from './analysis'
import { pressureByLaw } from './decay'
import { HOT_HOLD_FROM_C } from './limits'
import type { HoldRecords } from './analysis'

/** True fall of pressure in kPa/min declared for each state of the sign; soft and overlapping on purpose. */
const FALL_GIVEN_STATE = {
  tight: { median: 0.06, logSd: 1.0 },
  seep: { median: 0.7, logSd: 0.65 },
  leak: { median: 3.5, logSd: 0.65 },
  gross: { median: 20, logSd: 0.8 },
} as const

/** Whether a hold shows a fall that is the system's own. */
export const hasFallen = (state: HoldAnalysis['state']): boolean =>
  state === 'seep' || state === 'leak' || state === 'gross'

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

/**
 * p(readings | true leak fall), for each fall of the grid: the dial shows the pressure rounded to its step, so a
 * reading is an interval-censored observation; the start pressure and the part of the fall that is not the leak
 * (tester, cooling) are integrated out. Settled readings only.
 */
function likelihoodOfFalls(analysis: HoldAnalysis, resolutionKPa: number): number[] {
  const settled = analysis.points.filter((p) => p.settled)
  const stride = Math.max(1, Math.ceil(settled.length / 40))
  const used = settled.filter((_, i) => i % stride === 0 || i === settled.length - 1)
  const { decay, fallKPaPerMinute: corrected } = analysis
  const other = decay!.fallKPaPerMinute.value - corrected!.value
  const widen =
    corrected!.high - corrected!.low - (decay!.fallKPaPerMinute.high - decay!.fallKPaPerMinute.low)
  const otherSd = Math.max(0.01, widen / 4)
  const noise = Math.max(0.15 * resolutionKPa, 0.05)
  const half = resolutionKPa / 2
  const logs = FALLS.map((fall) => {
    let sum = 0
    for (const [node, nodeWeight] of NORMAL_NODES)
      for (const step of STEP_NODES) {
        const startKPa = decay!.startKPaGauge + step * resolutionKPa
        let log = 0
        for (const point of used) {
          const minutes = (point.elapsedSeconds - decay!.startSeconds) / 60
          const leaked = startKPa - pressureByLaw('seep', startKPa, fall, minutes)
          const truth = startKPa - leaked - (other + node * otherSd) * minutes
          const p = normalBetween(
            point.pressureKPaGauge - half,
            point.pressureKPaGauge + half,
            truth,
            noise,
          )
          log += Math.log(0.98 * p + 0.02 * (resolutionKPa / 200))
        }
        sum += nodeWeight * Math.exp(log)
      }
    return sum
  })
  return logs
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
  const likelihood = likelihoodOfFalls(analysis, resolutionKPa)
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

/** Chance that the hold's conditions were met: pressing air, or a tester that leaks, says little. */
function validityOf(analysis: HoldAnalysis, records: HoldRecords): number {
  const level = { 'near-full': 0.96, 'not-known': 0.75, low: 0.3 }[records.start.level]
  const cool =
    records.start.engine === 'hot' &&
    records.start.coolantAtStart !== undefined &&
    correctedValue(records.start.coolantAtStart) < HOT_HOLD_FROM_C
  return analysis.testerUnfit || cool ? Math.min(level, 0.3) : level
}

/**
 * The sign that a hold reads: hot and cold, whole and with a part isolated are different things.
 * @example holdSign(HELD) // 'hold-cold'
 */
export function holdSign({ start }: HoldRecords): string {
  if (start.engine === 'hot') return 'hold-hot'
  if (start.isolated?.includes('heater-core')) return 'hold-without-heater'
  if (start.isolated?.includes('coolers')) return 'hold-without-coolers'
  return 'hold-cold'
}

/**
 * What a hold says about the signs it can speak to.
 * @example signsOf(holdSigns('r', HELD, analyseHold(HELD, holdContextOf(CONTEXT, ''))))
 *   // 'hold-cold'
 */
export function holdSigns(
  holdId: string,
  records: HoldRecords,
  analysis: HoldAnalysis,
  fellBeforeKPaPerMinute?: number,
): SignReading[] {
  const out: SignReading[] = []
  const validity = validityOf(analysis, records)
  const sign = holdSign(records)
  const conditions = sign === 'hold-hot' ? 'pressure tester, hot' : 'pressure tester, cold'
  if (records.remarks.some((r) => r.remark === 'target-not-reached'))
    out.push({
      source: holdId,
      sign,
      likelihood: { tight: 0.004, seep: 0.01, leak: 0.1, gross: 0.9 },
      validity: 0.9,
      conditions,
      says: message('says.targetNeverReached'),
    })
  else if (analysis.decay)
    out.push({
      source: holdId,
      sign,
      likelihood: holdStateLikelihood(
        analysis,
        records.start.resolutionKPa,
        fellBeforeKPaPerMinute,
      ),
      validity,
      conditions,
      says: message('says.holdFall', {
        rate: { kind: 'pressureRate', coreValue: Math.max(0, analysis.fallKPaPerMinute!.value) },
        minutes: Math.round(analysis.decay.durationMinutes),
      }),
    })
  if (records.remarks.some((r) => r.remark === 'hiss-heard'))
    out.push(
      binaryReading(
        `${holdId}#hiss`,
        'air-hiss',
        true,
        { whenPresent: 0.8, whenAbsent: 0.03 },
        message('says.hiss'),
      ),
    )
  const fell = hasFallen(analysis.state)
  const { end } = records
  if (end && end.tray !== 'not-known' && (fell || end.tray === 'wet'))
    out.push(
      binaryReading(
        `${holdId}#tray`,
        'tray-wet',
        end.tray === 'wet',
        { whenPresent: 0.8, whenAbsent: 0.04 },
        message(end.tray === 'wet' ? 'says.trayWet' : 'says.trayDry'),
        0.9,
      ),
    )
  if (end?.cylinders === 'wet' || end?.cylinders === 'dry')
    out.push(
      binaryReading(
        `${holdId}#cylinders`,
        'cylinder-wet',
        end.cylinders === 'wet',
        { whenPresent: 0.75, whenAbsent: 0.02 },
        message(end.cylinders === 'wet' ? 'says.cylinderWet' : 'says.cylinderDry'),
      ),
    )
  return out
}
