import { z } from 'zod'

/** The null character, and halves of surrogate pairs that stand alone: no database and no UTF-8 file can hold them. */
const NOT_STORABLE = /\0|\p{Surrogate}/gu

/** Text as it can be kept: what no file can hold is left out, all else stays as it was typed. */
export const storableText = (typed: string): string => typed.replaceAll(NOT_STORABLE, '')

/** Text that a person or a device wrote, of at most `most` UTF-16 units, as it can be kept. */
export const writtenText = (most: number) => z.string().overwrite(storableText).max(most)
