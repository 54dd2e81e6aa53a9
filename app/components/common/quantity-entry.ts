import {
  fromCore,
  parseQuantity,
  type ParseResult,
  type ParseLimits,
  type QuantityKind,
  type QuantityRecord,
  unitOf,
  UNITS,
} from '#core'

/** What stands in a field of a quantity: its text, and the unit beside it. */
export interface QuantityEntry {
  text: string
  unit: string
}

/** A value in the core unit as a field shows it in one of its units. */
export function textIn(kind: QuantityKind, coreValue: number, unit: string): string {
  const text = fromCore(kind, coreValue, unit).toFixed(unitOf(kind, unit).decimals)
  return Number(text) === 0 ? text.replace('-', '') : text
}

/** What a field reads from its text; undefined while it is empty. */
export const readEntry = (
  { text, unit }: QuantityEntry,
  kind: QuantityKind,
  limits?: ParseLimits,
): ParseResult | undefined =>
  text.trim() === '' ? undefined : parseQuantity(text, kind, unit, limits)

/** A quantity as a field shows it first: what was typed where it was typed in this unit, else its value in it. */
export const entryOf = (quantity: QuantityRecord, kind: QuantityKind): QuantityEntry => ({
  text: /^[+-−]?[\d.,]+$/.test(quantity.typed)
    ? quantity.typed
    : textIn(kind, quantity.coreValue, quantity.unit),
  unit: quantity.unit,
})

/**
 * The same quantity in another unit. `typed` is what stood in the field before any change of its unit, so that going
 * through all units and back gives what was typed and not what rounding made of it. A text that is no quantity keeps
 * its figures: nothing is known to convert.
 */
export function inUnit(typed: QuantityEntry, kind: QuantityKind, unit: string): QuantityEntry {
  const read = readEntry(typed, kind)
  if (!read?.ok) return { text: typed.text, unit }
  return unit === read.quantity.unit
    ? { text: String(read.quantity.value), unit }
    : { text: textIn(kind, read.quantity.coreValue, unit), unit }
}

/** The unit of a kind that follows another, the first after the last. */
export function unitAfter(kind: QuantityKind, unit: string): string {
  const all = UNITS[kind].map(({ symbol }) => symbol)
  return all[(all.indexOf(unit) + 1) % all.length]!
}
