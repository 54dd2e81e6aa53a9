/**
 * Units of every quantity the product measures, and their conversion to the unit core computes in.
 *
 * Core units: °C for temperature and for differences of temperature (then without the +32), kPa for pressure (gauge unless the
 * name of a variable says absolute), L for volume, mL/min for leak flow, s for time, km for distance.
 * 1 psi = 6.894757 kPa (exact to the digits given); 1 bar = 100 kPa; 1 US quart = 0.946352946 L;
 * 1 US gallon = 3.785411784 L; 1 mile = 1.609344 km.
 */
export type QuantityKind =
  | 'temperature'
  | 'temperatureDifference'
  | 'pressure'
  | 'temperatureRate'
  | 'pressureRate'
  | 'pressurePerSecond'
  | 'length'
  | 'lengthRate'
  | 'volume'
  | 'smallVolume'
  | 'flow'
  | 'duration'
  | 'distance'
  | 'elevation'

export interface Unit {
  readonly symbol: string
  /** core value = value × factor + shift */
  readonly factor: number
  readonly shift: number
  /** what a person may type for it, lower case, without spaces */
  readonly spellings: readonly string[]
  /** digits after the point that a reading of this kind is shown with */
  readonly decimals: number
}

const unit = (
  symbol: string,
  factor: number,
  decimals: number,
  spellings: string[],
  shift = 0,
): Unit => ({
  symbol,
  factor,
  shift,
  decimals,
  spellings: [symbol.toLowerCase().replace(/\s/g, ''), ...spellings],
})

/** The first unit of each row is the one core computes in. */
export const UNITS: Readonly<Record<QuantityKind, readonly Unit[]>> = {
  temperature: [
    unit('°C', 1, 0, ['c', 'degc', 'celsius', 'ºc']),
    unit('°F', 5 / 9, 0, ['f', 'degf', 'fahrenheit', 'ºf'], (-32 * 5) / 9),
  ],
  temperatureDifference: [
    unit('°C', 1, 1, ['c', 'degc', 'k']),
    unit('°F', 5 / 9, 1, ['f', 'degf']),
  ],
  temperatureRate: [unit('°C/min', 1, 1, []), unit('°F/min', 5 / 9, 1, [])],
  pressure: [
    unit('kPa', 1, 1, ['kpag', 'kilopascal']),
    unit('psi', 6.894757, 2, ['psig', 'lb', 'lbs']),
    unit('bar', 100, 3, ['barg']),
  ],
  pressureRate: [
    unit('kPa/min', 1, 2, []),
    unit('psi/min', 6.894757, 3, []),
    unit('bar/min', 100, 4, []),
  ],
  pressurePerSecond: [
    unit('kPa/s', 1, 2, []),
    unit('psi/s', 6.894757, 3, []),
    unit('bar/s', 100, 4, []),
  ],
  length: [unit('mm', 1, 1, []), unit('in', 25.4, 3, ['inch', '"'])],
  lengthRate: [unit('mm/min', 1, 1, []), unit('in/min', 25.4, 3, [])],
  volume: [
    unit('L', 1, 1, ['l', 'litre', 'litres', 'liter', 'liters']),
    unit('qt', 0.946352946, 1, ['quart', 'quarts']),
    unit('gal', 3.785411784, 2, ['gallon', 'gallons']),
    unit('mL', 0.001, 3, ['ml', 'cc', 'cm3']),
  ],
  smallVolume: [
    unit('mL', 1, 0, ['ml', 'cc', 'cm3', 'cm³']),
    unit('fl oz', 29.5735295625, 1, ['oz', 'floz']),
  ],
  flow: [unit('mL/min', 1, 1, ['ml/min']), unit('fl oz/min', 29.5735295625, 2, ['oz/min'])],
  duration: [
    unit('s', 1, 0, ['sec', 'second', 'seconds']),
    unit('min', 60, 1, ['m', 'minute', 'minutes']),
    unit('h', 3600, 1, ['hour', 'hours', 'hr']),
    unit('d', 86400, 0, ['day', 'days']),
    unit('wk', 604800, 0, ['week', 'weeks']),
  ],
  distance: [
    unit('km', 1, 0, ['kilometre', 'kilometres']),
    unit('mi', 1.609344, 0, ['mile', 'miles']),
  ],
  elevation: [unit('m', 1, 0, ['metre', 'metres']), unit('ft', 0.3048, 0, ['foot', 'feet'])],
}

/** A unit of a kind by its symbol; throws RangeError when the kind has no such unit. */
export function unitOf(kind: QuantityKind, symbol: string): Unit {
  const found = UNITS[kind].find((u) => u.symbol === symbol)
  if (!found) throw new RangeError(`${symbol} is not a unit of ${kind}`)
  return found
}

/** Value in the unit that core computes in. */
export function toCore(kind: QuantityKind, value: number, symbol: string): number {
  const u = unitOf(kind, symbol)
  return value * u.factor + u.shift
}

/** Value in the unit named, from the unit that core computes in. */
export function fromCore(kind: QuantityKind, core: number, symbol: string): number {
  const u = unitOf(kind, symbol)
  return (core - u.shift) / u.factor
}

/** The kind and unit that a spelling names, or undefined; used to tell a wrong unit from an unknown word. */
export function kindOfSpelling(spelling: string): QuantityKind | undefined {
  for (const kind of Object.keys(UNITS) as QuantityKind[])
    if (UNITS[kind].some((u) => u.spellings.includes(spelling))) return kind
  return undefined
}
