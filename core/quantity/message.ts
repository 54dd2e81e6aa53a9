import type { QuantityKind } from './units'

/** A quantity inside a sentence; the edge writes it in the reader's unit. */
export interface QuantityParameter {
  kind: QuantityKind
  coreValue: number
  /** digits after the point in the core unit's own scale, where the kind's default does not fit */
  decimals?: number
  /** the unit it must be said in, where that is not the reader's: the unit of the field it was typed in */
  unit?: string
}

export type MessageParameter = string | number | QuantityParameter | Message

/** What core says: an id with parameters. Words and units are formed at the edge, in `words/`. */
export interface Message {
  id: string
  parameters: Record<string, MessageParameter>
}

export function message(id: string, parameters: Record<string, MessageParameter> = {}): Message {
  return { id, parameters }
}

/** Closer than this, two temperatures are said to be the same, K. */
const SAME_WITHIN_K = 0.05

/**
 * How far the first of two temperatures lies above the second, for a sentence: the amount without a sign, and which way.
 * @example apart(-14).way // 'below'
 */
export const apart = (aboveK: number) => ({
  difference: { kind: 'temperatureDifference' as const, coreValue: Math.abs(aboveK) },
  way: Math.abs(aboveK) < SAME_WITHIN_K ? 'at' : aboveK > 0 ? 'above' : 'below',
})

/** A bad value met by core, with the path of the field it stands in. */
export class InputError extends Error {
  readonly path: string
  readonly problem: Message
  constructor(path: string, problem: Message) {
    super(`${path}: ${problem.id}`)
    this.name = 'InputError'
    this.path = path
    this.problem = problem
  }
}
