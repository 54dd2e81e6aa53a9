import { afterAll, describe, expect, it } from 'vitest'
import { Client, PASSWORD, PEOPLE, sqlOf } from './client'

const sql = sqlOf()
afterAll(() => sql.end())

describe('sessions', () => {
  it('are sealed, out of scripts’ reach and end on signing out, for a copied cookie too', async () => {
    const client = new Client()
    const answer = await client.ask('POST', '/api/session', { signIn: 'ilka', password: PASSWORD })
    const cookie = answer.headers.getSetCookie()[0]!
    expect(cookie).toMatch(/HttpOnly/)
    expect(cookie).toMatch(/SameSite=Lax/)
    expect(cookie).toMatch(/Secure/)
    expect(cookie).not.toContain(PEOPLE.ilka)
    const copy = new Client()
    copy.cookie = client.cookie
    expect((await copy.ask('GET', '/api/session')).status).toBe(200)
    await client.ask('DELETE', '/api/session')
    expect((await copy.ask('GET', '/api/session')).status).toBe(401)
  })
  it('end by whichever address the cookie is cleared', async () => {
    const client = await Client.signedIn('ilka')
    const copy = new Client()
    copy.cookie = client.cookie
    expect((await client.ask('DELETE', '/api/_auth/session')).status).toBe(200)
    expect((await copy.ask('GET', '/api/session')).status).toBe(401)
  })
  it('end when somebody signs in on the same browser', async () => {
    const client = await Client.signedIn('ilka')
    const copy = new Client()
    copy.cookie = client.cookie
    await client.ask('POST', '/api/session', { signIn: 'oren', password: PASSWORD })
    expect((await copy.ask('GET', '/api/session')).status).toBe(401)
    expect((await client.ask('GET', '/api/session')).body.person.id).toBe(PEOPLE.oren)
  })
  it('end everywhere at once when their person asks', async () => {
    const [one, two] = [await Client.signedIn('mave'), await Client.signedIn('mave')]
    expect((await one.ask('DELETE', '/api/session/everywhere')).status).toBe(200)
    expect((await two.ask('GET', '/api/session')).status).toBe(401)
    expect((await Client.signedIn('mave')).cookie).not.toBe('')
  })
  it('end when they expire or are revoked in the database', async () => {
    const client = await Client.signedIn('desk')
    await sql`update sessions set revoked_at = now() where person_id = ${PEOPLE.desk}`
    expect((await client.ask('GET', '/api/changes')).status).toBe(401)
    const again = await Client.signedIn('desk')
    await sql`update sessions set expires_at = now() - interval '1 minute' where person_id = ${PEOPLE.desk}`
    expect((await again.ask('GET', '/api/changes')).status).toBe(401)
  })
  it('passwords are hashed with scrypt and nowhere in clear', async () => {
    const rows = await sql`select password_hash from accounts`
    for (const row of rows) expect(row.password_hash).toMatch(/^\$scrypt\$/)
  })
  it('a wrong password and an unknown name get the same answer, and the ninth try is refused through the database', async () => {
    const client = new Client()
    const unknown = await client.ask('POST', '/api/session', {
      signIn: 'nobody-here',
      password: 'x',
    })
    for (let i = 0; i < 8; i++) {
      const answer = await client.ask('POST', '/api/session', {
        signIn: 'berit',
        password: 'wrong',
      })
      expect([answer.status, answer.body]).toEqual([401, unknown.body])
    }
    expect(
      (await client.ask('POST', '/api/session', { signIn: 'berit', password: 'valley-garage-400' }))
        .status,
    ).toBe(429)
    expect(
      (await sql`select count(*)::int as n from sign_in_attempts where key = 'name:berit'`)[0]!.n,
    ).toBe(8)
    await sql`delete from sign_in_attempts`
    expect(
      (await client.ask('POST', '/api/session', { signIn: 'berit', password: 'valley-garage-400' }))
        .status,
    ).toBe(200)
  })
  it('damaged or foreign cookies are signed out and nothing worse', async () => {
    const client = new Client()
    client.cookie = 'nuxt-session=Fe26.2**nonsense'
    expect((await client.ask('GET', '/api/session')).status).toBe(401)
  })
})
