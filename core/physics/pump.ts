/**
 * Pressure that a pump adds at another speed, kPa: it goes with the square of the speed, the static pressure does not.
 * RangeError for a speed that is not above zero.
 * @example pumpPressureAt(9.5, 1100, 1600) // 20.10
 */
export function pumpPressureAt(addedKPa: number, rpm: number, otherRpm: number): number {
  if (!(rpm > 0 && otherRpm > 0)) throw new RangeError('a pump is compared at speeds above zero')
  return addedKPa * (otherRpm / rpm) ** 2
}
