import { generate } from 'otplib'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { admin } from './admin'
import { Client, PASSWORD, PEOPLE, type Parsed, sqlOf } from './client'

const sql = sqlOf()
afterAll(() => sql.end())

let shopId: string
let oren: Client
let people = 0
beforeAll(async () => {
  oren = await Client.signedIn('oren')
  shopId = (await oren.ask('GET', '/api/session')).body.shop.id
})

const GOOD = 'three dry hoses'
/** A technician of the demo shop with a password of their own. */
async function newPerson(password = GOOD) {
  const signIn = `person${Date.now() % 1e6}-${++people}`
  const { code, output } = await admin(
    ['add-person', shopId, signIn, 'Tove Aas', 'technician'],
    password,
  )
  if (code !== 0) throw new Error(output)
  const client = await Client.signedIn(signIn, password)
  return { signIn, client, id: (await client.ask('GET', '/api/session')).body.person.id as string }
}
const signIn = (name: string, password: string, code?: string) =>
  new Client().ask('POST', '/api/session', { signIn: name, password, ...(code ? { code } : {}) })
const audited = async (subject: string): Promise<string[]> =>
  (
    await sql`select action from audit where actor_id = ${subject} or subject_id = ${subject} order by id`
  ).map((row: Parsed) => row.action)

describe('changing one’s own password', () => {
  it('ends the other sessions, keeps this one, and is written down', async () => {
    const { signIn: name, client, id } = await newPerson()
    const elsewhere = await Client.signedIn(name, GOOD)
    const next = 'four wet clamps'
    expect((await client.ask('PUT', '/api/session/password', { present: GOOD, next })).status).toBe(
      200,
    )
    expect((await client.ask('GET', '/api/session')).status).toBe(200)
    expect((await elsewhere.ask('GET', '/api/session')).status).toBe(401)
    expect((await signIn(name, GOOD)).status).toBe(401)
    expect((await signIn(name, next)).status).toBe(200)
    expect(await audited(id)).toEqual([
      'person-added',
      'signed-in',
      'signed-in',
      'password-changed',
      'sign-in-refused',
      'signed-in',
    ])
  })
  it.each([
    ['too short', 'short', 'refusal.passwordSigns'],
    ['among the commonest', 'password123', 'refusal.passwordCommon'],
    ['made of the name', 'tove-aas-2026', 'refusal.passwordName'],
    ['the present one', GOOD, 'refusal.passwordSame'],
  ])('refuses one that is %s', async (_, next, problem) => {
    const { client } = await newPerson()
    const answer = await client.ask('PUT', '/api/session/password', { present: GOOD, next })
    expect([answer.status, answer.body.error.message.id]).toEqual([422, problem])
    expect((await client.ask('GET', '/api/session')).status).toBe(200)
  })
  it('wants the present one, and not by guessing', async () => {
    const { client } = await newPerson()
    const wrong = () =>
      client.ask('PUT', '/api/session/password', { present: 'wrong', next: 'five dry hoses' })
    const answers = await Promise.all(Array.from({ length: 10 }, wrong))
    expect(answers.filter(({ status }) => status === 422).length).toBe(6)
    expect(answers.filter(({ status }) => status === 429).length).toBe(4)
  })
})

describe('a first password', () => {
  it('from the lead ends what was, and nothing is answered until it is changed', async () => {
    const { signIn: name, client, id } = await newPerson()
    const given = await oren.ask('POST', `/api/people/${id}/password`)
    expect(given.status).toBe(200)
    expect((await client.ask('GET', '/api/session')).status).toBe(401)
    const first = await Client.signedIn(name, given.body.password)
    expect((await first.ask('GET', '/api/session')).body.mustChangePassword).toBe(true)
    for (const path of ['/api/desk', '/api/changes', '/api/cases', '/api/live']) {
      const answer = await first.ask('GET', path)
      expect([path, answer.status, answer.body.error.code]).toEqual([path, 403, 'first-password'])
    }
    const next = 'six tight clamps'
    const changed = { present: given.body.password, next }
    expect((await first.ask('PUT', '/api/session/password', changed)).status).toBe(200)
    expect((await first.ask('GET', '/api/desk')).status).toBe(200)
    expect((await first.ask('GET', '/api/session')).body.mustChangePassword).toBe(false)
    expect(await audited(id)).toContain('password-reset')
  })
  it('is the lead’s to give, to people of the own shop, and is told to nobody else', async () => {
    const list = (await oren.ask('GET', '/api/people')).body.people
    expect(list.map((one: Parsed) => one.signIn)).toEqual(
      expect.arrayContaining(['ilka', 'oren', 'mave']),
    )
    expect(JSON.stringify(list)).not.toMatch(/scrypt/)
    const berit = await Client.signedIn('berit', 'valley-garage-400')
    expect((await berit.ask('POST', `/api/people/${PEOPLE.ilka}/password`)).status).toBe(404)
    expect((await signIn('ilka', PASSWORD)).status).toBe(200)
  })
})

