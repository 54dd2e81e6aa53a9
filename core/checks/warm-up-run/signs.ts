import { apart, message } from '../../quantity/message'
import { EARLY_PRESSURE_ERROR_KPA, earlyPressureReading } from '../early-pressure'
import { measuredReading } from '../measured'
import { scanSide } from '../scan-side'
import { binaryReading, type SignReading } from '../../inference/sign-reading'
import { intervalAround, type Interval } from '../../quantity/interval'
import type { WarmUpAnalysis } from './analysis'
import { celsius, openingSigns } from './opening-signs'
import type { WarmUpStart } from './record'

const kelvin = (coreValue: number) => ({ kind: 'temperatureDifference' as const, coreValue })

/** Standard errors of a run's figures: what the sensors' accuracy and the reading of a curve leave, K, kPa, mm a minute. */
const ERRORS = {
  plateauC: 2,
  plateauBelowRatingK: 2,
  overshootK: 1.5,
  wanderK: 0.7,
  'early.gainedKPa': EARLY_PRESSURE_ERROR_KPA,
  levelLateMmPerMinute: 0.2,
  warmUpKPerMinute: 0.15,
  hottestC: 1.5,
  leastMarginK: 2,
  'opening.engineC': 2,
  'fan.onC': 2,
  'fan.hysteresisK': 1.5,
  'fan.duty': 0.05,
  'fan.cycleSeconds': 5,
} as const

/**
 * 90 % intervals of the run's figures; the opening brings its own.
 * @example warmUpIntervals({ warmUpKPerMinute: 4 }).warmUpKPerMinute.low // 3.753
 */
export function warmUpIntervals(a: WarmUpAnalysis): Record<string, Interval> {
  return Object.fromEntries(
    Object.entries(ERRORS).flatMap(([path, sd]) => {
      const value = path
        .split('.')
        .reduce<unknown>((part, key) => (part as Record<string, unknown> | undefined)?.[key], a)
      return typeof value === 'number' && Number.isFinite(value)
        ? [[path, intervalAround(value, sd)]]
        : []
    }),
  )
}

/** A second source this near to the scan confirms it, K. */
export const AGREES_WITHIN_K = 8

/**
 * The second source of the engine's temperature: a hose before the thermostat, or an infrared gun on a spot that is
 * said to be painted or taped. The dash is no source, and a unit slip says nothing until it is mended.
 * @example (secondSourceOf({ agreement: [] }, example('warm-up-run.start')) ?? 'none') // 'none'
 */
export const secondSourceOf = (a: WarmUpAnalysis, start: WarmUpStart) =>
  a.agreement.find(
    (p) =>
      p.other !== 'dash' &&
      !p.unitSlip &&
      (p.other !== 'infrared-engine' || start.surface === 'painted-or-taped'),
  )

/**
 * The scan must have been confirmed by a second source before an opening or a plateau means what it says.
 * @example warmUpSigns('r', example('warm-up-run.start'), analyseWarmUp({}, [], CONTEXT)).length
 *   // 0
 */
export function warmUpSigns(source: string, start: WarmUpStart, a: WarmUpAnalysis): SignReading[] {
  const out: SignReading[] = []
  const second = secondSourceOf(a, start)
  const confirmed = second ? (Math.abs(second.medianK) < AGREES_WITHIN_K ? 0.95 : 0.5) : 0.75
  const level = start.level === 'full' ? 1 : start.level === 'low' ? 0.5 : 0.85
  const validity = confirmed * level
  out.push(...openingSigns(source, a, validity))
  if (a.plateauC !== undefined && a.plateauBelowRatingK !== undefined) {
    const reading = measuredReading({
      source: `${source}#plateau`,
      sign: 'plateau-low',
      value: a.plateauBelowRatingK,
      error: ERRORS.plateauBelowRatingK,
      given: { no: { mean: -5, sd: 5 }, yes: { low: 4, high: 50 } },
      validity,
      conditions: 'warm-up run',
      says: message('says.plateau', { temperature: celsius(a.plateauC) }),
    })
    out.push(reading)
  }
  if (a.overshootK !== undefined && a.fan.cycles.length === 0)
    out.push(
      measuredReading({
        source: `${source}#overshoot`,
        sign: 'overshoot',
        value: a.overshootK,
        error: ERRORS.overshootK,
        given: { no: { mean: 2, sd: 2 }, yes: { low: 6, high: 30 } },
        validity,
        conditions: 'warm-up run',
        says: message('says.overshoot', { difference: kelvin(a.overshootK) }),
      }),
    )
  if (a.wanderK !== undefined && a.fan.cycles.length === 0)
    out.push(
      measuredReading({
        source: `${source}#wanders`,
        sign: 'wanders',
        value: a.wanderK,
        error: ERRORS.wanderK,
        given: { no: { mean: 1, sd: 1.2 }, yes: { low: 4, high: 20 } },
        validity: 0.88,
        conditions: 'warm-up run',
        says: message('says.wanders', { difference: kelvin(a.wanderK) }),
      }),
    )
  agreementSigns(out, source, start, a)
  fanSigns(out, source, start, a)
  if (a.early) out.push(earlyPressureReading(`${source}#pressure`, a.early, 0.9))
  if (a.levelLateMmPerMinute !== undefined)
    out.push(
      measuredReading({
        source: `${source}#level`,
        sign: 'creep',
        value: a.levelLateMmPerMinute,
        error: ERRORS.levelLateMmPerMinute,
        given: {
          steady: { mean: 0, sd: 0.15 },
          settles: { mean: 0.2, sd: 0.25 },
          climbs: { low: 0.3, high: 8 },
        },
        validity: 0.85,
        conditions: 'level watched hot',
        says: message('says.levelLate', {
          rate: { kind: 'lengthRate', coreValue: a.levelLateMmPerMinute },
        }),
      }),
    )
  return out
}

