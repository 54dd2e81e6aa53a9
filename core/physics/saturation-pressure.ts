/**
 * Saturation pressure of water, Wagner & Pruss (IAPWS SR1-86, revised 1992), in kPa absolute.
 * Valid from 0.01 °C to 373.9 °C; RangeError outside.
 * Example: saturationPressureKPaAbsolute(100) = 101.42.
 * @example saturationPressureKPaAbsolute(121) // 205.05
 */
export function saturationPressureKPaAbsolute(temperatureC: number): number {
  if (!(temperatureC >= 0.01 && temperatureC <= 373.9))
    throw new RangeError(`no saturation pressure at ${temperatureC} °C`)
  const criticalK = 647.096
  const criticalKPa = 22064
  const kelvin = temperatureC + 273.15
  const tau = 1 - kelvin / criticalK
  const sum =
    -7.85951783 * tau +
    1.84408259 * tau ** 1.5 -
    11.7866497 * tau ** 3 +
    22.6807411 * tau ** 3.5 -
    15.9618719 * tau ** 4 +
    1.80122502 * tau ** 7.5
  return criticalKPa * Math.exp((criticalK / kelvin) * sum)
}

/**
 * Temperature in °C at which water boils at an absolute pressure in kPa (0.62 to 21,000); bisection to 1e-9 K.
 * @example saturationTemperatureC(101.42) // 100.0
 */
export function saturationTemperatureC(pressureKPaAbsolute: number): number {
  if (!(pressureKPaAbsolute >= 0.62 && pressureKPaAbsolute <= 21000))
    throw new RangeError(`no boiling point at ${pressureKPaAbsolute} kPa absolute`)
  let low = 0.01
  let high = 373
  while (high - low > 1e-9) {
    const middle = (low + high) / 2
    if (saturationPressureKPaAbsolute(middle) < pressureKPaAbsolute) low = middle
    else high = middle
  }
  return (low + high) / 2
}
