import { beforeAll, describe, expect, it } from 'vitest'
import { Client, makeCase, other, PEOPLE } from './client'

const BOOK = { clutchTurnsAfterSwitchOff: 1.5, clutchColdNormal: 'either', stopLimitC: 115 }
const settings = (ways: object = {}) => ({
  name: 'Hochwart Pass Depot',
  elevationMetres: 1300,
  ways: { school: 'certainty', policy: BOOK, ...ways },
})
const OTHERWISE = { policy: { ...BOOK, stopLimitC: 108 }, because: 'Aluminium heads on the pass' }

let lead: Client
let ilka: Client
beforeAll(async () => {
  ;[lead, ilka] = await Promise.all([Client.signedIn('oren'), Client.signedIn('ilka')])
})

describe('the settings of a shop', () => {
  it('are the lead’s, reach everybody, and are kept every time with who and why', async () => {
    const before = (await lead.ask('GET', '/api/shop/settings')).body.changes.length
    expect((await ilka.ask('PUT', '/api/shop/settings', settings(OTHERWISE))).status).toBe(403)
    const { body } = await lead.ask('PUT', '/api/shop/settings', settings(OTHERWISE))
    expect(body.shop.ways).toMatchObject(OTHERWISE)
    expect((await ilka.ask('GET', '/api/session')).body.shop.ways).toMatchObject(OTHERWISE)
    await lead.ask('PUT', '/api/shop/settings', settings({ school: 'press-first' }))
    const { changes } = (await ilka.ask('GET', '/api/shop/settings')).body
    expect(changes.length).toBe(before + 2)
    expect(changes[0].at).toMatch(/^\d{4}-\d\d-\d\dT[\d:.]+Z$/)
    expect(changes.slice(0, 2)).toMatchObject([
      { by: PEOPLE.oren, ways: { school: 'press-first', policy: BOOK } },
      { by: PEOPLE.oren, name: 'Hochwart Pass Depot', ways: OTHERWISE },
    ])
    await lead.ask('PUT', '/api/shop/settings', settings())
  })
  it('go out with a case, so that whoever reads it judges as this shop does', async () => {
    const { id } = await makeCase(ilka, PEOPLE.ilka)
    await lead.ask('PUT', '/api/shop/settings', settings(OTHERWISE))
    const exported = (await ilka.ask('GET', `/api/cases/${id}/export`)).body
    await lead.ask('PUT', '/api/shop/settings', settings())
    expect(exported.policy).toEqual(OTHERWISE.policy)
    expect((await ilka.ask('GET', `/api/cases/${id}/export`)).body.policy).toEqual(BOOK)
  })
  it.each([
    ['a stop limit at which engines cook', { policy: { ...BOOK, stopLimitC: 140 }, because: 'x' }],
    ['a change without its reason', { policy: OTHERWISE.policy }],
    ['a school that nobody knows', { school: 'guess' }],
  ])('take no %s, and say so', async (_, ways) => {
    const before = (await lead.ask('GET', '/api/session')).body.shop.ways
    const { status, body } = await lead.ask('PUT', '/api/shop/settings', settings(ways))
    expect(status).toBe(422)
    expect(body.error.sentence).toMatch(/[.]$/)
    expect((await lead.ask('GET', '/api/session')).body.shop.ways).toEqual(before)
  })
  it('of one shop are no other shop’s', async () => {
    const there = await other()
    await lead.ask('PUT', '/api/shop/settings', settings(OTHERWISE))
    const { shop } = (await there.ask('GET', '/api/session')).body
    const { changes } = (await there.ask('GET', '/api/shop/settings')).body
    await lead.ask('PUT', '/api/shop/settings', settings())
    expect(shop.ways?.because).not.toBe(OTHERWISE.because)
    for (const { ways } of changes) expect(ways.because).not.toBe(OTHERWISE.because)
  })
})
