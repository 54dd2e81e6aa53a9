import { z } from 'zod'
import { called, given } from '../quantity/field'
import { writtenText } from '../quantity/text'
import { MOST_TAX_PERCENT } from './prices'

export const LINE_KINDS = ['part', 'labour', 'material'] as const
export const LINE_UNITS = ['piece', 'hour', 'litre'] as const
/** How much a line matters: without it the repair is none; better now; can wait. */
export const NEEDS = ['needed', 'advised', 'later'] as const
const MOST_LINES = 60

export const quoteLine = z.strictObject({
  kind: z.enum(LINE_KINDS),
  text: writtenText(160).min(1),
  /** the fault it is for; absent: for several, or for none */
  fault: writtenText(80).optional(),
  quantity: given(z.number().min(0.01).max(1000), { unit: 'of the unit' }),
  unit: z.enum(LINE_UNITS),
  /** in the quote's currency, without tax */
  unitPrice: given(z.number().min(0).max(1_000_000), { unit: 'of the currency' }),
  need: z.enum(NEEDS),
})
export type QuoteLine = z.infer<typeof quoteLine>

/**
 * A quote as it was drawn up: what is offered, and what was believed then, so that "ranked then" and "now" can be told
 * apart. Of several versions the newest counts; the others stay.
 */
export const quoteDrawn = z.strictObject({
  currency: z.string().regex(/^[A-Z]{3}$/),
  taxPercent: given(z.number().min(0).max(MOST_TAX_PERCENT), { unit: '%' }),
  validDays: given(z.number().int().min(1).max(365), { unit: 'days' }),
  lines: z.array(quoteLine).min(1).max(MOST_LINES),
  /** the leading suspects at that moment, and by which book */
  ranked: z
    .array(
      z.strictObject({
        fault: writtenText(80).min(1),
        probability: given(z.number().min(0).max(1), { unit: 'fraction' }),
      }),
    )
    .max(5),
  book: writtenText(40),
  words: writtenText(500).optional(),
})
export type QuoteDrawn = z.infer<typeof quoteDrawn>

/** What the keeper said to a quote, line by line, to whom it is told by who recorded it. */
export const quoteAnswered = z.strictObject({
  /** id of the quote */
  quote: z.uuid(),
  keeper: writtenText(80).min(1),
  how: z.enum(['in-person', 'by-telephone', 'in-writing']),
  accepted: called(z.array(z.boolean()).min(1).max(MOST_LINES), 'accepted'),
})
export type QuoteAnswered = z.infer<typeof quoteAnswered>
