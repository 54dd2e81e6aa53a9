import type { Message } from './message'
import { message } from './message'
import { kindOfSpelling, toCore, UNITS, type QuantityKind } from './units'

export interface ParsedQuantity {
  typed: string
  value: number
  unit: string
  /** in the unit core computes in */
  coreValue: number
}

export type ParseResult = { ok: true; quantity: ParsedQuantity } | { ok: false; problem: Message }

export interface ParseLimits {
  /** inclusive, in the core unit */
  min: number
  max: number
}

/**
 * Reads what a person types: "13.5 psi", "13,5psi", "95c", "-3" (then in `fallbackUnit`).
 * A comma is a decimal comma; thousands separators are not accepted, because "1,200" would be a guess.
 * Example: parseQuantity('13.5 psi', 'pressure', 'kPa') has coreValue 93.079.
 */
export function parseQuantity(
  text: string,
  kind: QuantityKind,
  fallbackUnit: string,
  limits?: ParseLimits,
): ParseResult {
  const typed = text.trim()
  if (typed === '') return { ok: false, problem: message('input.empty') }
  if (typed.length > 40) return { ok: false, problem: message('input.tooLong') }
  const match = numberAndUnit(typed)
  if (!match) return { ok: false, problem: message('input.notANumber', { typed }) }
  const value = Number(match[1]!.replace(',', '.'))
  const spelling = (match[2] ?? fallbackUnit).toLowerCase().replace(/\s/g, '')
  const unit = UNITS[kind].find((u) => u.spellings.includes(spelling))
  if (!unit) {
    const other = kindOfSpelling(spelling)
    return other
      ? {
          ok: false,
          problem: message('input.wrongUnit', { unit: match[2]!, units: unitList(kind) }),
        }
      : {
          ok: false,
          problem: message('input.unknownUnit', {
            unit: match[2] ?? spelling,
            units: unitList(kind),
          }),
        }
  }
  const coreValue = toCore(kind, value, unit.symbol)
  if (limits && (coreValue < limits.min || coreValue > limits.max))
    return {
      ok: false,
      problem: message('input.outOfRange', {
        typed,
        min: { kind, coreValue: limits.min, unit: unit.symbol },
        max: { kind, coreValue: limits.max, unit: unit.symbol },
      }),
    }
  return { ok: true, quantity: { typed, value, unit: unit.symbol, coreValue } }
}

/** A number as a person writes it, and what stands behind it. */
const numberAndUnit = (typed: string) =>
  /^([+-]?(?:\d+(?:[.,]\d*)?|[.,]\d+))\s*([^\d\s.,].*)?$/.exec(typed.replace('−', '-'))

/**
 * The units of a kind in which a number that was typed without one lies within limits (inclusive, core unit), in the
 * order of `UNITS`; none where a unit was typed, or no number.
 * @example unitsThatFit('15', 'pressure', { min: 28, max: 200 })[0] // 'psi'
 */
export function unitsThatFit(
  text: string,
  kind: QuantityKind,
  { min, max }: ParseLimits,
): readonly string[] {
  const match = numberAndUnit(text.trim())
  if (!match || match[2] !== undefined) return []
  const value = Number(match[1]!.replace(',', '.'))
  const fits = (symbol: string) => {
    const coreValue = toCore(kind, value, symbol)
    return coreValue >= min && coreValue <= max
  }
  return UNITS[kind].map(({ symbol }) => symbol).filter(fits)
}

function unitList(kind: QuantityKind): string {
  return UNITS[kind].map((u) => u.symbol).join(', ')
}
