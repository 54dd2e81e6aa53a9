import { type Instrument, type QuantityKind, toCore, UNITS } from '#core'

/** Kinds that a table of facts may name by a unit alone; "°C" is a temperature here, never a difference. */
const KINDS = ['temperature', 'pressure', 'volume', 'duration'] as const
const kindOfUnit = (unit: string): QuantityKind | undefined =>
  KINDS.find((kind) => UNITS[kind].some(({ symbol }) => symbol === unit))

/** A typed quantity as a case file keeps it. */
export const quantity = (
  kind: QuantityKind,
  value: number,
  unit: string,
  more: Readonly<Record<string, unknown>> = {},
) => ({ typed: `${value}`, value, unit, coreValue: toCore(kind, value, unit), ...more })
export const celsius = (value: number) => quantity('temperature', value, '°C')
export const kPa = (value: number) => quantity('pressure', value, 'kPa')

/** What an instrument shows, in the unit given, where this is the truth. */
export function shownBy(instrument: Instrument, kind: QuantityKind, truth: number, unit: string) {
  const { id, offsetInCoreUnit } = instrument
  if (offsetInCoreUnit === undefined || offsetInCoreUnit === 'not-known')
    return quantity(kind, truth, unit, { instrument: id })
  return quantity(kind, truth + offsetInCoreUnit, unit, {
    instrument: id,
    instrumentOffsetInCoreUnit: offsetInCoreUnit,
  })
}

const WRITTEN = /^(-?\d+(?:\.\d+)?) ([^\s\d]+)(?: by ([a-z-]+))?$/

function fromWords(words: string, instruments: Readonly<Record<string, Instrument>>): unknown {
  const [, value, unit, shownOn] = WRITTEN.exec(words) ?? []
  const kind = unit === undefined ? undefined : kindOfUnit(unit)
  if (value === undefined || unit === undefined || kind === undefined) return words
  if (shownOn === undefined) return quantity(kind, Number(value), unit)
  const instrument = instruments[shownOn]
  if (instrument === undefined) throw new Error(`"${words}": no instrument is called ${shownOn}`)
  return shownBy(instrument, kind, Number(value), unit)
}

/**
 * The facts of a row with every "88 °C" in them made a quantity, and every "88 °C by scan-tool" what that instrument
 * shows where 88 °C is true.
 */
export function withQuantities(
  facts: unknown,
  instruments: Readonly<Record<string, Instrument>> = {},
): unknown {
  if (typeof facts === 'string') return fromWords(facts, instruments)
  if (Array.isArray(facts)) return facts.map((item) => withQuantities(item, instruments))
  if (typeof facts !== 'object' || facts === null) return facts
  return Object.fromEntries(
    Object.entries(facts).map(([field, value]) => [field, withQuantities(value, instruments)]),
  )
}
