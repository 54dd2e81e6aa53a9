import { readdirSync } from 'node:fs'
import { join } from 'node:path'
import { beforeAll, describe, expect, it } from 'vitest'
import { Client, makeCase, other, PEOPLE } from './client'
import { EXPECT, type Who } from './routes.expectations'

function routes(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) =>
    entry.isDirectory() ? routes(join(folder, entry.name)) : [join(folder, entry.name)],
  )
}

/** "PUT /api/records/:id" for every file under server/api, so that a new route without expectations fails here. */
const LIST = routes('server/api').map((file) => {
  const match = /^server\/api\/(.*?)(?:\.(get|put|post|delete))?\.ts$/.exec(file)!
  const path = match[1]!
    .replace(/\/?index$/, '')
    .replace(/\[\.\.\.\w+\]/, '**')
    .replace(/\[(\w+)\]/g, ':$1')
  return `${(match[2] ?? 'any').toUpperCase()} /api/${path}`.replace(/\/$/, '')
})

let clients: Record<Who, Client>
let own: { vehicle: string; id: string }
const idOf: Record<Who, string> = {
  technician: PEOPLE.ilka,
  lead: PEOPLE.oren,
  apprentice: PEOPLE.mave,
  viewer: PEOPLE.desk,
  otherShop: '',
  signedOut: PEOPLE.ilka,
}

/** Asked by tests of their own below and in session.test.ts, because they change or stream. */
const ELSEWHERE = [
  'POST /api/session',
  'DELETE /api/session',
  'DELETE /api/session/everywhere',
  'GET /api/live',
  'GET /api/adapters/stream',
]

beforeAll(async () => {
  clients = {
    technician: await Client.signedIn('ilka'),
    lead: await Client.signedIn('oren'),
    apprentice: await Client.signedIn('mave'),
    viewer: await Client.signedIn('desk'),
    otherShop: await other(),
    signedOut: new Client(),
  }
  idOf.otherShop = (await clients.otherShop.ask('GET', '/api/session')).body.person.id
  own = await makeCase(clients.technician, PEOPLE.ilka)
})

describe('every route', () => {
  it('has expectations', () => {
    expect(LIST.filter((route) => !(route in EXPECT) && !ELSEWHERE.includes(route))).toEqual([])
    expect(Object.keys(EXPECT).filter((route) => !LIST.includes(route))).toEqual([])
  })
  for (const route of Object.keys(EXPECT))
    for (const who of [
      'technician',
      'lead',
      'apprentice',
      'viewer',
      'otherShop',
      'signedOut',
    ] as Who[])
      it(`${route} as ${who}`, async () => {
        const { request, status } = EXPECT[route]!
        const answer = await clients[who].ask(...request({ by: idOf[who], own }))
        expect(answer.status, JSON.stringify(answer.body).slice(0, 300)).toBe(status[who])
        if (answer.status >= 400) expect(answer.body.error.sentence).toMatch(/^[A-Z].*\.$/)
      })
  it('live events are for the signed in', async () => {
    expect((await clients.signedOut.ask('GET', '/api/live')).status).toBe(401)
    const stream = '/api/adapters/stream?name=Bay%201'
    expect((await clients.signedOut.ask('GET', stream)).status).toBe(401)
    expect((await clients.otherShop.ask('GET', stream)).status).toBe(404)
  })
  it('another shop sees nothing of this one in its changes', async () => {
    const { body } = await clients.otherShop.ask('GET', '/api/changes?after=0')
    expect(body.cases.map((c: { id: string }) => c.id)).not.toContain(own.id)
    expect(JSON.stringify(body)).not.toContain(own.id)
  })
  it('a writing request from another site is not carried out', async () => {
    const answer = await clients.lead.ask('DELETE', '/api/session', undefined, {
      'sec-fetch-site': 'cross-site',
    })
    expect(answer.status).toBe(403)
    expect((await clients.lead.ask('GET', '/api/session')).status).toBe(200)
  })
  it('nor is one of a browser that tells the origin only', async () => {
    const ask = (origin: string) => clients.lead.ask('POST', '/api/cases/import', '{', { origin })
    const own = new URL(process.env.TEST_BASE_URL!).origin
    expect((await ask('https://elsewhere.example')).status).toBe(403)
    expect((await ask('null')).status).toBe(403)
    expect((await ask(own)).status).toBe(422)
  })
  it('a file of the application that is not there is not answered with its page', async () => {
    expect((await clients.signedOut.ask('GET', '/_nuxt/gone.js')).status).toBe(404)
    expect((await clients.signedOut.ask('GET', '/cases/any')).status).toBe(200)
  })
  it('no browser is bound to TLS by a server that stands behind none', async () => {
    const { headers } = await clients.signedOut.ask('GET', '/', undefined, {
      'x-forwarded-proto': 'https',
    })
    expect(headers.get('strict-transport-security')).toBeNull()
  })
  it('answers carry a policy that admits nothing from outside', async () => {
    const page = await clients.signedOut.ask('GET', '/')
    const policy = page.headers.get('content-security-policy')!
    expect(policy).toContain("default-src 'self'")
    expect(policy).not.toMatch(/https?:|unsafe-eval|script-src[^;]*unsafe-inline/)
    expect(page.headers.get('x-content-type-options')).toBe('nosniff')
    expect(page.headers.get('x-frame-options')).toBe('DENY')
  })
})
