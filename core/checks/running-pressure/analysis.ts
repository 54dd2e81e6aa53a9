import { COLD_BELOW_C } from '../../physics/engine-temperature'
import { interpolate } from '../../statistics/line'
import type { RunningPressure } from './record'

export interface RunningPressureAnalysis {
  /** pressure when the coolant first passed 60 °C, kPa gauge */
  atSixtyKPa?: number
  highestKPa: number
  hottestC: number
  state: 'normal' | 'rises-before-warm' | 'never-rises' | 'not-hot-enough' | 'begun-warm'
}

/**
 * Vapour and expansion hardly press below 60 °C: what is there by then was put in by something else.
 * @example analyseRunningPressure(example('running-pressure.run')).state // 'rises-before-warm'
 */
export function analyseRunningPressure(record: RunningPressure): RunningPressureAnalysis {
  const { points } = record
  const hottestC = Math.max(...points.map((p) => p.coolantC))
  const highestKPa = Math.max(...points.map((p) => p.pressureKPaGauge))
  const out: RunningPressureAnalysis = { highestKPa, hottestC, state: 'normal' }
  // What it rose by until 60 °C is asked from cold on; begun warm, some of it is gone already.
  const isFromCold = points[0]!.coolantC < COLD_BELOW_C
  const crossing = points.findIndex((p) => p.coolantC >= 60)
  if (crossing > 0 && isFromCold) {
    const a = points[crossing - 1]!
    const b = points[crossing]!
    out.atSixtyKPa =
      interpolate([a.coolantC, b.coolantC], [a.pressureKPaGauge, b.pressureKPaGauge], 60) -
      points[0]!.pressureKPaGauge
  }
  if ((out.atSixtyKPa ?? 0) > 35) out.state = 'rises-before-warm'
  else if (hottestC < 85) out.state = 'not-hot-enough'
  else if (highestKPa < 15) out.state = 'never-rises'
  else if (!isFromCold) out.state = 'begun-warm'
  return out
}
