import 'fake-indexeddb/auto'
import Dexie from 'dexie'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { LocalDatabase } from './database'
import { isInLine, isWaiting, type Told } from './entries'

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
  await then.table('meta').put({ key: 'cursor', value: 41 })
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
      reason: 'Too many.',
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

  const rowOf = async (id: string) => ((await local.entries.get(id)) as Told | undefined)?.row

  it('shows its copy of the shop in today’s words', async () => {
    expect(await rowOf('r')).toEqual({
      id: 'r',
      case: 'c',
      record: record(said(now, 'not-known')),
    })
    expect(await rowOf('e')).toMatchObject({ event: { data: { x: now } } })
    expect(await rowOf('p')).toMatchObject({ profile: { fan: 'not-known' } })
    expect(await rowOf('i')).toEqual({
      id: 'i',
      name: 'unknown',
      offsetInCoreUnit: 'not-known',
    })
  })

  it('has lost nothing that waits to be sent, in its order, and knows what was set aside', async () => {
    const waiting = (await local.entries.orderBy('change').toArray()).filter(isWaiting)
    expect(waiting.map((item) => [item.id, item.kind, isInLine(item), item.reason])).toEqual([
      ['r2', 'records', true, undefined],
      ['i2', 'instruments', false, 'Too many.'],
      ['p2', 'profiles', true, undefined],
      ['h', 'photographs', true, undefined],
    ])
    expect(waiting.map((item) => item.body)).toEqual([
      { case: 'c', record: record(said(now, 'not-known')) },
      { instrument: { id: 'i2', offsetInCoreUnit: 3 } },
      { id: 'p2', profile: { vessel: 'not-known' } },
      { sha256: 'h', base64: 'unknown' },
    ])
  })

  it('holds it in the words it was written in, before and after it is read', async () => {
    local.close()
    const raw = new Dexie('thermognosis-someone')
    await raw.open()
    const { row } = (await raw.table('entries').get('r')) as { row: { record: { data: object } } }
    expect(row.record.data).toEqual(said(old, 'not-looked'))
    expect(raw.tables.map(({ name }) => name).sort()).toEqual([
      'entries',
      'held',
      'meta',
      'results',
    ])
    raw.close()
  })

  it('goes on numbering changes after those it has', async () => {
    local = new LocalDatabase('someone')
    const last = (await local.entries.orderBy('change').last())!.change
    expect(await local.change((next) => Promise.resolve(next()))).toBe(last + 1)
    expect(await local.number('cursor')).toBe(41)
    local.close()
  })

  it('gives back nothing for what is not there', async () => {
    local = new LocalDatabase('nobody')
    expect(await local.entries.get('r')).toBeUndefined()
  })
})
