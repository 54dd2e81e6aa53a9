import { beforeAll, describe, expect, it } from 'vitest'
import { oldestFirst } from '../../server/database/import'
import { Client, demoCase, makeCase, PEOPLE, putRecord, recordOf, sqlOf } from './client'

let oren: Client
let own: { id: string }
beforeAll(async () => {
  oren = await Client.signedIn('oren')
  own = await makeCase(oren, PEOPLE.oren)
})

const page = async (cursor: string) => (await oren.ask('GET', `/api/changes?${cursor}`)).body

/** The cursor of a device that has followed everything. */
async function followed() {
  for (let cursor = 'after=0'; ;) {
    const body = await page(cursor)
    if (!body.more) return { after: body.cursor as number, mark: body.mark as string }
    cursor = `after=${body.cursor}&mark=${body.mark}`
  }
}

describe('a cursor', () => {
  it('of this history goes on where it was', async () => {
    const { after, mark } = await followed()
    const record = recordOf(PEOPLE.oren, 'note', { text: 'next' })
    await putRecord(oren, own.id, record)
    const body = await page(`after=${after}&mark=${mark}`)
    expect(body.records.map((r: { record: { id: string } }) => r.record.id)).toEqual([record.id])
    expect([body.cursor, body.mark]).toEqual([after + 1, record.id])
    const nothing = await page(`after=${body.cursor}&mark=${body.mark}`)
    expect([nothing.records, nothing.cursor, nothing.mark]).toEqual([[], body.cursor, body.mark])
  })
  it('ahead of a database that was restored begins anew, so that nothing is missed', async () => {
    const start = await page('after=0')
    const { after } = await followed()
    const ahead = await page(`after=${after + 40}&mark=${own.id}`)
    expect([ahead.cursor, ahead.mark]).toEqual([start.cursor, start.mark])
  })
  it('whose number was given again after a restore begins anew', async () => {
    const start = await page('after=0')
    const { after } = await followed()
    const other = await page(`after=${after}&mark=0192f000-0000-7000-8000-00000000beef`)
    expect([other.cursor, other.mark]).toEqual([start.cursor, start.mark])
  })
  it('of a device of an earlier version, which knows no mark, goes on too', async () => {
    const { after } = await followed()
    expect((await page(`after=${after}`)).records).toEqual([])
  })
})

describe('a file that was exported before', () => {
  const file = () => JSON.parse(demoCase('01-minibus-radiator-seam.json')) as ExportedCase
  interface ExportedCase {
    exportedAt: string
    vehicle: { id: string; profile: object }
  }
  it('does not take back what was found out of the vehicle since', async () => {
    const sql = sqlOf()
    const first = file()
    await oren.ask('POST', '/api/cases/import', JSON.stringify(first))
    const profiles = () =>
      sql`select profile from vehicle_profiles where vehicle_id = ${first.vehicle.id} order by received_at`
    const before = (await profiles()).length
    const later = new Date(Date.now() + 60_000).toISOString()
    const found = { ...first.vehicle, profile: { ...first.vehicle.profile, cylinders: 6 } }
    const add = (vehicle: object, exportedAt: string) =>
      oren.ask('POST', '/api/cases/import', JSON.stringify({ ...first, vehicle, exportedAt }))
    expect((await add(found, later)).status).toBe(200)
    expect((await profiles()).length).toBe(before + 1)
    // The same older file again, and one of another shop that was exported before.
    await add(first.vehicle, later)
    const stale = { ...first.vehicle, profile: { cylinders: 8 } }
    expect((await add(stale, first.exportedAt)).status).toBe(200)
    const now = await profiles()
    expect([now.length, now.at(-1)!.profile.cylinders]).toEqual([before + 1, 6])
    await sql.end()
  })
  it('with a byte order mark is read', async () => {
    const { status } = await oren.ask(
      'POST',
      '/api/cases/import',
      `\uFEFF${demoCase('01-minibus-radiator-seam.json')}`,
    )
    expect(status).toBe(200)
  })
})

describe('the order in which a file’s records are taken', () => {
  it('has each after what it replaces and what it belongs to', () => {
    const items = [
      { id: 'reading', data: { run: 'start' }, supersedes: 'typo' },
      { id: 'typo', data: { run: 'start' } },
      { id: 'start', data: {}, supersedes: 'first-start' },
      { id: 'first-start', data: {} },
      { id: 'alone', data: {}, supersedes: 'not-in-the-file' },
    ]
    const order = oldestFirst(items).map(({ id }) => id)
    expect([...order].sort()).toEqual(items.map(({ id }) => id).sort())
    for (const { id, supersedes, data } of items)
      for (const before of [supersedes, (data as { run?: string }).run])
        if (before && order.includes(before))
          expect(order.indexOf(before)).toBeLessThan(order.indexOf(id))
  })
  it('is found for a chain of 50,000 corrections, backwards, in linear time', () => {
    const chain = Array.from({ length: 50_000 }, (_, i) => ({
      id: `${50_000 - i}`,
      data: {},
      supersedes: `${49_999 - i}`,
    }))
    const began = performance.now()
    const order = oldestFirst(chain)
    expect(performance.now() - began).toBeLessThan(2_000)
    expect(order[0]!.id).toBe('1')
    expect(order.length).toBe(50_000)
  })
  it('comes to an end where records replace each other in a circle', () => {
    const circle = [
      { id: 'a', data: {}, supersedes: 'b' },
      { id: 'b', data: {}, supersedes: 'a' },
    ]
    expect(oldestFirst(circle).length).toBe(2)
  })
})
