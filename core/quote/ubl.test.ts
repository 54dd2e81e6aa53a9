import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type QuoteDrawn, quoteDrawn, quoteLine, NEEDS, LINE_KINDS, LINE_UNITS } from './record'
import { quoteUbl } from './ubl'

/**
 * Children of each element in the order that UBL 2.1 (ISO/IEC 19845) asks for, as far as a quote could have them; those
 * with a mark must be there.
 */
const SEQUENCES: Readonly<Record<string, string>> = {
  Quotation:
    'UBLVersionID CustomizationID ProfileID ID! CopyIndicator UUID IssueDate! IssueTime Note PricingCurrencyCode LineCountNumeric ValidityPeriod RequestForQuotationDocumentReference AdditionalDocumentReference Contract Signature SellerSupplierParty! BuyerCustomerParty OriginatorCustomerParty Delivery DeliveryTerms PaymentMeans TransactionConditions AllowanceCharge DestinationCountry TaxTotal QuotedMonetaryTotal! QuotationLine!',
  ValidityPeriod: 'StartDate StartTime EndDate EndTime DurationMeasure DescriptionCode Description',
  SellerSupplierParty: 'CustomerAssignedAccountID AdditionalAccountID DataSendingCapability Party',
  BuyerCustomerParty:
    'CustomerAssignedAccountID SupplierAssignedAccountID AdditionalAccountID Party',
  Party:
    'MarkCareIndicator WebsiteURI EndpointID PartyIdentification PartyName Language PostalAddress',
  PartyName: 'Name!',
  TaxTotal: 'TaxAmount! RoundingAmount TaxEvidenceIndicator TaxIncludedIndicator TaxSubtotal',
  TaxSubtotal: 'TaxableAmount TaxAmount! CalculationSequenceNumeric Percent TaxCategory!',
  TaxCategory: 'ID Name Percent TaxExemptionReasonCode TaxExemptionReason TaxScheme!',
  TaxScheme: 'ID Name TaxTypeCode CurrencyCode',
  QuotedMonetaryTotal:
    'LineExtensionAmount TaxExclusiveAmount TaxInclusiveAmount AllowanceTotalAmount ChargeTotalAmount PrepaidAmount PayableRoundingAmount PayableAmount!',
  QuotationLine:
    'ID Note Quantity LineExtensionAmount TotalTaxAmount DocumentReference LineItem! AlternativeLineItem',
  LineItem:
    'ID! UUID Note LineStatusCode Quantity LineExtensionAmount TotalTaxAmount MinimumQuantity MaximumQuantity AccountingCost Delivery PricingReference AllowanceCharge Price Item! TaxTotal',
  Price: 'PriceAmount! BaseQuantity PriceChangeReason',
  Item: 'Description PackQuantity PackSizeNumeric CatalogueIndicator Name',
}

interface Node {
  name: string
  children: Node[]
  text: string
}

/** An XML text without comments and sections as a tree; fails where a tag is not closed by its own. */
function treeOf(xml: string): Node {
  const root: Node = { name: '', children: [], text: '' }
  const open = [root]
  for (const [, close, name, rest] of xml.matchAll(/<(\/?)(?:c[ab]c:)?(\w+)[^>]*>([^<]*)/g)) {
    if (close) expect(open.pop()!.name).toBe(name)
    else {
      const node = { name: name!, children: [], text: rest! }
      open.at(-1)!.children.push(node)
      open.push(node)
    }
  }
  expect(open).toEqual([root])
  return root.children[0]!
}

function expectInOrder({ name, children }: Node) {
  if (children.length === 0) return
  const sequence = SEQUENCES[name]
  expect(sequence, `${name} is known`).toBeDefined()
  const asked = sequence!.split(' ')
  const places = children.map((child) =>
    asked.findIndex((one) => one.replace('!', '') === child.name),
  )
  expect(places, `children of ${name}`).not.toContain(-1)
  expect(places, `order in ${name}`).toEqual(places.toSorted((a, b) => a - b))
  for (const must of asked.filter((one) => one.endsWith('!')))
    expect(
      children.map((child) => `${child.name}!`),
      `${must} in ${name}`,
    ).toContain(must)
  children.forEach(expectInOrder)
}

const line = fc.record({
  kind: fc.constantFrom(...LINE_KINDS),
  text: fc.string({ minLength: 1, maxLength: 60 }).filter((text) => text.trim() !== ''),
  quantity: fc.double({ min: 0.01, max: 100, noNaN: true }),
  unit: fc.constantFrom(...LINE_UNITS),
  unitPrice: fc.double({ min: 0, max: 9999, noNaN: true }),
  need: fc.constantFrom(...NEEDS),
})
const PARTIES = {
  id: 'Q & 7',
  issued: '2026-11-02',
  validUntil: '2026-11-16',
  shop: 'Hochwart <Pass> Depot',
  vehicle: 'Tarrow 24 "minibus"',
}

describe('a quotation in UBL', () => {
  it('has its elements in the order of the standard, what must be there, and every tag closed', () => {
    fc.assert(
      fc.property(
        fc.array(line, { minLength: 1, maxLength: 6 }),
        fc.constantFrom('EUR', 'JPY', 'TND'),
        fc.integer({ min: 0, max: 27 }),
        (lines, currency, taxPercent) => {
          const parsed = lines.map((one) => quoteLine.safeParse(one))
          fc.pre(parsed.every(({ success }) => success))
          const quote: QuoteDrawn = quoteDrawn.parse({
            currency,
            taxPercent,
            validDays: 14,
            lines,
            ranked: [],
            book: 'x',
          })
          const tree = treeOf(quoteUbl(quote, PARTIES))
          expect(tree.name).toBe('Quotation')
          expectInOrder(tree)
          const quoted = tree.children.filter(({ name }) => name === 'QuotationLine')
          const count = tree.children.find(({ name }) => name === 'LineCountNumeric')!
          expect([quoted.length, count.text]).toEqual([lines.length, `${lines.length}`])
        },
      ),
      { numRuns: 60 },
    )
  })
})
