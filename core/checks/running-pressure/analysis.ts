import { COLD_BELOW_C } from '../../physics/engine-temperature'
import { type EarlyPressure, earlyPressure, PLAINLY_EARLY_KPA } from '../early-pressure'
import type { RunningPressure } from './record'

export interface RunningPressureAnalysis {
  /** what it rose by before it was warm */
  early?: EarlyPressure
  highestKPa: number
  hottestC: number
  state: 'normal' | 'rises-before-warm' | 'never-rises' | 'not-hot-enough' | 'begun-warm'
}

/**
 * Pressure against temperature: what is there before it is warm, and whether any ever is.
 * @example analyseRunningPressure(example('running-pressure.run')).state // 'rises-before-warm'
 */
export function analyseRunningPressure({ points }: RunningPressure): RunningPressureAnalysis {
  const hottestC = Math.max(...points.map((p) => p.coolantC))
  const highestKPa = Math.max(...points.map((p) => p.pressureKPaGauge))
  const early = earlyPressure(
    points.map(({ coolantC, pressureKPaGauge }) => ({ coolantC, kPaGauge: pressureKPaGauge })),
  )
  const out: RunningPressureAnalysis = {
    ...(early ? { early } : {}),
    highestKPa,
    hottestC,
    state: 'normal',
  }
  if (early && early.gainedKPa > PLAINLY_EARLY_KPA) out.state = 'rises-before-warm'
  else if (hottestC < 85) out.state = 'not-hot-enough'
  else if (highestKPa < 15) out.state = 'never-rises'
  else if (points[0]!.coolantC >= COLD_BELOW_C) out.state = 'begun-warm'
  return out
}
