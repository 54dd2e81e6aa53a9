/** Currencies that are not divided into hundredths, by ISO 4217: digits after the point. */
const DECIMALS: Readonly<Record<string, number>> = {
  BHD: 3,
  CLP: 0,
  IQD: 3,
  ISK: 0,
  JOD: 3,
  JPY: 0,
  KRW: 0,
  KWD: 3,
  OMR: 3,
  PYG: 0,
  TND: 3,
  UGX: 0,
  VND: 0,
  XAF: 0,
  XOF: 0,
  XPF: 0,
}

/**
 * Digits after the point of a currency, by its ISO 4217 code.
 * @example decimalsOf('JPY') // 0
 */
export const decimalsOf = (currency: string): number => DECIMALS[currency] ?? 2

/** Keeps what a decimal fraction means from falling below its half: 1.005 is stored as 1.00499…. */
const REPRESENTATION = 1e-9

/**
 * An amount in whole minor units of its currency, halves up.
 * @example toMinor(1.005, 'EUR') // 101
 */
export const toMinor = (amount: number, currency: string): number =>
  Math.floor(amount * 10 ** decimalsOf(currency) + 0.5 + REPRESENTATION)

/**
 * Minor units as a decimal number with the digits of the currency, as open formats write it.
 * @example decimalText(1999, 'EUR') // '19.99'
 */
export const decimalText = (minor: number, currency: string): string =>
  (minor / 10 ** decimalsOf(currency)).toFixed(decimalsOf(currency))
