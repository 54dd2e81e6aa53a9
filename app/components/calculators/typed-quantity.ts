import { fromCore, type QuantityKind, type QuantityRecord } from '#core'
import { preferredUnit, type UnitPreferences } from '../../../words/format'

/** A figure to begin with, as if somebody had typed it in the reader's unit, in round numbers. */
export function typedQuantity(
  kind: QuantityKind,
  coreValue: number,
  units: UnitPreferences,
  digits = 3,
): QuantityRecord {
  const unit = preferredUnit(kind, units)
  const value = Number(fromCore(kind, coreValue, unit).toPrecision(digits))
  return { typed: String(value), value, unit, coreValue }
}
