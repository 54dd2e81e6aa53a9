import type { QuantityParameter } from '#core'

/** What a sentence of a screen can carry; what is undefined is said as nothing. */
export type Told = Readonly<Record<string, string | number | QuantityParameter | undefined>>

/** Says a sentence of the screens by its id, in the reader's language and units. */
export type Say = (id: string, told?: Told) => string
