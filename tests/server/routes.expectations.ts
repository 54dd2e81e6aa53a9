import { uuidv7 } from 'uuidv7'
import { recordOf } from './client'
import { picture } from './picture'

export type Who = 'technician' | 'lead' | 'apprentice' | 'viewer' | 'otherShop' | 'signedOut'

/** Who asks, and a case of the first shop. */
export interface Asker {
  by: string
  own: { vehicle: string; id: string }
}

const observedAt = '2026-11-20T10:00:00.000Z'
const PICTURE = await picture()

const anybody = (status: number): Record<Who, number> => ({
  ...whoReads(status),
  signedOut: status,
})
/** Everybody who is signed in; in another shop there may be nothing to read. */
const whoReads = (status: number, otherShop = status): Record<Who, number> => ({
  technician: status,
  lead: status,
  apprentice: status,
  viewer: status,
  otherShop,
  signedOut: 401,
})
/** All but a viewer. */
const whoRecords = (status: number, otherShop: number): Record<Who, number> => ({
  ...whoReads(status, otherShop),
  viewer: 403,
})

/** The lead alone. */
const WHO_LEADS: Record<Who, number> = {
  ...whoReads(403),
  lead: 200,
  otherShop: 200,
}

/** For each route: the request as somebody makes it, and the status each must get. Entries name a case of the demo shop. */
export const EXPECT: Record<
  string,
  { request: (asker: Asker) => [string, string, unknown?]; status: Record<Who, number> }
