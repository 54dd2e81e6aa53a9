import { z } from 'zod'
import { writtenText } from './text'
import type { UsualError } from './field'
import { toCore, UNITS, type QuantityKind } from './units'

/** Standard error of one reading: hose and surface temperature, a gauge's needle, a filled measure. */
const USUAL_ERRORS: Readonly<Partial<Record<QuantityKind, UsualError>>> = {
  temperature: { by: 1.5 },
  pressure: { by: 1 },
  volume: { share: 0.02, least: 0 },
}

/**
 * A quantity as it is written down: what was typed, its number and unit, its value in the core unit, and the
 * instrument with the offset it was known to have at that moment (reading minus truth, core unit).
 * `coreValue` is what the instrument showed; `correctedValue` takes the offset off.
 */
export function quantityOf(kind: QuantityKind, limits: { min: number; max: number }) {
  const symbols = UNITS[kind].map((u) => u.symbol) as [string, ...string[]]
  return z
    .strictObject({
      typed: writtenText(40),
      value: z.number(),
      unit: z.enum(symbols),
      coreValue: z.number().min(limits.min).max(limits.max),
      instrument: z.uuid().optional(),
      instrumentOffsetInCoreUnit: z.number().min(-1000).max(1000).optional(),
    })
    .refine(
      (q) =>
        Math.abs(toCore(kind, q.value, q.unit) - q.coreValue) <=
        1e-6 * Math.max(1, Math.abs(q.coreValue)),
      {
        message: 'the value in its unit and the value in core’s unit do not agree',
        path: ['coreValue'],
      },
    )
    .meta({ quantityKind: kind, unit: UNITS[kind][0]!.symbol, usualError: USUAL_ERRORS[kind] })
}

export interface QuantityRecord {
  typed: string
  value: number
  unit: string
  coreValue: number
  instrument?: string | undefined
  instrumentOffsetInCoreUnit?: number | undefined
}

/** The quantity with the instrument's known offset taken off, in the core unit. */
export function correctedValue(quantity: QuantityRecord): number {
  return quantity.coreValue - (quantity.instrumentOffsetInCoreUnit ?? 0)
}

/**
 * Whether a value of a record is a quantity as somebody typed it.
 * @example isTyped({ typed: '90', unit: '°C' }) // 'true'
 */
export const isTyped = (value: unknown): value is QuantityRecord =>
  typeof value === 'object' && value !== null && 'typed' in value && 'unit' in value
