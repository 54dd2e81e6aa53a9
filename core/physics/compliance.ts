import type { Estimate } from '../quantity/interval'

/**
 * Compliance of a gas cushion at test pressure, mL per kPa, from what was pumped in.
 *
 * A cushion V at absolute pressure P loses pressure at |dP/dt| = Q·P/V when liquid leaves at Q (constant
 * mass of gas, constant temperature), so C = Q/|dP/dt| = V/P. Pumping from p_atm to P needs strokes·stroke = V·P_gauge/p_atm
 * of outside air, hence C = strokes·stroke/P_gauge · p_atm/P.
 * The interval is ±`relativeUncertainty` (default 15 %: a hand pump does not fill every stroke).
 * @example complianceFromStrokes(20, 28, 90, 101.3).value // 3.29
 */
export function complianceFromStrokes(
  strokes: number,
  strokeVolumeML: number,
  testKPaGauge: number,
  atmosphereKPa: number,
  relativeUncertainty = 0.15,
): Estimate {
  if (!(strokes > 0 && strokeVolumeML > 0 && testKPaGauge > 0))
    throw new RangeError('strokes, stroke volume and test pressure must be above zero')
  const value =
    ((strokes * strokeVolumeML) / testKPaGauge) * (atmosphereKPa / (atmosphereKPa + testKPaGauge))
  return { low: value * (1 - relativeUncertainty), value, high: value * (1 + relativeUncertainty) }
}

/** Compliance of a vehicle's system when no strokes were counted: some 3 to 9 mL/kPa. */
export const DEFAULT_COMPLIANCE_ML_PER_KPA: Estimate = { low: 3, value: 5.2, high: 9 }

/** Volume of a tester's hose and gauge when nobody measured it, mL. */
export const DEFAULT_TESTER_VOLUME_ML: Estimate = { low: 20, value: 45, high: 70 }

/**
 * Compliance of the tester closed on itself, mL/kPa at test pressure: enclosed volume / absolute pressure.
 * Default volume 45 mL, 20 to 70. Taken on the same basis as the vehicle's (at test pressure), so that flows
 * from both may be subtracted.
 * @example testerCompliance(undefined, 100, 100).value // 0.225
 */
export function testerCompliance(
  enclosedML: Estimate | undefined,
  testKPaGauge: number,
  atmosphereKPa: number,
): Estimate {
  const volume = enclosedML ?? DEFAULT_TESTER_VOLUME_ML
  const absolute = atmosphereKPa + testKPaGauge
  return {
    low: volume.low / absolute,
    value: volume.value / absolute,
    high: volume.high / absolute,
  }
}

/**
 * Expansion of 50 % ethylene glycol by volume, per kelvin: a straight line through 4.5e-4 at 30 °C and 6.7e-4 at
 * 70 °C, after the densities in ASHRAE Handbook, Fundamentals, chapter "Physical properties of secondary coolants".
 * @example expansionPerK(30) // 4.5e-4
 */
export function expansionPerK(coolantC: number): number {
  return 4.5e-4 + 5.5e-6 * (coolantC - 30)
}

/**
 * Thermal drift of the pressure of a closed, liquid-full system with a small gas cushion, kPa per kelvin.
 * Gas at constant volume gives P_abs/T; the liquid's expansion β·V_liquid squeezes the cushion and adds
 * β·V_liquid/C, with β by temperature. Hoses and the metal give way
 * too, so the liquid's share is taken between nothing and all of it.
 * @example thermalDriftKPaPerK(8, 5, 200, 20).low // 0.682
 */
export function thermalDriftKPaPerK(
  coolantLitres: number,
  complianceMLPerKPa: number,
  testKPaAbsolute: number,
  coolantC: number,
): Estimate {
  const gas = testKPaAbsolute / (coolantC + 273.15)
  const liquid = (expansionPerK(coolantC) * coolantLitres * 1000) / complianceMLPerKPa
  return { low: gas, value: gas + liquid / 3, high: gas + liquid }
}
