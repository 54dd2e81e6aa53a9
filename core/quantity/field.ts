import type { z } from 'zod'
import type { QuantityKind } from './units'

/**
 * How far one reading of a usual workshop instrument lies from the truth, one standard deviation: an amount in the
 * unit of the field, or a share of what is read with a least amount.
 */
export type UsualError = { by: number } | { share: number; least: number }

/** What a field of a record says about itself, kept in its schema. */
export interface FieldFacts {
  /** what a technician calls it; absent where its own name says it */
  label?: string | undefined
  unit?: string | undefined
  quantityKind?: QuantityKind | undefined
  /** absent: not read off anything, but asked for, named, counted or chosen */
  usualError?: UsualError | undefined
}

declare module 'zod' {
  /** What the registry that Zod keeps for all schemas takes. */
  interface GlobalMeta {
    label?: FieldFacts['label']
    unit?: FieldFacts['unit']
    quantityKind?: FieldFacts['quantityKind']
    usualError?: FieldFacts['usualError']
  }
}

/** A field that somebody reads off an instrument, or estimates, with the error that this usually has. */
export function measured<T extends z.ZodType>(
  schema: T,
  facts: FieldFacts & { usualError: UsualError },
): T {
  return schema.meta({ ...schema.meta(), ...facts })
}

/** A field that is asked for, named, counted or chosen: it has a unit and no error of reading. */
export function given<T extends z.ZodType>(schema: T, facts: FieldFacts = {}): T {
  return schema.meta({ ...schema.meta(), ...facts, usualError: undefined })
}

/** The same field under another name. */
export function called<T extends z.ZodType>(schema: T, label: string): T {
  return schema.meta({ ...schema.meta(), label })
}

/** One standard deviation of a reading, in the unit of the field. */
export function errorOf(error: UsualError, value: number): number {
  return 'by' in error ? error.by : Math.max(error.least, error.share * Math.abs(value))
}
