import { readFileSync } from 'node:fs'
import { uuidv7 } from 'uuidv7'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { Client, kPa, makeCase, type Parsed, PEOPLE, putRecord, recordOf, sqlOf } from './client'

/** A self-check of the tester as version 1 of the case format said it, and as it is said today. */
const oldPressure = (value: number, extra: object = {}) => ({
  typed: `${value}`,
  value,
  unit: 'kPa',
  si: value,
  ...extra,
})
const rest = { durationSeconds: 60, resolutionKPa: 1 }
const inOldWords = (end: number) => ({
  startPressure: oldPressure(100),
  endPressure: oldPressure(end),
  ...rest,
})
const inTodaysWords = (end: number) => ({ startPressure: kPa(100), endPressure: kPa(end), ...rest })
const SELF_CHECK = 'tester-self-check.test'

let ilka: Client
let own: { vehicle: string; id: string }
const sql = sqlOf()
/** Everything the shop has, as a browser catches up with it. */
async function everything() {
  const all: Record<string, Parsed[]> = {}
  for (let after = 0; ;) {
    const { body } = await ilka.ask('GET', `/api/changes?after=${after}`)
    for (const [kind, rows] of Object.entries(body as object))
      if (Array.isArray(rows)) all[kind] = [...(all[kind] ?? []), ...(rows as Parsed[])]
    if (!body.more) return all
    after = body.cursor
  }
}
/** Writes over what stands in the database, as if an earlier version had put it there. */
const asWrittenThen = (id: string, data: object) =>
  sql`update records set data = ${data}, content_hash = 'of other words' where id = ${id}`

beforeAll(async () => {
  ilka = await Client.signedIn('ilka')
  own = await makeCase(ilka, PEOPLE.ilka)
})
afterAll(() => sql.end())

describe('what version 1 wrote', () => {
  it('is taken from a device that still says it so, and is given out in today’s words', async () => {
    const record = recordOf(PEOPLE.ilka, SELF_CHECK, inOldWords(99))
    expect((await putRecord(ilka, own.id, record)).status).toBe(201)
    const { records } = await everything()
    const back = records!.find((r) => r.record.id === record.id)
    expect(back.record.data).toEqual(inTodaysWords(99))
    const [row] = await sql`select core_value from quantities where record_id = ${record.id}`
    expect(row!.core_value).toBe(100)
  })

  it('stays in the database as it was written, and is given out in today’s words', async () => {
    const record = recordOf(PEOPLE.ilka, SELF_CHECK, inTodaysWords(98))
    await putRecord(ilka, own.id, record)
    await asWrittenThen(record.id, inOldWords(98))
    const { records } = await everything()
    expect(records!.find((r) => r.record.id === record.id).record.data).toEqual(inTodaysWords(98))
    const exported = (await ilka.ask('GET', `/api/cases/${own.id}/export`)).body
    expect(exported.version).toBe(2)
    expect(exported.records.find((r: Parsed) => r.id === record.id).data).toEqual(inTodaysWords(98))
    const [row] = await sql`select data from records where id = ${record.id}`
    expect(row!.data).toEqual(inOldWords(98))
  })

  it('and is sent again in either words is the same entry; with another reading it is not', async () => {
    const record = recordOf(PEOPLE.ilka, SELF_CHECK, inTodaysWords(97))
    await putRecord(ilka, own.id, record)
    await asWrittenThen(record.id, inOldWords(97))
    expect((await putRecord(ilka, own.id, record)).status).toBe(200)
    const old = { ...record, data: inOldWords(97) }
    expect((await putRecord(ilka, own.id, old)).status).toBe(200)
    const other = { ...record, data: inTodaysWords(96) }
    expect((await putRecord(ilka, own.id, other)).status).toBe(409)
    const later = { ...record, observedAt: '2026-11-20T10:00:01.000Z' }
    expect((await putRecord(ilka, own.id, later)).status).toBe(409)
  })

  it('of a profile and an instrument is given out in today’s words', async () => {
    const profile = { thermostatSide: 'unknown', figuresFrom: 'unknown' }
    const profileId = uuidv7()
    const sent = { by: PEOPLE.ilka, observedAt: '2026-11-20T10:00:00.000Z' }
    const put = await ilka.ask('PUT', `/api/profiles/${profileId}`, {
      ...sent,
      id: profileId,
      vehicle: own.vehicle,
      profile,
    })
    expect(put.status).toBe(201)
    await sql`update vehicle_profiles set profile = ${profile} where id = ${profileId}`
    const instrument = {
      id: uuidv7(),
      kind: 'pressure-tester',
      name: 'Old dial',
      offsetSi: 'unknown',
      resolutionSi: 2,
    }
    expect(
      (await ilka.ask('PUT', `/api/instruments/${instrument.id}`, { ...sent, instrument })).status,
    ).toBe(201)
    await sql`update instruments set body = ${instrument} where id = ${instrument.id}`
    const all = await everything()
    expect(all.profiles!.find((p) => p.id === profileId).profile).toEqual({
      thermostatSide: 'not-known',
      figuresFrom: 'unknown',
    })
    expect(all.instruments!.find((i) => i.id === instrument.id)).toMatchObject({
      id: instrument.id,
      kind: 'pressure-tester',
      name: 'Old dial',
      offsetInCoreUnit: 'not-known',
      resolutionInCoreUnit: 2,
    })
  })

  it('in a file is imported, and the same case in today’s words is then here already', async () => {
    const name = '13-lift-van-fan-relay.json'
    const old = await ilka.ask(
      'POST',
      '/api/cases/import',
      readFileSync(`core/record/old-files/version-1-${name}`, 'utf8'),
    )
    expect(old.status).toBe(200)
    const now = await ilka.ask(
      'POST',
      '/api/cases/import',
      readFileSync(`data/demo/cases/${name}`, 'utf8'),
    )
    expect(now.body).toMatchObject({ case: old.body.case, added: 0 })
  })
})