function agreementSigns(out: SignReading[], source: string, start: WarmUpStart, a: WarmUpAnalysis) {
  for (const pair of a.agreement) {
    if (pair.unitSlip) continue
    if (pair.other === 'dash') {
      const scanTrusted = a.agreement.some(
        (p) => p.other !== 'dash' && !p.unitSlip && Math.abs(p.medianK) < 6,
      )
      if (scanTrusted)
        out.push(
          measuredReading({
            source: `${source}#dash`,
            sign: 'dash-disagrees',
            value: Math.abs(pair.medianK),
            error: 5,
            given: { no: { mean: 5, sd: 6 }, yes: { low: 15, high: 80 } },
            validity: 0.9,
            conditions: 'dash beside scan',
            says: message('says.dashAgainstScan', apart(-pair.medianK)),
          }),
        )
      continue
    }
    const error =
      pair.other === 'engine-side-hose'
        ? 6
        : { 'painted-or-taped': 3, 'bare-metal': 18, 'not-known': 9 }[start.surface]
    out.push(
      measuredReading({
        source: `${source}#${pair.other}`,
        sign: 'scan-disagrees',
        value: Math.abs(pair.medianK),
        error,
        given: { no: { mean: 1.5, sd: 2.5 }, yes: { low: 6, high: 60 } },
        validity: start.level === 'low' ? 0.6 : 0.92,
        conditions: 'second temperature',
        says: message('says.scanAgainstSecond', apart(pair.medianK)),
      }),
    )
    if (Math.abs(pair.medianK) > 3 + 2 * error)
      out.push(scanSide(`${source}#${pair.other}`, pair.medianK, start.level === 'low' ? 0.6 : 0.9))
  }
}

function fanSigns(out: SignReading[], source: string, start: WarmUpStart, a: WarmUpAnalysis) {
  if (!start.fanWatched || start.airConditioning === 'on') return
  if (a.fan.onC !== undefined) {
    const late = 1 / (1 + Math.exp(-(a.fan.onC - 109) / 2.5))
    out.push({
      source: `${source}#fan`,
      sign: 'fan-late',
      likelihood: { 'on-time': 0.95 * (1 - late) + 0.01, late: 0.9 * late + 0.06, never: 0.01 },
      validity: 0.92,
      conditions: 'fan watched, air conditioning off',
      says: message('says.fanOnAt', { temperature: celsius(a.fan.onC) }),
    })
    const cools = a.fan.cycles.filter((c) => c.cools !== undefined)
    if (cools.length > 0)
      out.push(
        binaryReading(
          `${source}#cools`,
          'fan-no-effect',
          cools.every((c) => !c.cools),
          { whenPresent: 0.85, whenAbsent: 0.08 },
          message(cools.every((c) => !c.cools) ? 'says.fanCools.no' : 'says.fanCools.yes'),
          0.9,
        ),
      )
  } else if (a.hottestC !== undefined && a.hottestC > 100) {
    const hot = 1 / (1 + Math.exp(-(a.hottestC - 106) / 2))
    out.push({
      source: `${source}#fan`,
      sign: 'fan-late',
      likelihood: { 'on-time': 0.03, late: 0.3, never: 0.95 },
      validity: 0.9 * hot,
      conditions: 'fan watched, air conditioning off',
      says: message('says.fanNever'),
    })
  }
}
