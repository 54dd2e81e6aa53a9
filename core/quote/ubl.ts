import { decimalsOf, decimalText } from './money'
import type { QuoteDrawn, QuoteLine } from './record'
import { lineMinor, totalsOf } from './totals'

/** Who offers to whom, and when. */
export interface QuoteParties {
  /** number under which it can be asked for again */
  id: string
  /** ISO 8601 date */
  issued: string
  validUntil: string
  shop: string
  /** the vehicle stands for its keeper, whose name the product does not hold */
  vehicle: string
}

/** Units by UN/ECE Recommendation 20. */
const UNIT_CODES: Readonly<Record<QuoteLine['unit'], string>> = {
  piece: 'C62',
  hour: 'HUR',
  litre: 'LTR',
}

const ESCAPED: Readonly<Record<string, string>> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
}
/** Characters that XML 1.0 admits in no form. */
const NOT_XML = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\ufffe\uffff]/g
const text = (value: string) =>
  value.replace(NOT_XML, '').replace(/[&<>"]/g, (character) => ESCAPED[character]!)

/**
 * A quote as a UBL 2.1 Quotation (ISO/IEC 19845), UTF-8 text. What is advised or can wait says so in the line's note.
 * @example quoteUbl(quote, parties).startsWith('<?xml version="1.0" encoding="UTF-8"?>') // true
 */
export function quoteUbl(quote: QuoteDrawn, parties: QuoteParties): string {
  const { currency } = quote
  const amount = (name: string, minor: number) =>
    `<cbc:${name} currencyID="${currency}">${decimalText(minor, currency)}</cbc:${name}>`
  const { netMinor, taxMinor, grossMinor } = totalsOf(quote.lines, quote)
  const lines = quote.lines.map(
    (line, i) => `  <cac:QuotationLine>
    <cbc:ID>${i + 1}</cbc:ID>
    <cbc:Note>${line.need}</cbc:Note>
    <cac:LineItem>
      <cbc:ID>${i + 1}</cbc:ID>
      <cbc:Quantity unitCode="${UNIT_CODES[line.unit]}">${line.quantity}</cbc:Quantity>
      ${amount('LineExtensionAmount', lineMinor(line, currency))}
      <cac:Price><cbc:PriceAmount currencyID="${currency}">${line.unitPrice.toFixed(decimalsOf(currency))}</cbc:PriceAmount></cac:Price>
      <cac:Item><cbc:Name>${text(line.text)}</cbc:Name></cac:Item>
    </cac:LineItem>
  </cac:QuotationLine>`,
  )
  return `<?xml version="1.0" encoding="UTF-8"?>
<Quotation xmlns="urn:oasis:names:specification:ubl:schema:xsd:Quotation-2"
  xmlns:cac="urn:oasis:names:specification:ubl:schema:xsd:CommonAggregateComponents-2"
  xmlns:cbc="urn:oasis:names:specification:ubl:schema:xsd:CommonBasicComponents-2">
  <cbc:UBLVersionID>2.1</cbc:UBLVersionID>
  <cbc:ID>${text(parties.id)}</cbc:ID>
  <cbc:IssueDate>${parties.issued}</cbc:IssueDate>
  <cbc:PricingCurrencyCode>${currency}</cbc:PricingCurrencyCode>
  <cbc:LineCountNumeric>${quote.lines.length}</cbc:LineCountNumeric>
  <cac:ValidityPeriod><cbc:EndDate>${parties.validUntil}</cbc:EndDate></cac:ValidityPeriod>
  <cac:SellerSupplierParty><cac:Party><cac:PartyName><cbc:Name>${text(parties.shop)}</cbc:Name></cac:PartyName></cac:Party></cac:SellerSupplierParty>
  <cac:BuyerCustomerParty><cac:Party><cac:PartyName><cbc:Name>${text(parties.vehicle)}</cbc:Name></cac:PartyName></cac:Party></cac:BuyerCustomerParty>
  <cac:TaxTotal>
    ${amount('TaxAmount', taxMinor)}
    <cac:TaxSubtotal>
      ${amount('TaxableAmount', netMinor)}
      ${amount('TaxAmount', taxMinor)}
      <cac:TaxCategory><cbc:Percent>${quote.taxPercent}</cbc:Percent><cac:TaxScheme><cbc:ID>VAT</cbc:ID></cac:TaxScheme></cac:TaxCategory>
    </cac:TaxSubtotal>
  </cac:TaxTotal>
  <cac:QuotedMonetaryTotal>
    ${amount('LineExtensionAmount', netMinor)}
    ${amount('TaxExclusiveAmount', netMinor)}
    ${amount('TaxInclusiveAmount', grossMinor)}
    ${amount('PayableAmount', grossMinor)}
  </cac:QuotedMonetaryTotal>
${lines.join('\n')}
</Quotation>
`
}
