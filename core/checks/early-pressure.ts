import { message } from '../quantity/message'
import { COLD_BELOW_C } from '../physics/engine-temperature'
import { interpolate } from '../statistics/line'
import type { SignReading } from '../inference/sign-reading'
import { measuredReading } from './measured'

/** Vapour and expansion hardly press below this, °C: what is there by then was put in by something else. */
const WARM_C = 60
/** More than this by then is no expansion any more, kPa. */
export const PLAINLY_EARLY_KPA = 35
/** Standard error of what two readings of one gauge differ by, kPa. */
export const EARLY_PRESSURE_ERROR_KPA = 5

/** One moment of an engine that warms up. */
export interface WarmingPoint {
  coolantC: number
  kPaGauge: number
}

/** What the pressure rose by from cold, and until when. */
export interface EarlyPressure {
  gainedKPa: number
  /** °C, 60 at the most */
  untilC: number
}

/**
 * What the pressure rose by until the coolant was at 60 °C, points in their order in time; nothing of one begun warm,
 * where some of it is gone already. A run that ended before is judged only if it had risen by plainly too much: that is
 * why it was ended, and it would have gone on.
 * @example earlyPressure([{ coolantC: 20, kPaGauge: 0 }, { coolantC: 52, kPaGauge: 90 }]).gainedKPa // 90
 */
export function earlyPressure(points: readonly WarmingPoint[]): EarlyPressure | undefined {
  const first = points[0]
  if (!first || first.coolantC >= COLD_BELOW_C) return undefined
  const crossing = points.findIndex(({ coolantC }) => coolantC >= WARM_C)
  if (crossing > 0) {
    const [a, b] = [points[crossing - 1]!, points[crossing]!]
    const atWarm = interpolate([a.coolantC, b.coolantC], [a.kPaGauge, b.kPaGauge], WARM_C)
    return { gainedKPa: atWarm - first.kPaGauge, untilC: WARM_C }
  }
  const most = points.reduce((best, point) => (point.kPaGauge > best.kPaGauge ? point : best))
  const gainedKPa = most.kPaGauge - first.kPaGauge
  return gainedKPa > PLAINLY_EARLY_KPA ? { gainedKPa, untilC: most.coolantC } : undefined
}

/**
 * Pressure that is there before it is warm, as a reading of its sign.
 * @example earlyPressureReading('r', { gainedKPa: 90, untilC: 52 }, 0.9).sign // 'pressure-early'
 */
export const earlyPressureReading = (
  source: string,
  { gainedKPa, untilC }: EarlyPressure,
  validity: number,
): SignReading =>
  measuredReading({
    source,
    sign: 'pressure-early',
    value: gainedKPa,
    error: EARLY_PRESSURE_ERROR_KPA,
    given: { no: { mean: 10, sd: 9 }, yes: { low: 25, high: 110 } },
    validity,
    conditions: 'running pressure',
    says: message('says.pressureAtSixty', {
      pressure: { kind: 'pressure', coreValue: gainedKPa },
      temperature: { kind: 'temperature', coreValue: untilC },
    }),
  })
