import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { Client, makeCase, other, PEOPLE } from './client'

const COMMON = {
  of: 'prior',
  fault: 'pump-seal-leak',
  complaint: 'coolant-loss',
  to: 'everyFourth',
  because: 'Salted roads',
}
const QUICK = { of: 'check', check: 'cap', to: 4, because: 'The tester hangs at the lift' }

let lead: Client
let ilka: Client
const set = (change: object, by = lead) => by.ask('PUT', '/api/shop/book', change)
const back = () =>
  Promise.all([COMMON, QUICK].map((change) => set({ ...change, to: null, because: undefined })))
beforeAll(async () => {
  ;[lead, ilka] = await Promise.all([Client.signedIn('oren'), Client.signedIn('ilka')])
})
afterAll(back)

describe('what a lead has otherwise than the book', () => {
  it('is set entry by entry, reaches everybody, and is kept every time with who and why', async () => {
    expect((await set(COMMON, ilka)).status).toBe(403)
    // Two at once: neither takes the other away.
    const both = await Promise.all([set(COMMON), set(QUICK)])
    expect(both.map(({ status }) => status)).toEqual([200, 200])
    const { shop } = (await ilka.ask('GET', '/api/session')).body
    expect(shop.book).toEqual({
      priors: { 'coolant-loss': { 'pump-seal-leak': 'everyFourth' } },
      checkMinutes: { cap: 4 },
    })
    const { changes } = (await ilka.ask('GET', '/api/shop/book')).body
    expect(changes.slice(0, 2)).toEqual(
      expect.arrayContaining([
        { change: COMMON, by: PEOPLE.oren, at: expect.stringMatching(/Z$/) },
        { change: QUICK, by: PEOPLE.oren, at: expect.stringMatching(/Z$/) },
      ]),
    )
    await back()
    expect((await ilka.ask('GET', '/api/session')).body.shop.book).toEqual({})
    expect((await ilka.ask('GET', '/api/shop/book')).body.changes.length).toBe(changes.length + 2)
  })
  it('goes out with a case, so that whoever reads it ranks as this shop does', async () => {
    const { id } = await makeCase(ilka, PEOPLE.ilka)
    const policyOf = async () => (await ilka.ask('GET', `/api/cases/${id}/export`)).body.policy
    const before = await policyOf()
    await set(QUICK)
    const exported = await policyOf()
    await back()
    expect(exported.book).toEqual({ checkMinutes: { cap: 4 } })
    expect(await policyOf()).toEqual(before)
  })
  it.each([
    ['no reason', { ...COMMON, because: '' }],
    ['minutes that nothing takes', { ...QUICK, to: 0 }],
    ['a fault that the book does not have', { ...COMMON, fault: 'gremlins' }],
    ['a check that there is not', { ...QUICK, check: 'kick-it' }],
    ['a level that is none', { ...COMMON, to: 'mostly' }],
  ])('takes no entry with %s, and says so', async (_, change) => {
    const { status, body } = await set(change)
    expect(status).toBe(422)
    expect(body.error.sentence).toMatch(/[.]$/)
    expect((await lead.ask('GET', '/api/session')).body.shop.book ?? {}).toEqual({})
  })
  it('of one shop is no other shop’s', async () => {
    const there = await other()
    await set(QUICK)
    const { shop } = (await there.ask('GET', '/api/session')).body
    const { changes } = (await there.ask('GET', '/api/shop/book')).body
    await back()
    expect(shop.book?.checkMinutes).toBeUndefined()
    expect(changes).not.toContainEqual(expect.objectContaining({ change: QUICK }))
  })
})