> = {
  'GET /api/health': {
    request: () => ['GET', '/api/health'],
    status: anybody(200),
  },
  'GET /api/ready': {
    request: () => ['GET', '/api/ready'],
    status: anybody(200),
  },
  'GET /api/session': {
    request: () => ['GET', '/api/session'],
    status: whoReads(200),
  },
  'GET /api/models/notes': {
    request: () => ['GET', '/api/models/notes?model=Harl%20Rescue'],
    status: whoReads(200),
  },
  'GET /api/changes': {
    request: () => ['GET', '/api/changes?after=0'],
    status: whoReads(200),
  },
  'GET /api/desk': { request: () => ['GET', '/api/desk'], status: whoReads(200) },
  'GET /api/rows': {
    request: ({ own }) => ['GET', `/api/rows?cases=${own.id}`],
    status: whoReads(200),
  },
  'GET /api/cases': { request: () => ['GET', '/api/cases?text=bus'], status: whoReads(200) },
  'GET /api/vehicles': {
    request: () => ['GET', '/api/vehicles?text=bus'],
    status: whoReads(200),
  },
  'GET /api/cases/:id/export': {
    request: ({ own }) => ['GET', `/api/cases/${own.id}/export`],
    status: whoReads(200, 404),
  },
  'GET /api/cases/:id/quote': {
    // The case is there, and nobody has drawn up a quote.
    request: ({ own }) => ['GET', `/api/cases/${own.id}/quote`],
    status: whoReads(404),
  },
  'GET /api/cases/:id/archive': {
    request: ({ own }) => ['GET', `/api/cases/${own.id}/archive`],
    status: whoReads(200, 404),
  },
  'GET /api/cases/:id/report': {
    request: ({ own }) => ['GET', `/api/cases/${own.id}/report`],
    status: whoReads(200, 404),
  },
  'GET /api/cases/:id/like': {
    request: ({ own }) => ['GET', `/api/cases/${own.id}/like`],
    status: whoReads(200, 404),
  },
  'GET /api/shop/record': {
    request: () => ['GET', '/api/shop/record'],
    status: whoReads(200),
  },
  'PUT /api/shop/experience': {
    request: () => ['PUT', '/api/shop/experience', { uses: true }],
    status: WHO_LEADS,
  },
  'GET /api/shop/settings': {
    request: () => ['GET', '/api/shop/settings'],
    status: whoReads(200),
  },
  'PUT /api/shop/settings': {
    request: () => [
      'PUT',
      '/api/shop/settings',
      {
        name: 'Hochwart Pass Depot',
        elevationMetres: 1300,
        ways: {
          school: 'certainty',
          policy: { clutchTurnsAfterSwitchOff: 1.5, clutchColdNormal: 'either', stopLimitC: 115 },
        },
      },
    ],
    status: WHO_LEADS,
  },
  'GET /api/shop/book': {
    request: () => ['GET', '/api/shop/book'],
    status: whoReads(200),
  },
  'PUT /api/shop/book': {
    request: () => ['PUT', '/api/shop/book', { of: 'check', check: 'cap', to: null }],
    status: WHO_LEADS,
  },
  'GET /api/shop/figures': {
    request: () => ['GET', '/api/shop/figures'],
    status: whoReads(200),
  },
  'PUT /api/shop/lives': {
    request: () => [
      'PUT',
      '/api/shop/lives',
      { lives: { belt: { years: 6, kilometres: 90_000 } }, because: 'Salt' },
    ],
    status: WHO_LEADS,
  },
  'PUT /api/shop/prices': {
    request: () => [
      'PUT',
      '/api/shop/prices',
      {
        prices: {
          currency: 'EUR',
          taxPercent: 20,
          hourlyRate: 78,
          concentratePerLitre: 6.4,
          waterPerLitre: 0.9,
          validDays: 14,
        },
      },
    ],
    status: WHO_LEADS,
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
    request: ({ by }) => {
      const id = uuidv7()
      return ['PUT', `/api/vehicles/${id}`, { by, observedAt, vehicle: { id, name: 'x' } }]
    },
    status: whoRecords(201, 201),
  },
  'PUT /api/profiles/:id': {
    request: ({ by, own }) => {
      const id = uuidv7()
      return [
        'PUT',
        `/api/profiles/${id}`,
        { by, observedAt, id, vehicle: own.vehicle, profile: {} },
      ]
    },
    status: whoRecords(201, 422),
  },
  'PUT /api/instruments/:id': {
    request: ({ by }) => {
      const id = uuidv7()
      return [
        'PUT',
        `/api/instruments/${id}`,
        { by, observedAt, instrument: { id, kind: 'other', name: 'x' } },
      ]
    },
    status: whoRecords(201, 201),
  },
  'PUT /api/cases/:id': {
    request: ({ by, own }) => {
      const id = uuidv7()
      return [
        'PUT',
        `/api/cases/${id}`,
        {
          by,
          observedAt,
          case: {
            id,
            complaint: 'overheats',
            title: 'x',
            openedAt: observedAt,
            openedBy: by,
            vehicle: own.vehicle,
          },
        },
      ]
    },
    status: whoRecords(201, 422),
  },
  'PUT /api/records/:id': {
    request: ({ by, own }) => {
      const record = recordOf(by, 'note', { text: 'x' })
      return ['PUT', `/api/records/${record.id}`, { case: own.id, record }]
    },
    status: whoRecords(201, 422),
  },
  'PUT /api/events/:id': {
    request: ({ by, own }) => {
      const event = recordOf(by, 'closed', { outcome: 'not-found', causes: [] })
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
    request: ({ by }) => ['PUT', `/api/photographs/${PICTURE.sha256}`, { by, ...PICTURE }],
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
    status: whoReads(404),
  },
  'POST /api/entries': {
    request: ({ by, own }) => {
      const record = recordOf(by, 'note', { text: 'x' })
      const entry = { kind: 'records', id: record.id, body: { case: own.id, record } }
      return ['POST', '/api/entries', { entries: [entry] }]
    },
    status: whoRecords(200, 200),
  },
  'GET /api/adapters': { request: () => ['GET', '/api/adapters'], status: whoReads(200) },
  'GET /api/people': { request: () => ['GET', '/api/people'], status: WHO_LEADS },
  'POST /api/people/:id/password': {
    request: () => ['POST', `/api/people/${uuidv7()}/password`],
    status: { ...WHO_LEADS, lead: 404, otherShop: 404 },
  },
  'PUT /api/session/password': {
    request: () => ['PUT', '/api/session/password', { present: 'wrong', next: 'x' }],
    status: whoReads(422),
  },
  'POST /api/session/second-factor': {
    request: () => ['POST', '/api/session/second-factor', { password: 'wrong' }],
    status: whoReads(422),
  },
  'PUT /api/session/second-factor': {
    request: () => ['PUT', '/api/session/second-factor', { code: '000000' }],
    status: whoReads(422),
  },
  'POST /api/session/second-factor-off': {
    request: () => ['POST', '/api/session/second-factor-off', { password: 'wrong' }],
    status: whoReads(422),
  },
  'ANY /api/**': {
    request: () => ['GET', '/api/no/such'],
    status: anybody(404),
  },
}
