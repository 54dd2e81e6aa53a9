import { toMinor } from './money'
import type { QuoteDrawn, QuoteLine } from './record'

/** Sums in whole minor units of the currency. */
export interface Totals {
  netMinor: number
  taxMinor: number
  grossMinor: number
}

type Priced = Pick<QuoteLine, 'quantity' | 'unitPrice'>
type Money = Pick<QuoteDrawn, 'currency' | 'taxPercent'>

/**
 * A line's amount, rounded once: quantity times price.
 * @example lineMinor({ quantity: 1.5, unitPrice: 66.67 }, 'EUR') // 10001
 */
export const lineMinor = ({ quantity, unitPrice }: Priced, currency: string): number =>
  toMinor(quantity * unitPrice, currency)

/**
 * Net, tax and gross of some lines. Each line is rounded, then their sum is taxed: what is printed adds up.
 * @example totalsOf([{ quantity: 2, unitPrice: 10 }], { currency: 'EUR', taxPercent: 20 }).grossMinor
 *   // 2400
 */
export function totalsOf(lines: readonly Priced[], { currency, taxPercent }: Money): Totals {
  const netMinor = lines.reduce((sum, line) => sum + lineMinor(line, currency), 0)
  const taxMinor = Math.floor((netMinor * taxPercent) / 100 + 0.5 + 1e-9)
  return { netMinor, taxMinor, grossMinor: netMinor + taxMinor }
}
