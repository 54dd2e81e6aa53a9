import { createHash } from 'node:crypto'
import { readdirSync } from 'node:fs'
import { join } from 'node:path'
import { uuidv7 } from 'uuidv7'
import { beforeAll, describe, expect, it } from 'vitest'
import { Client, makeCase, other, PEOPLE, recordOf } from './client'

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

type Who = 'technician' | 'lead' | 'apprentice' | 'viewer' | 'otherShop' | 'signedOut'
const observedAt = '2026-11-20T10:00:00.000Z'
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

const jpeg = Buffer.from([0xff, 0xd8, 0xff, 0xe0, 1, 2, 3, 4, Date.now() & 255, 0xff, 0xd9])
const PICTURE = {
  sha256: createHash('sha256').update(jpeg).digest('hex'),
  base64: jpeg.toString('base64'),
}

/** For each route: the request as somebody makes it, and the status each must get. Facts name a case of the demo shop. */
const EXPECT: Record<
  string,
  { request: (who: Who) => [string, string, unknown?]; status: Record<Who, number> }
> = {
  'GET /api/health': {
    request: () => ['GET', '/api/health'],
    status: {
      technician: 200,
      lead: 200,
      apprentice: 200,
      viewer: 200,
      otherShop: 200,
      signedOut: 200,
    },
  },
  'GET /api/session': {
    request: () => ['GET', '/api/session'],
    status: {
      technician: 200,
      lead: 200,
      apprentice: 200,
      viewer: 200,
      otherShop: 200,
      signedOut: 401,
    },
  },
  'GET /api/changes': {
    request: () => ['GET', '/api/changes?after=0'],
    status: {
      technician: 200,
      lead: 200,
      apprentice: 200,
      viewer: 200,
      otherShop: 200,
      signedOut: 401,
    },
  },
  'GET /api/cases/:id/export': {
    request: () => ['GET', `/api/cases/${own.id}/export`],
    status: {
      technician: 200,
      lead: 200,
      apprentice: 200,
      viewer: 200,
      otherShop: 404,
      signedOut: 401,
    },
  },
  'POST /api/cases/import': {
    request: () => ['POST', '/api/cases/import', {}],
    status: {
      technician: 422,
      lead: 422,
      apprentice: 403,
      viewer: 403,
      otherShop: 422,
      signedOut: 401,
    },
  },
  'PUT /api/vehicles/:id': {
    request: (who) => {
      const id = uuidv7()
      return [
        'PUT',
        `/api/vehicles/${id}`,
        { by: idOf[who], observedAt, vehicle: { id, name: 'x' } },
      ]
    },
    status: {
      technician: 201,
      lead: 201,
      apprentice: 201,
      viewer: 403,
      otherShop: 201,
      signedOut: 401,
    },
  },
  'PUT /api/profiles/:id': {
    request: (who) => {
      const id = uuidv7()
      return [
        'PUT',
        `/api/profiles/${id}`,
        { by: idOf[who], observedAt, id, vehicle: own.vehicle, profile: {} },
      ]
    },
    status: {
      technician: 201,
      lead: 201,
      apprentice: 201,
      viewer: 403,
      otherShop: 422,
      signedOut: 401,
    },
  },
  'PUT /api/instruments/:id': {
    request: (who) => {
      const id = uuidv7()
      return [
        'PUT',
        `/api/instruments/${id}`,
        { by: idOf[who], observedAt, instrument: { id, kind: 'other', name: 'x' } },
      ]
    },
    status: {
      technician: 201,
      lead: 201,
      apprentice: 201,
      viewer: 403,
      otherShop: 201,
      signedOut: 401,
    },
  },
  'PUT /api/cases/:id': {
    request: (who) => {
      const id = uuidv7()
      return [
        'PUT',
        `/api/cases/${id}`,
        {
          by: idOf[who],
          observedAt,
          case: {
            id,
            complaint: 'overheats',
            title: 'x',
            openedAt: observedAt,
            openedBy: idOf[who],
            vehicle: own.vehicle,
          },
        },
      ]
    },
    status: {
      technician: 201,
      lead: 201,
      apprentice: 201,
      viewer: 403,
      otherShop: 422,
      signedOut: 401,
    },
  },
  'PUT /api/records/:id': {
    request: (who) => {
      const record = recordOf(idOf[who], 'note', { text: 'x' })
      return ['PUT', `/api/records/${record.id}`, { case: own.id, record }]
    },
    status: {
      technician: 201,
      lead: 201,
      apprentice: 201,
      viewer: 403,
      otherShop: 422,
      signedOut: 401,
    },
  },
  'PUT /api/events/:id': {
    request: (who) => {
      const event = recordOf(idOf[who], 'closed', { outcome: 'not-found', causes: [] })
      return ['PUT', `/api/events/${event.id}`, { case: own.id, event }]
    },
    status: {
      technician: 201,
      lead: 201,
      apprentice: 403,
      viewer: 403,
      otherShop: 422,
      signedOut: 401,
    },
  },
  'PUT /api/photographs/:id': {
    request: (who) => ['PUT', `/api/photographs/${PICTURE.sha256}`, { by: idOf[who], ...PICTURE }],
    status: {
      technician: 201,
      lead: 200,
      apprentice: 200,
      viewer: 403,
      otherShop: 201,
      signedOut: 401,
    },
  },
  'GET /api/photographs/:id': {
    request: () => ['GET', `/api/photographs/${'0'.repeat(64)}`],
    status: {
      technician: 404,
      lead: 404,
      apprentice: 404,
      viewer: 404,
      otherShop: 404,
      signedOut: 401,
    },
  },
  'ANY /api/**': {
    request: () => ['GET', '/api/no/such'],
    status: {
      technician: 404,
      lead: 404,
      apprentice: 404,
      viewer: 404,
      otherShop: 404,
      signedOut: 404,
    },
  },
}
/** Asked by tests of their own below and in session.test.ts, because they change or stream. */
const ELSEWHERE = [
  'POST /api/session',
  'DELETE /api/session',
  'DELETE /api/session/everywhere',
  'GET /api/live',
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
        const answer = await clients[who].ask(...request(who))
        expect(answer.status, JSON.stringify(answer.body).slice(0, 300)).toBe(status[who])
        if (answer.status >= 400) expect(answer.body.error.sentence).toMatch(/^[A-Z].*\.$/)
      })
  it('live events are for the signed in', async () => {
    expect((await clients.signedOut.ask('GET', '/api/live')).status).toBe(401)
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
  it('answers carry a policy that admits nothing from outside', async () => {
    const page = await clients.signedOut.ask('GET', '/')
    const policy = page.headers.get('content-security-policy')!
    expect(policy).toContain("default-src 'self'")
    expect(policy).not.toMatch(/https?:|unsafe-eval|script-src[^;]*unsafe-inline/)
    expect(page.headers.get('x-content-type-options')).toBe('nosniff')
    expect(page.headers.get('x-frame-options')).toBe('DENY')
  })
})
