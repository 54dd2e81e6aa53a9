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
