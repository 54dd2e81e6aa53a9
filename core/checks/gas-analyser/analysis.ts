import { correctedValue } from '../../quantity/record'
import type { GasAnalyser } from './record'

const USUAL_BACKGROUND_PPM = 20
/** Less carbon dioxide than this is no exhaust, per cent. */
const LEAST_CO2_PERCENT = 0.3

/**
 * Hydrocarbons above background, ppm, and CO2 beside them; hot glycol by itself gives a few tens of ppm.
 * @example analyseAnalyser(example('gas-analyser.test')).aboveBackgroundPpm // 900
 */
export function analyseAnalyser(record: GasAnalyser) {
  const aboveBackgroundPpm = record.hcPpm - (record.backgroundHcPpm ?? USUAL_BACKGROUND_PPM)
  const hot = record.engine !== undefined && correctedValue(record.engine) >= 80
  const negativeValidity = 0.9 * (hot ? 1 : 0.35) * (record.thermostatOpen === 'shown' ? 1 : 0.75)
  // Exhaust brings both: hydrocarbons without carbon dioxide are a cleaner, fuel, or the coolant itself.
  const { co2Percent } = record
  const isAlone = co2Percent !== undefined && co2Percent < LEAST_CO2_PERCENT
  const isExhaust = co2Percent !== undefined && co2Percent > 0.5
  const isPositive = aboveBackgroundPpm > 150 ? !isAlone : isExhaust && aboveBackgroundPpm > 20
  const state = isPositive
    ? ('positive' as const)
    : aboveBackgroundPpm > 60 || isExhaust
      ? ('doubtful' as const)
      : negativeValidity > 0.8
        ? ('negative-valid' as const)
        : ('negative-invalid' as const)
  return { aboveBackgroundPpm, state, negativeValidity }
}
