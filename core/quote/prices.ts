import { z } from 'zod'

/** The most tax that any shop adds, percent. */
export const MOST_TAX_PERCENT = 50
const price = z.number().min(0).max(1_000_000)

/** What a shop asks for its work: the figures that its lead sets. */
export const shopPrices = z.strictObject({
  /** ISO 4217 */
  currency: z.string().regex(/^[A-Z]{3}$/),
  taxPercent: z.number().min(0).max(MOST_TAX_PERCENT),
  /** without tax, as all prices here */
  hourlyRate: price,
  concentratePerLitre: price,
  waterPerLitre: price,
  /** days that a quote holds */
  validDays: z.number().int().min(1).max(365),
})
export type ShopPrices = z.infer<typeof shopPrices>
