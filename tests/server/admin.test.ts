import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { admin, adminFromSources } from './admin'
import { Client, makeCase, type Parsed, sqlOf } from './client'

const sql = sqlOf()
afterAll(() => sql.end())

let shopId: string
beforeAll(async () => {
  const made = await admin(['create-shop', 'Ferry Yard', '12'])
  expect(made.code).toBe(0)
  shopId = made.output.trim()
})
const add = (signIn: string, role = 'technician', password = '') =>
  admin(['add-person', shopId, signIn, 'Signe Lie', role], password)

describe('administration', () => {
  it.each<[string, string[], number, RegExp]>([
    ['no command', [], 2, /Usage/],
    ['an unknown command', ['make-coffee'], 2, /Usage/],
    ['too few words', ['create-shop', 'Yard'], 2, /Usage/],
    ['a password on the command line', ['reset-password', 'ilka', 'secret'], 2, /Usage/],
    ['an elevation in words', ['create-shop', 'Yard', 'high'], 1, /no elevation/],
    ['an elevation above every road', ['create-shop', 'Yard', '9000'], 1, /no elevation/],
    ['no elevation', ['create-shop', 'Yard', ' '], 1, /no elevation/],
    ['a shop without a name', ['create-shop', '', '100'], 1, /name is missing/],
    ['a shop that is none', ['add-person', 'x', 'a', 'A', 'lead'], 1, /no shop/],
    ['somebody who is nobody', ['erase-person', 'x'], 1, /no person/],
    ['an account that is none', ['reset-password', 'nobody-here'], 1, /Nobody signs in/],
  ])('given %s says what is wrong in a sentence, and ends so', async (_, words, code, said) => {
    const ended = await admin(words)
    expect([ended.code, ended.output.split('\n')[0]]).toEqual([code, expect.stringMatching(said)])
    expect(ended.output).not.toMatch(/\bat .*\.m?[jt]s:\d/)
  })
  it('started from its sources, as on a server, is the same program', async () => {
    const words = ['reset-password', 'nobody-here']
    expect(await adminFromSources(words)).toEqual(await admin(words))
  })
  it('says so when the database is not there', async () => {
    const away = { DATABASE_URL: 'postgres://x:x@127.0.0.1:1/x', DATABASE_MAINTENANCE_URL: '' }
    const ended = await admin(['create-shop', 'Yard', '100'], '', away)
    expect(ended).toEqual({
      code: 1,
      output: 'The database cannot be reached; see DATABASE_URL.\n',
    })
  })
  it('makes up a first password, prints it once, and has it changed', async () => {
    const { code, output } = await add('signe')
    expect(code).toBe(0)
    const password = /: (\S+)\n/.exec(output)![1]!
    const client = await Client.signedIn('signe', password)
    expect((await client.ask('GET', '/api/session')).body.mustChangePassword).toBe(true)
    const again = /: (\S+)\n/.exec((await admin(['reset-password', 'signe'])).output)![1]!
    expect(again).not.toBe(password)
    expect((await client.ask('GET', '/api/session')).status).toBe(401)
  })
  it('adds nobody without an account: neither for a name that is taken, nor a bad password or role', async () => {
    const count = async () =>
      (await sql`select count(*)::int as n from people where shop_id = ${shopId}`)[0].n
    const before = await count()
    expect((await add('ilka')).output).toMatch(/signs in as “ilka” already/)
    expect((await add('new-one', 'technician', 'short')).code).toBe(1)
    expect((await add('new-one', 'boss')).code).toBe(1)
    expect(await count()).toBe(before)
  })
  it('erases a name on every device, and keeps what was recorded', async () => {
    const password = 'seven dry hoses'
    expect((await add('olaf', 'technician', password)).code).toBe(0)
    expect((await add('berta', 'lead', password)).code).toBe(0)
    const [olaf, berta] = [
      await Client.signedIn('olaf', password),
      await Client.signedIn('berta', password),
    ]
    const { id } = (await olaf.ask('GET', '/api/session')).body.person
    const own = await makeCase(olaf, id)
    const { cursor } = (await berta.ask('GET', '/api/desk')).body
    expect((await admin(['erase-person', id])).code).toBe(0)
    expect((await olaf.ask('GET', '/api/session')).status).toBe(401)
    const page = (await berta.ask('GET', `/api/changes?after=${cursor}`)).body
    expect(page.people).toEqual([{ id, name: null }])
    expect((await berta.ask('GET', `/api/rows?cases=${own.id}`)).body.cases).toHaveLength(1)
  })
  it('prints what was done, a line each, with no name in it', async () => {
    const { code, output } = await admin(['audit', shopId])
    expect(code).toBe(0)
    const lines: Parsed[] = output
      .trim()
      .split('\n')
      .map((line) => JSON.parse(line))
    expect(lines[0].action).toBe('shop-created')
    expect(lines.map(({ action }) => action)).toEqual(
      expect.arrayContaining(['person-added', 'password-reset', 'person-erased', 'signed-in']),
    )
    expect(output).not.toMatch(/Signe Lie|olaf/)
  })
})
