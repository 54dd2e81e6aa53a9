/**
 * Pressure of the standard atmosphere (ISO 2533) at an elevation in metres, kPa absolute.
 * Valid from -500 to 6000 m; RangeError outside. Example: 1500 m -> 84.56.
 * @example atmosphericPressureKPa(1500) // 84.56
 */
export function atmosphericPressureKPa(elevationMetres: number): number {
  if (!(elevationMetres >= -500 && elevationMetres <= 6000))
    throw new RangeError(`no atmosphere at ${elevationMetres} m`)
  return 101.325 * (1 - 2.25577e-5 * elevationMetres) ** 5.25588
}
