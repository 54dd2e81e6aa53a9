import { decimalText } from './money'
import type { QuoteDrawn } from './record'
import { lineMinor, totalsOf } from './totals'

/** A field by RFC 4180; what a spreadsheet would take for a formula is kept from being one. */
function field(value: string): string {
  const plain = /^[=+\-@\t\r]/.test(value) ? `'${value}` : value
  return /[",\r\n]/.test(plain) ? `"${plain.replaceAll('"', '""')}"` : plain
}

/**
 * A quote as CSV by RFC 4180, a line each and the sums below: kind, need, text, quantity, unit, price, amount.
 * @example quoteCsv(quote).split('\r\n')[0] // 'kind,need,text,quantity,unit,unit price,amount,currency'
 */
export function quoteCsv(quote: QuoteDrawn): string {
  const { currency } = quote
  const { netMinor, taxMinor, grossMinor } = totalsOf(quote.lines, quote)
  const sum = (name: string, minor: number) =>
    ['sum', '', name, '', '', '', decimalText(minor, currency), currency] as const
  const rows = [
    ['kind', 'need', 'text', 'quantity', 'unit', 'unit price', 'amount', 'currency'],
    ...quote.lines.map((line) => [
      line.kind,
      line.need,
      line.text,
      String(line.quantity),
      line.unit,
      String(line.unitPrice),
      decimalText(lineMinor(line, currency), currency),
      currency,
    ]),
    sum('net', netMinor),
    sum(`tax ${quote.taxPercent} %`, taxMinor),
    sum('gross', grossMinor),
  ]
  return `${rows.map((row) => row.map(field).join(',')).join('\r\n')}\r\n`
}
