import { readFileSync } from 'node:fs'
import { beforeAll, describe, expect, it } from 'vitest'
import { Client, makeCase, other, PEOPLE, putRecord, recordOf } from './client'

const EXAMPLES = JSON.parse(readFileSync('docs/record-examples.json', 'utf8'))
const PRICES = {
  currency: 'EUR',
  taxPercent: 20,
  hourlyRate: 78,
  concentratePerLitre: 6.4,
  waterPerLitre: 0.9,
  validDays: 14,
}

let ilka: Client
let lead: Client
let own: { vehicle: string; id: string }
beforeAll(async () => {
  ilka = await Client.signedIn('ilka')
  lead = await Client.signedIn('oren')
  own = await makeCase(ilka, PEOPLE.ilka)
})

const quoteOf = async (client: Client, paper = 'A4') => {
  const answer = await fetch(
    `${process.env.TEST_BASE_URL}/api/cases/${own.id}/quote?paper=${paper}`,
    { headers: { cookie: client.cookie } },
  )
  return { answer, text: Buffer.from(await answer.arrayBuffer()).toString('latin1') }
}

describe('prices of the shop', () => {
  it.each([
    ['a tax of 190 %', { taxPercent: 190 }, 'prices.taxPercent'],
    ['a negative rate', { hourlyRate: -3 }, 'prices.hourlyRate'],
    ['no price of water', { waterPerLitre: undefined }, 'prices.waterPerLitre'],
  ])('%s is refused in one sentence, and nothing changes', async (_, bad, path) => {
    const before = (await lead.ask('GET', '/api/session')).body.shop.prices
    const { status, body } = await lead.ask('PUT', '/api/shop/prices', {
      prices: { ...PRICES, ...bad },
    })
    expect([status, body.error.path]).toEqual([422, path])
    expect(body.error.sentence).toMatch(/^[A-Z].*\.$/)
    expect((await lead.ask('GET', '/api/session')).body.shop.prices).toEqual(before)
  })
  it('stand in everybody’s session once they are set', async () => {
    const set = { ...PRICES, hourlyRate: 81 }
    const said = { prices: set, because: 'Price list of the year' }
    expect((await lead.ask('PUT', '/api/shop/prices', said)).body.shop.prices).toEqual(set)
    expect((await ilka.ask('GET', '/api/session')).body.shop.prices).toEqual(set)
    await lead.ask('PUT', '/api/shop/prices', { prices: PRICES })
    const { changes } = (await ilka.ask('GET', '/api/shop/figures')).body
    const at = expect.stringMatching(/Z$/)
    expect(changes.slice(0, 2)).toEqual([
      { of: 'prices', figures: PRICES, by: PEOPLE.oren, at },
      { of: 'prices', figures: set, because: said.because, by: PEOPLE.oren, at },
    ])
  })
})

describe('how long components last', () => {
  it.each([
    ['a life below nothing', { belt: { years: -2, kilometres: 90_000 } }, 'lives.belt.years'],
    ['a component that is none', { wheel: { years: 2, kilometres: 90_000 } }, 'lives'],
    ['a distance left out', { belt: { years: 6 } }, 'lives.belt.kilometres'],
  ])('%s is refused in one sentence, and nothing changes', async (_, bad, path) => {
    const before = (await lead.ask('GET', '/api/session')).body.shop.lives
    const { status, body } = await lead.ask('PUT', '/api/shop/lives', {
      lives: bad,
      because: 'Salt',
    })
    expect(status).toBe(422)
    expect(body.error.path ?? '').toBe(path)
    expect(body.error.sentence).toMatch(/^[A-Z].*\.$/)
    expect((await lead.ask('GET', '/api/session')).body.shop.lives).toEqual(before)
  })
  it('stands in everybody’s session once it is set', async () => {
    const set = { belt: { years: 6, kilometres: 90_000 } }
    const unsaid = await lead.ask('PUT', '/api/shop/lives', { lives: set })
    expect([unsaid.status, unsaid.body.error.path]).toEqual([422, 'because'])
    const said = { lives: set, because: 'Salted roads' }
    expect((await lead.ask('PUT', '/api/shop/lives', said)).body.shop.lives).toEqual(set)
    expect((await ilka.ask('GET', '/api/session')).body.shop.lives).toEqual(set)
    await lead.ask('PUT', '/api/shop/lives', { lives: {} })
    const { changes } = (await ilka.ask('GET', '/api/shop/figures')).body
    expect(changes[1]).toMatchObject({ of: 'lives', figures: set, because: 'Salted roads' })
  })
})

describe('the paper of a quote', () => {
  it('is a PDF in the size asked for, of this shop alone, once there is a quote', async () => {
    expect((await quoteOf(ilka)).answer.status).toBe(404)
    const drawn = recordOf(PEOPLE.ilka, 'quote.drawn', EXAMPLES['quote.drawn'])
    expect((await putRecord(ilka, own.id, drawn)).status).toBe(201)
    const { answer, text } = await quoteOf(ilka)
    expect(answer.headers.get('content-type')).toBe('application/pdf')
    expect(text.startsWith('%PDF-')).toBe(true)
    expect(text).toMatch(/MediaBox \[0 0 595\.28 841\.89\]/)
    expect((await quoteOf(ilka, 'LETTER')).text).toMatch(/MediaBox \[0 0 612(\.00)? 792(\.00)?\]/)
    expect((await quoteOf(ilka, 'napkin')).answer.status).toBe(422)
    expect((await quoteOf(await other())).answer.status).toBe(404)
  })
  it('is drawn up and answered by a technician, not by an apprentice', async () => {
    const mave = await Client.signedIn('mave')
    const drawn = recordOf(PEOPLE.mave, 'quote.drawn', EXAMPLES['quote.drawn'])
    expect((await putRecord(mave, own.id, drawn)).status).toBe(403)
  })
})
