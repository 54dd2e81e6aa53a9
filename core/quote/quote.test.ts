import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { BOOK } from '../knowledge/book'
import { quoteCsv } from './csv'
import { draftLines } from './draft'
import { decimalText, toMinor } from './money'
import { type ShopPrices, shopPrices } from './prices'
import { type QuoteDrawn, quoteDrawn, quoteLine } from './record'
import { quoteState } from './state'
import { lineMinor, totalsOf } from './totals'
import { quoteUbl } from './ubl'

const PRICES: ShopPrices = {
  currency: 'EUR',
  taxPercent: 20,
  hourlyRate: 80,
  concentratePerLitre: 6,
  waterPerLitre: 1,
  validDays: 14,
}
const causes = (...ids: string[]) => ids.map((id) => BOOK.faults.find((f) => f.id === id)!)
const draft = (ids: string[], profile = {}) =>
  draftLines(causes(...ids), { profile, prices: PRICES })
const hoursIn = (ids: string[]) =>
  draft(ids)
    .lines.filter(({ kind }) => kind === 'labour')
    .reduce((sum, { quantity }) => sum + quantity, 0)
const says = (ids: string[], profile = {}) => draft(ids, profile).lines.map((line) => line.says.id)

describe('money', () => {
  it('is rounded to what can be paid, halves up, by the digits of its currency', () => {
    expect(toMinor(1.005, 'EUR')).toBe(101)
    expect(toMinor(2.675, 'EUR')).toBe(268)
    expect(toMinor(10.5, 'JPY')).toBe(11)
    expect(toMinor(1.2345, 'TND')).toBe(1235)
    expect([decimalText(1999, 'EUR'), decimalText(5, 'EUR'), decimalText(11, 'JPY')]).toEqual([
      '19.99',
      '0.05',
      '11',
    ])
  })
  it('adds up: what is printed line by line is the net, and net and tax are the gross', () => {
    const priced = fc.record({
      quantity: fc.double({ min: 0.01, max: 1000, noNaN: true }),
      unitPrice: fc.double({ min: 0, max: 10_000, noNaN: true }),
    })
    fc.assert(
      fc.property(
        fc.array(priced, { maxLength: 20 }),
        fc.integer({ max: 50, min: 0 }),
        (lines, taxPercent) => {
          const { netMinor, taxMinor, grossMinor } = totalsOf(lines, {
            currency: 'EUR',
            taxPercent,
          })
          expect(netMinor).toBe(lines.reduce((sum, line) => sum + lineMinor(line, 'EUR'), 0))
          expect(grossMinor).toBe(netMinor + taxMinor)
          expect(Math.abs(taxMinor - (netMinor * taxPercent) / 100)).toBeLessThanOrEqual(0.5 + 1e-6)
        },
      ),
    )
  })
})

describe('prices of a shop', () => {
  it.each([
    ['a tax of 190 %', { taxPercent: 190 }],
    ['a negative rate', { hourlyRate: -1 }],
    ['a currency that is none', { currency: 'Euro' }],
    ['a quote that holds for no day', { validDays: 0 }],
  ])('are not %s', (_, bad) =>
    expect(shopPrices.safeParse({ ...PRICES, ...bad }).success).toBe(false),
  )
  it('a line without a price, or with a negative one, is none', () => {
    const line = { kind: 'part', text: 'Cap', quantity: 1, unit: 'piece', need: 'needed' }
    expect(quoteLine.safeParse(line).success).toBe(false)
    expect(quoteLine.safeParse({ ...line, unitPrice: -5 }).success).toBe(false)
    expect(quoteLine.safeParse({ ...line, unitPrice: 0 }).success).toBe(true)
  })
})

