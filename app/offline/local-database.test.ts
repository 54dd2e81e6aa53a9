import 'fake-indexeddb/auto'
import Dexie from 'dexie'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { LocalDatabase } from './local-database'

const old = { typed: '100', value: 100, unit: 'kPa', si: 100 }
const now = { typed: '100', value: 100, unit: 'kPa', coreValue: 100 }
const record = (data: object) => ({ id: 'r', by: 'p', kind: 'cap.test', data })
const said = (pressure: object, seals: string) => ({ opening: pressure, seals })

/** What a device holds that was last used under an earlier version: rows as that version wrote them. */
async function asLeftThen(name: string) {
  const then = new Dexie(name)
  then.version(1).stores({
    people: 'id',
    vehicles: 'id',
    profiles: 'id, vehicle',
    instruments: 'id',
    cases: 'id',
    records: 'id, case',
    events: 'id, case',
    outbox: '++order, id, state',
    meta: 'key',
  })
  await then.open()
  await then.table('records').put({ id: 'r', case: 'c', record: record(said(old, 'not-looked')) })
  await then
    .table('events')
    .put({ id: 'e', case: 'c', event: { kind: 'drained', data: { x: old } } })
  await then.table('profiles').put({ id: 'p', vehicle: 'v', profile: { fan: 'unknown' } })
  await then.table('instruments').put({ id: 'i', name: 'unknown', offsetSi: 'unknown' })
  const waits = { by: 'p', at: 'now' }
  await then.table('outbox').bulkAdd([
    {
      ...waits,
      id: 'r2',
      entity: 'records',
      state: 'kept',
      body: { case: 'c', record: record(said(old, 'not-looked')) },
    },
    {
      ...waits,
      id: 'i2',
      entity: 'instruments',
      state: 'refused',
      body: { instrument: { id: 'i2', offsetSi: 3 } },
    },
    {
      ...waits,
      id: 'p2',
      entity: 'profiles',
      state: 'kept',
      body: { id: 'p2', profile: { vessel: 'unknown' } },
    },
    {
      ...waits,
      id: 'h',
      entity: 'photographs',
      state: 'kept',
      body: { sha256: 'h', base64: 'unknown' },
    },
  ])
  then.close()
}

describe('a device that was last used under an earlier version', () => {
  let local: LocalDatabase
  beforeAll(async () => {
    await asLeftThen('thermognosis-someone')
    local = new LocalDatabase('someone')
  })
  afterAll(() => local.close())

  it('shows its copy of the shop in today’s words', async () => {
    expect((await local.records.get('r'))?.record).toEqual(record(said(now, 'not-known')))
    expect((await local.events.get('e'))?.event.data).toEqual({ x: now })
    expect((await local.profiles.get('p'))?.profile).toEqual({ fan: 'not-known' })
    expect(await local.instruments.get('i')).toEqual({
      id: 'i',
      name: 'unknown',
      offsetInCoreUnit: 'not-known',
    })
  })

  it('has lost nothing that waits to be sent, in its order', async () => {
    const waiting = await local.outbox.orderBy('order').toArray()
    expect(waiting.map((item) => [item.id, item.state])).toEqual([
      ['r2', 'kept'],
      ['i2', 'refused'],
      ['p2', 'kept'],
      ['h', 'kept'],
    ])
    expect(waiting.map((item) => item.body)).toEqual([
      { case: 'c', record: record(said(now, 'not-known')) },
      { instrument: { id: 'i2', offsetInCoreUnit: 3 } },
      { id: 'p2', profile: { vessel: 'not-known' } },
      { sha256: 'h', base64: 'unknown' },
    ])
  })

  it('changes nothing of what it holds by reading it', async () => {
    local.close()
    const raw = new Dexie('thermognosis-someone')
    await raw.open()
    const row = (await raw.table('records').get('r')) as { record: { data: object } }
    expect(row.record.data).toEqual(said(old, 'not-looked'))
    raw.close()
  })

  it('gives back nothing for what is not there', async () => {
    local = new LocalDatabase('nobody')
    expect(await local.records.get('r')).toBeUndefined()
  })
})
