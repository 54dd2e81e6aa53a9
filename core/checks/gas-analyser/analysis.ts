import { correctedValue } from '../../quantity/record'
import type { GasAnalyser } from './record'

const USUAL_BACKGROUND_PPM = 20

/**
 * Hydrocarbons above background, ppm, and CO2 beside them; hot glycol by itself gives a few tens of ppm.
 * @example analyseAnalyser(example('gas-analyser.test')).aboveBackgroundPpm // 900
 */
export function analyseAnalyser(record: GasAnalyser) {
  const aboveBackgroundPpm = record.hcPpm - (record.backgroundHcPpm ?? USUAL_BACKGROUND_PPM)
  const hot = record.engine !== undefined && correctedValue(record.engine) >= 80
  const negativeValidity = 0.9 * (hot ? 1 : 0.35) * (record.thermostatOpen === 'shown' ? 1 : 0.75)
  const high = aboveBackgroundPpm > 150 || (record.co2Percent ?? 0) > 0.5
  const state = high
    ? ('positive' as const)
    : aboveBackgroundPpm > 60
      ? ('doubtful' as const)
      : negativeValidity > 0.8
        ? ('negative-valid' as const)
        : ('negative-invalid' as const)
  return { aboveBackgroundPpm, state, negativeValidity }
}