describe('a draft', () => {
  it('counts shared labour once: pump and thermostat are drained, filled and bled together', () => {
    const both = hoursIn(['pump-seal-leak', 'thermostat-stuck-closed'])
    const apart = hoursIn(['pump-seal-leak']) + hoursIn(['thermostat-stuck-closed'])
    expect(apart - both).toBeCloseTo(0.4, 5)
  })
  it('gives one repair the minutes of the book, to the tenth of an hour', () => {
    for (const { id, cost } of BOOK.faults)
      if (cost.minutes >= 30)
        expect(Math.abs(hoursIn([id]) - cost.minutes / 60), id).toBeLessThan(0.2)
  })
  it('asks for the coolant that runs out, of the strength that is wanted', () => {
    const profile = { capacityLitres: 10, glycolVolumeFraction: 0.4 }
    const { lines, open } = draft(['pump-seal-leak'], profile)
    const litres = lines.filter(({ unit }) => unit === 'litre').map(({ quantity }) => quantity)
    expect(litres).toEqual([2.8, 4.2])
    expect(open).toEqual([])
  })
  it('water alone asks for no concentrate', () =>
    expect(
      says(['upper-hose-leak'], { capacityLitres: 10, glycolVolumeFraction: 0 }),
    ).not.toContain('quote.line.concentrate'))
  it('says that it cannot reckon the coolant of a system whose capacity nobody wrote down', () => {
    const { lines, open } = draft(['pump-seal-leak'])
    expect(lines.some(({ unit }) => unit === 'litre')).toBe(false)
    expect(open.map(({ id }) => id)).toEqual(['quote.capacityNotKnown'])
  })
  it('has new head bolts where they belong to it, as far as they do', () => {
    const bolts = (need: 'needed' | 'advised' | undefined) =>
      draftLines(causes('gasket-to-oil'), { profile: {}, prices: PRICES, bolts: need }).lines.find(
        (line) => line.says.id === 'quote.line.bolts',
      )
    expect(bolts('needed')).toMatchObject({ kind: 'part', quantity: 1, need: 'needed' })
    expect(bolts('advised')).toMatchObject({ need: 'advised', unitPrice: 64 })
    expect(bolts(undefined)).toBeUndefined()
  })
  it('of a relay has no coolant and no draining', () =>
    expect(says(['fan-relay-dead'], { capacityLitres: 9 })).toEqual([
      'quote.line.part.new',
      'quote.line.labour',
    ]))
  it('is one that a quote can be made of, for every fault of the book', () => {
    for (const fault of BOOK.faults)
      for (const { says: _, ...line } of draft([fault.id], { capacityLitres: 9 }).lines)
        expect(quoteLine.safeParse({ ...line, text: 'words' }).success, fault.id).toBe(true)
  })
})

const QUOTE: QuoteDrawn = quoteDrawn.parse({
  currency: 'EUR',
  taxPercent: 20,
  validDays: 14,
  lines: [
    {
      kind: 'part',
      text: 'Hose "upper" & <clamps>',
      quantity: 1,
      unit: 'piece',
      unitPrice: 19.99,
      need: 'needed',
    },
    {
      kind: 'labour',
      text: '=1+1, drained',
      quantity: 0.7,
      unit: 'hour',
      unitPrice: 80,
      need: 'advised',
    },
  ],
  ranked: [],
  book: 'test',
})

describe('what a keeper says to a quote', () => {
  const quote = (id: string) => ({ id, data: QUOTE })
  const answer = (id: string, to: string, ...accepted: boolean[]) => ({
    id,
    data: { quote: to, keeper: 'K', how: 'by-telephone' as const, accepted },
  })
  it('is of that version: a quote changed after it was accepted has no answer', () => {
    expect(quoteState([quote('1')], [answer('a', '1', true, false)])?.accepted).toEqual([
      QUOTE.lines[0],
    ])
    const changed = quoteState([quote('1'), quote('2')], [answer('a', '1', true, true)])!
    expect([changed.answer, changed.accepted, changed.outdated.length]).toEqual([undefined, [], 1])
  })
  it('is what was said last, where two people noted it', () => {
    const answers = [answer('a', '1', true, true), answer('b', '1', false, true)]
    expect(quoteState([quote('1')], answers)!.answer!.id).toBe('b')
  })
  it('of another number of lines is none', () =>
    expect(quoteState([quote('1')], [answer('a', '1', true)])!.answer).toBeUndefined())
})

describe('open formats of a quote', () => {
  it('CSV: a line each, quotes doubled, no formulas, sums below', () => {
    const rows = quoteCsv(QUOTE).trimEnd().split('\r\n')
    expect(rows[1]).toBe('part,needed,"Hose ""upper"" & <clamps>",1,piece,19.99,19.99,EUR')
    expect(rows[2]).toContain(`"'=1+1, drained"`)
    expect(rows.slice(3)).toEqual([
      'sum,,net,,,,75.99,EUR',
      'sum,,tax 20 %,,,,15.20,EUR',
      'sum,,gross,,,,91.19,EUR',
    ])
  })
  it('UBL: what XML has a meaning for is escaped, and the sums are those of the quote', () => {
    const xml = quoteUbl(QUOTE, {
      id: 'Q-1',
      issued: '2026-11-27',
      validUntil: '2026-12-11',
      shop: 'Saddle & Ridge',
      vehicle: 'Minibus\u0001',
    })
    expect(xml).toContain('Hose &quot;upper&quot; &amp; &lt;clamps&gt;')
    expect(xml).toContain('<cbc:Name>Saddle &amp; Ridge</cbc:Name>')
    expect(xml).toContain('<cbc:Name>Minibus</cbc:Name>')
    expect(xml).toContain('<cbc:PayableAmount currencyID="EUR">91.19</cbc:PayableAmount>')
    expect(xml.match(/<cac:QuotationLine>/g)).toHaveLength(2)
  })
})
