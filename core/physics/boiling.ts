import { atmosphericPressureKPa } from './atmosphere'
import { waterActivity, type CoolantBase } from './coolant'
import { saturationTemperatureC } from './saturation-pressure'

export interface BoilingConditions {
  base: CoolantBase
  /** mass fraction of pure glycol, 0 to 0.6 */
  massFraction: number
  elevationMetres: number
  /** pressure the system really holds, kPa gauge */
  heldKPaGauge: number
}

/**
 * Boiling point of the coolant in °C: T_sat((p_atm + p_gauge) / a_w).
 * Example: 50 % by mass of ethylene glycol, sea level, 15 psi held: 129.4 °C.
 * @example boilingPointC({ base: 'water', massFraction: 0, elevationMetres: 3000, heldKPaGauge: 0 }) // 90.0
 */
export function boilingPointC({
  base,
  massFraction,
  elevationMetres,
  heldKPaGauge,
}: BoilingConditions): number {
  return saturationTemperatureC(
    (atmosphericPressureKPa(elevationMetres) + heldKPaGauge) / waterActivity(base, massFraction),
  )
}

/**
 * Kelvin of boiling point lost when the system holds `heldKPaGauge` instead of `ratedKPaGauge`.
 * @example boilingMarginLostK({ base: 'water', massFraction: 0, elevationMetres: 0, heldKPaGauge: 0 }, 103.4) // 21
 */
export function boilingMarginLostK(conditions: BoilingConditions, ratedKPaGauge: number): number {
  return boilingPointC({ ...conditions, heldKPaGauge: ratedKPaGauge }) - boilingPointC(conditions)
}

/** The workshop's rule: each psi on the cap raises boiling by 3 °F. */
const RULE_K_PER_KPA = (3 * 5) / 9 / 6.894757

/**
 * Boiling point by the workshop's rule of thumb, °C: 100 °C and 3 °F for each psi held, whatever the mix and the height.
 * To be shown beside the true figure only.
 * @example ruleOfThumbBoilingC(103.42) // 125.0
 */
export function ruleOfThumbBoilingC(heldKPaGauge: number): number {
  return 100 + RULE_K_PER_KPA * heldKPaGauge
}
