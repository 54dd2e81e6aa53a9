import {
  decimalsOf,
  fromCore,
  type MessageParameter,
  type QuantityKind,
  type QuantityParameter,
  unitOf,
} from '#core'

/** Units a reader prefers, one per kind that has a choice. */
export interface UnitPreferences {
  temperature: '°C' | '°F'
  pressure: 'kPa' | 'psi' | 'bar'
  volume: 'L' | 'qt'
}

export const DEFAULT_UNITS: UnitPreferences = { temperature: '°C', pressure: 'kPa', volume: 'L' }

/** The unit in which a kind is shown to this reader. */
export function preferredUnit(kind: QuantityKind, units: UnitPreferences): string {
  const imperial = units.volume === 'qt'
  switch (kind) {
    case 'temperature':
      return units.temperature
    case 'temperatureDifference':
      return units.temperature
    case 'temperatureRate':
      return `${units.temperature}/min`
    case 'pressure':
      return units.pressure
    case 'pressureRate':
      return `${units.pressure}/min`
    case 'pressurePerSecond':
      return `${units.pressure}/s`
    case 'length':
      return imperial ? 'in' : 'mm'
    case 'lengthRate':
      return imperial ? 'in/min' : 'mm/min'
    case 'volume':
      return units.volume
    case 'smallVolume':
      return imperial ? 'fl oz' : 'mL'
    case 'flow':
      return imperial ? 'fl oz/min' : 'mL/min'
    case 'distance':
      return imperial ? 'mi' : 'km'
    case 'elevation':
      return imperial ? 'ft' : 'm'
    case 'duration':
      return 'min'
  }
}

/** Number alone, in the reader's unit, with the decimals that suit it. */
export function formatNumber(
  kind: QuantityKind,
  coreValue: number,
  units: UnitPreferences,
  decimals?: number,
  symbol = preferredUnit(kind, units),
): string {
  const value = fromCore(kind, coreValue, symbol)
  const digits =
    decimals ?? (Math.abs(value) >= 100 && kind !== 'pressure' ? 0 : unitOf(kind, symbol).decimals)
  const text = value.toFixed(digits)
  return Number(text) === 0 ? (0).toFixed(digits) : text.replace('-', '−')
}

/** "92.2 kPa": number and unit, held together by a no-break space. */
export function formatQuantity(quantity: QuantityParameter, units: UnitPreferences): string {
  const { kind, coreValue, decimals, unit = preferredUnit(kind, units) } = quantity
  return `${formatNumber(kind, coreValue, units, decimals, unit)}\u00a0${unit}`
}

/** "6 in 10", and words for the ends where tenths would say too much. */
export function formatChance(probability: number): string {
  if (probability >= 0.97) return 'nearly certain'
  if (probability >= 0.945) return 'over 9 in 10'
  if (probability < 0.01) return 'under 1 in 100'
  if (probability < 0.055) return `${Math.round(probability * 100)} in 100`
  if (probability < 0.095) return 'under 1 in 10'
  return `${Math.round(probability * 10)} in 10`
}

/** Minutes and seconds of a timer: "07:42". */
export function formatClock(seconds: number): string {
  const whole = Math.max(0, Math.floor(seconds))
  const minutes = Math.floor(whole / 60)
  return `${String(minutes).padStart(2, '0')}:${String(whole % 60).padStart(2, '0')}`
}

export function isQuantity(parameter: MessageParameter): parameter is QuantityParameter {
  return typeof parameter === 'object' && 'coreValue' in parameter
}

/** An amount of money in whole minor units, with its currency, as the language writes it. */
export const formatMoney = (minor: number, currency: string, language: string): string =>
  new Intl.NumberFormat(language, {
    style: 'currency',
    currency,
    minimumFractionDigits: decimalsOf(currency),
    maximumFractionDigits: decimalsOf(currency),
  }).format(minor / 10 ** decimalsOf(currency))