describe('a second factor', () => {
  async function withFactor() {
    const person = await newPerson()
    const begun = await person.client.ask('POST', '/api/session/second-factor', { password: GOOD })
    const secret = begun.body.secret as string
    return { ...person, begun, secret, code: () => generate({ secret }) }
  }
  it('is asked for once it is in force, and a code is good once', async () => {
    const { signIn: name, client, begun, code, id } = await withFactor()
    expect(begun.body.picture).toMatch(/^data:image\/png;base64,/)
    expect((await signIn(name, GOOD)).status).toBe(200)
    const now = await code()
    const wrong = now === '000000' ? '000001' : '000000'
    expect((await client.ask('PUT', '/api/session/second-factor', { code: wrong })).status).toBe(
      422,
    )
    expect((await client.ask('PUT', '/api/session/second-factor', { code: now })).status).toBe(200)
    expect((await client.ask('GET', '/api/session')).body.hasSecondFactor).toBe(true)

    const anew = await client.ask('POST', '/api/session/second-factor', { password: GOOD })
    expect(anew.body.error.message.id).toBe('refusal.secondFactorInForce')

    const asked = await signIn(name, GOOD)
    expect([asked.status, asked.body.error.code]).toEqual([401, 'second-factor'])
    const used = await signIn(name, GOOD, now)
    expect(used.body.error.message.id).toBe('refusal.secondFactorWrong')
    expect((await signIn(name, 'wrong', now)).body.error.code).toBe('wrong-sign-in')
    await sql`update accounts set second_factor_step = second_factor_step - 1 where id = ${id}`
    const both = await Promise.all([
      signIn(name, GOOD, await code()),
      signIn(name, GOOD, await code()),
    ])
    expect(both.map(({ status }) => status).sort()).toEqual([200, 401])
  })
  it('is taken off by its person with the password, and by the lead with a new one', async () => {
    const { signIn: name, client, code, id } = await withFactor()
    await client.ask('PUT', '/api/session/second-factor', { code: await code() })
    const off = (password: string) =>
      client.ask('POST', '/api/session/second-factor-off', { password })
    expect((await off('wrong')).status).toBe(422)
    expect((await off(GOOD)).status).toBe(200)
    expect((await signIn(name, GOOD)).status).toBe(200)
    await sql`update accounts set second_factor = 'X', second_factor_in_force = true where id = ${id}`
    const { password } = (await oren.ask('POST', `/api/people/${id}/password`)).body
    expect((await signIn(name, password)).status).toBe(200)
    expect(await audited(id)).toEqual(
      expect.arrayContaining(['second-factor-on', 'second-factor-off', 'password-reset']),
    )
  })
})

describe('a session in which nobody does anything', () => {
  it('ends, though its page goes on asking by itself', async () => {
    const { client, id } = await newPerson()
    const seen = async () =>
      Date.parse(
        (await sql`select last_seen_at from sessions where person_id = ${id}`)[0].last_seen_at,
      )
    await sql`update sessions set last_seen_at = now() - interval '11 hours' where person_id = ${id}`
    for (const path of ['/api/changes', '/api/desk'])
      expect((await client.ask('GET', path)).status).toBe(200)
    expect(Date.now() - (await seen())).toBeGreaterThan(10 * 3_600_000)
    expect((await client.ask('GET', '/api/session')).status).toBe(200)
    expect(Date.now() - (await seen())).toBeLessThan(60_000)
    await sql`update sessions set last_seen_at = now() - interval '13 hours' where person_id = ${id}`
    expect((await client.ask('GET', '/api/changes')).status).toBe(401)
    expect((await client.ask('GET', '/api/desk')).status).toBe(401)
  })
})
