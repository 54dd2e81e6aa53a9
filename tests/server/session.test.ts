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
  it('are each their own, whatever was asked with their cookies before', async () => {
    const client = await Client.signedIn('ilka')
    const [first, asked] = [new Client(), new Client()]
    first.cookie = client.cookie
    await first.ask('GET', '/api/session')
    const signedIn = await client.ask('POST', '/api/session', {
      signIn: 'oren',
      password: PASSWORD,
    })
    expect(signedIn.body.person.id).toBe(PEOPLE.oren)
    asked.cookie = client.cookie
    expect((await asked.ask('GET', '/api/session')).body.person.id).toBe(PEOPLE.oren)
    expect((await first.ask('GET', '/api/session')).status).toBe(401)
    await asked.ask('DELETE', '/api/session')
    expect((await client.ask('GET', '/api/session')).status).toBe(401)
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
    const rows = await sql`select password_hash from accounts where not disabled`
    for (const row of rows) expect(row.password_hash).toMatch(/^\$scrypt\$/)
  })
  const tryAs = (client: Client, signIn: string, password: string) =>
    client.ask('POST', '/api/session', { signIn, password })

  it('a wrong password and an unknown name get the same answer; who tries on and on is told how long to wait', async () => {
    const client = new Client()
    const unknown = await tryAs(client, 'nobody-here', 'x')
    for (let i = 0; i < 6; i++) {
      const answer = await tryAs(client, 'berit', 'wrong')
      expect([answer.status, answer.body]).toEqual([401, unknown.body])
    }
    const held = await tryAs(client, 'berit', 'valley-garage-400')
    expect(held.status).toBe(429)
    const seconds = Number(held.headers.get('retry-after'))
    expect(seconds).toBeGreaterThan(0)
    expect(seconds).toBeLessThanOrEqual(60)
    expect(held.body.error.sentence).toContain(`${seconds} second`)
    expect((await tryAs(client, 'ilka', PASSWORD)).status).toBe(200)
    await sql`update rate_limits set expire = 0 where key like 'pair:berit%'`
    expect((await tryAs(client, 'berit', 'valley-garage-400')).status).toBe(200)
  })
  it('of sixty guesses at once six are looked at', async () => {
    const answers = await Promise.all(
      Array.from({ length: 60 }, (_, i) => tryAs(new Client(), 'oren', `guess ${i}`)),
    )
    const lookedAt = answers.filter(({ status }) => status === 401)
    expect(lookedAt.length).toBe(6)
    // The others are held up, or find the server busy where the machine is slow; none gets another answer.
    const others = answers.filter(({ status }) => status !== 401).map(({ status }) => status)
    expect(others.filter((status) => status !== 429 && status !== 503)).toEqual([])
    await sql`delete from rate_limits`
  })
  it('what others try under a name from many places holds up strangers, not a browser it is known on', async () => {
    const own = await Client.signedIn('mave')
    await own.ask('DELETE', '/api/session')
    await sql`insert into rate_limits (key, points, expire)
      values ('name:mave', 31, ${Date.now() + 600_000})
      on conflict (key) do update set points = excluded.points, expire = excluded.expire`
    expect((await tryAs(new Client(), 'mave', PASSWORD)).status).toBe(429)
    expect((await tryAs(own, 'mave', PASSWORD)).status).toBe(200)
    await sql`delete from rate_limits`
  })
  it('damaged or foreign cookies are signed out and nothing worse', async () => {
    const client = new Client()
    client.cookie = 'nuxt-session=Fe26.2**nonsense'
    expect((await client.ask('GET', '/api/session')).status).toBe(401)
  })
})
