import { uuidv7 } from 'uuidv7'
import { beforeAll, describe, expect, it } from 'vitest'
import { Client, makeCase, PEOPLE, putRecord, recordOf } from './client'

let ilka: Client
let own: { vehicle: string; id: string }

beforeAll(async () => {
  ilka = await Client.signedIn('ilka')
  own = await makeCase(ilka, PEOPLE.ilka)
})

const note = (text: string, more: object = {}) => ({
  ...recordOf(PEOPLE.ilka, 'note', { text }),
  ...more,
})
const exported = async (id: string) =>
  (await ilka.ask('GET', `/api/cases/${own.id}/export`)).body.records.find(
    (record: { id: string }) => record.id === id,
  )

/** Milliseconds of a clock that is off by a century. */
const CENTURY_MS = 100 * 365.25 * 86_400_000

describe('an entry that no database could hold', () => {
  it.each([
    ['a null character', 'seam\0wet', 'seamwet'],
    ['half a pair of surrogates', 'seam \ud83d wet', 'seam  wet'],
    ['the other half', '\udee0seam', 'seam'],
  ])('with %s in its text is kept without it', async (_, typed, kept) => {
    const record = note(typed)
    expect((await putRecord(ilka, own.id, record)).status).toBe(201)
    expect((await putRecord(ilka, own.id, record)).status).toBe(200)
    expect((await exported(record.id)).data.text).toBe(kept)
  })
  it('with such signs in a field of a vehicle is kept without them', async () => {
    const id = uuidv7()
    const { status } = await ilka.ask('PUT', `/api/vehicles/${id}`, {
      by: PEOPLE.ilka,
      observedAt: '2026-11-20T10:00:00.000Z',
      vehicle: { id, name: 'Bus\0 4', plate: '\ud83d7' },
    })
    expect(status).toBe(201)
  })
  it('is taken with any clock, months or centuries off, and says so', async () => {
    for (const clockOffsetMs of [2 ** 31, -(2 ** 31) - 1, CENTURY_MS, -CENTURY_MS]) {
      const record = note('any clock', { clockOffsetMs })
      expect((await putRecord(ilka, own.id, record as never)).status).toBe(201)
      expect((await exported(record.id)).clockOffsetMs).toBe(clockOffsetMs)
    }
  })
  it('a vehicle and a case of a clock that is centuries off are taken too', async () => {
    const [vehicle, id] = [uuidv7(), uuidv7()]
    const stamp = {
      by: PEOPLE.ilka,
      observedAt: '1970-01-02T10:00:00.000Z',
      clockOffsetMs: CENTURY_MS,
    }
    const put = (path: string, body: object) => ilka.ask('PUT', path, { ...stamp, ...body })
    expect(
      (await put(`/api/vehicles/${vehicle}`, { vehicle: { id: vehicle, name: 'Bus' } })).status,
    ).toBe(201)
    const header = {
      id,
      complaint: 'coolant-loss',
      title: 'Loses',
      vehicle,
      openedAt: stamp.observedAt,
      openedBy: PEOPLE.ilka,
    }
    expect((await put(`/api/cases/${id}`, { case: header })).status).toBe(201)
    expect((await ilka.ask('GET', `/api/cases/${id}/export`)).body.case.openedAt).toBe(
      stamp.observedAt,
    )
  })
  it('from a year that is none is refused with the field, and can be sent anew with another', async () => {
    const record = note('year 0', { observedAt: '0000-01-01T00:00:00.000Z' })
    const { status, body } = await putRecord(ilka, own.id, record)
    expect([status, body.error.path]).toEqual([422, 'record.observedAt'])
    expect(body.error.sentence).toContain('year')
    const mended = { ...record, observedAt: '2026-11-20T10:00:00.000Z' }
    expect((await putRecord(ilka, own.id, mended)).status).toBe(201)
  })
  it('is received when the server receives it, whatever it says of that', async () => {
    const before = Date.now()
    const record = note('received', { receivedAt: '2031-01-01T00:00:00.000Z' })
    expect((await putRecord(ilka, own.id, record)).status).toBe(201)
    const at = Date.parse((await exported(record.id)).receivedAt)
    expect(at).toBeGreaterThanOrEqual(before - 2000)
    expect(at).toBeLessThanOrEqual(Date.now() + 2000)
  })
  it('received in the year 0 is refused with the field', async () => {
    const record = note('year 0', { receivedAt: '0000-01-01T00:00:00.000Z' })
    const { status, body } = await putRecord(ilka, own.id, record)
    expect([status, body.error.path]).toEqual([422, 'record.receivedAt'])
  })
})
