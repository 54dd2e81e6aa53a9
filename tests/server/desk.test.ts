import { uuidv7 } from 'uuidv7'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { DESK } from '#core'
import { Client, makeCase, other, PEOPLE, type Parsed, putRecord, recordOf, sqlOf } from './client'

let ilka: Client
let oren: Client
let valley: Client
const sql = sqlOf()

beforeAll(async () => {
  ;[ilka, oren, valley] = await Promise.all([
    Client.signedIn('ilka'),
    Client.signedIn('oren'),
    other(),
  ])
})
afterAll(() => sql.end())

const observedAt = '2026-11-20T10:00:00.000Z'
const get = async (client: Client, path: string): Promise<Parsed> => {
  const answer = await client.ask('GET', path)
  if (answer.status !== 200) throw new Error(`${path}: ${answer.status}`)
  return answer.body
}
const held = async (client: Client) => (await get(client, '/api/desk')).held as string[]
const event = (by: string, kind: string, data: object, extra: object = {}) => ({
  ...recordOf(by, kind, data),
  ...extra,
})
const putEvent = async (client: Client, caseId: string, item: { id: string }) => {
  const answer = await client.ask('PUT', `/api/events/${item.id}`, { case: caseId, event: item })
  if (answer.status !== 201) throw new Error(JSON.stringify(answer.body))
}
/** Closes a case and makes it long untouched. */
async function putAway(caseId: string) {
  await putEvent(oren, caseId, closing())
  await sql`update case_index set touched_at = now() - interval '1 day' * ${DESK.recentDays + 1} where case_id = ${caseId}`
}
const closing = () => event(PEOPLE.oren, 'closed', { outcome: 'cause-confirmed', causes: [] })

/** A case of a vehicle with a name of its own. */
async function named(said: { name: string; plate?: string; model?: string; bay?: string }) {
  const { bay, ...vehicle } = said
  const [vehicleId, id] = [uuidv7(), uuidv7()]
  const by = PEOPLE.ilka
  await ilka.ask('PUT', `/api/vehicles/${vehicleId}`, {
    by,
    observedAt,
    vehicle: { id: vehicleId, ...vehicle },
  })
  const header = {
    id,
    complaint: 'overheats',
    title: 'on the pass',
    openedAt: observedAt,
    openedBy: by,
    vehicle: vehicleId,
    ...(bay ? { bay } : {}),
  }
  await ilka.ask('PUT', `/api/cases/${id}`, { by, observedAt, case: header })
  return { id, vehicle: vehicleId }
}

async function describeSystem(vehicle: string, profile: object) {
  const id = uuidv7()
  const body = { id, vehicle, profile, by: PEOPLE.ilka, observedAt }
  const answer = await ilka.ask('PUT', `/api/profiles/${id}`, body)
  if (answer.status !== 201) throw new Error(JSON.stringify(answer.body))
}

describe('what a device begins with', () => {
  it('holds open cases, everybody, and a cursor from which nothing is missed', async () => {
    const { id } = await makeCase(ilka, PEOPLE.ilka)
    const desk = await get(ilka, '/api/desk')
    expect(desk.held).toContain(id)
    expect(desk.people.map((p: Parsed) => p.id)).toEqual(
      expect.arrayContaining([PEOPLE.ilka, PEOPLE.oren]),
    )
    const record = recordOf(PEOPLE.ilka, 'note', { text: 'after the desk was asked for' })
    await putRecord(ilka, id, record)
    const page = await get(ilka, `/api/changes?after=${desk.cursor}&mark=${desk.mark}`)
    expect(page.records.map((r: Parsed) => r.record.id)).toEqual([record.id])
    expect(page.behind).toBe(0)
  })
  it('holds a closed case while it is recent, and not when it was long left alone', async () => {
    const { id } = await makeCase(ilka, PEOPLE.ilka)
    await putEvent(oren, id, closing())
    expect(await held(ilka)).toContain(id)
    await sql`update case_index set touched_at = now() - interval '1 day' * ${DESK.recentDays + 1} where case_id = ${id}`
    expect(await held(ilka)).not.toContain(id)
    await putRecord(ilka, id, recordOf(PEOPLE.ilka, 'note', { text: 'it is back' }))
    expect(await held(ilka)).toContain(id)
  })
  it('holds an old case that is open again, by a withdrawal or by being reopened', async () => {
    const [a, b] = [await makeCase(ilka, PEOPLE.ilka), await makeCase(ilka, PEOPLE.ilka)]
    const end = closing()
    await putEvent(oren, a.id, end)
    await putAway(b.id)
    await putEvent(oren, a.id, event(PEOPLE.oren, 'withdrawn', {}, { supersedes: end.id }))
    await putEvent(oren, b.id, event(PEOPLE.oren, 'reopened', { why: 'lost again' }))
    const rows =
      await sql`select case_id, is_open from case_index where case_id in (${a.id}, ${b.id})`
    expect(rows.map((row) => row.is_open)).toEqual([true, true])
  })
  it('tells of no other shop', async () => {
    const { id } = await makeCase(ilka, PEOPLE.ilka)
    const theirs = await get(valley, '/api/desk')
    expect(theirs.held).not.toContain(id)
    // The front desk stands in no file that another shop takes in.
    expect(theirs.people.map((p: Parsed) => p.id)).not.toContain(PEOPLE.desk)
  })
  it('says how far behind a device is', async () => {
    const before = (await get(ilka, '/api/desk')).cursor
    const { id } = await makeCase(ilka, PEOPLE.ilka)
    await putRecord(ilka, id, recordOf(PEOPLE.ilka, 'note', { text: 'one more' }))
    const [shop] =
      await sql`select change_seq from shops s join cases c on c.shop_id = s.id where c.id = ${id}`
    const page = await get(ilka, '/api/changes?after=0')
    expect(page.cursor + page.behind).toBe(Number(shop.change_seq))
    expect(Number(shop.change_seq) - before).toBe(3)
  })
})

describe('rows of cases', () => {
  it('are all that the case’s file holds, with the newest profile of its vehicle', async () => {
    const { id, vehicle } = await named({ name: 'Valley bus 11' })
    for (const fan of ['electric-relay', 'viscous-clutch']) await describeSystem(vehicle, { fan })
    const record = recordOf(PEOPLE.ilka, 'note', { text: 'seen' })
    await putRecord(ilka, id, record)
    const rows = await get(ilka, `/api/rows?cases=${id}`)
    expect(rows.cases.map((c: Parsed) => c.id)).toEqual([id])
    expect(rows.vehicles.map((v: Parsed) => v.name)).toEqual(['Valley bus 11'])
    expect(rows.profiles.map((p: Parsed) => p.profile)).toEqual([{ fan: 'viscous-clutch' }])
    expect(rows.records.map((r: Parsed) => r.record.id)).toEqual([record.id])
    const file = (await ilka.ask('GET', `/api/cases/${id}/export`)).body
    expect(file.vehicle.profile).toEqual({ fan: 'viscous-clutch' })
    expect(file.records.map((r: Parsed) => r.id)).toEqual([record.id])
  })
  it('of another shop, or of none, are none', async () => {
    const { id } = await makeCase(ilka, PEOPLE.ilka)
    const rows = await get(valley, `/api/rows?cases=${id},${uuidv7()}`)
    for (const kind of ['cases', 'vehicles', 'profiles', 'records', 'events'])
      expect(rows[kind]).toEqual([])
  })
  it.each(['', '?cases=', '?cases=x', `?cases=${Array.from({ length: 26 }, uuidv7).join()}`])(
    'are refused for %s',
    async (asked) => {
      const answer = await ilka.ask('GET', `/api/rows${asked}`)
      expect([answer.status, answer.body.error.path]).toEqual([422, 'cases'])
    },
  )
})

describe('searching the shop', () => {
  const found = async (client: Client, asked: string) =>
    (await get(client, `/api/cases?${asked}`)).cases.map((c: Parsed) => c.case.id) as string[]

  it('finds a case by any of its words, in any order and size of letters', async () => {
    const { id } = await named({
      name: 'Quarry Hauler',
      plate: 'ZQ 81',
      model: 'Torrin H',
      bay: 'Pit 9',
    })
    for (const text of ['quarry', 'HAULER zq', 'zq 81', 'torrin pass', 'pit', 'arry'])
      expect(await found(ilka, `text=${encodeURIComponent(text)}`)).toContain(id)
    expect(await found(ilka, 'text=quarry%20bus')).not.toContain(id)
    expect(await found(valley, 'text=quarry')).toEqual([])
  })
  it('takes the signs of a pattern for what they are', async () => {
    const { id } = await named({ name: 'Load 100% \\ tonne_truck' })
    expect(await found(ilka, `text=${encodeURIComponent('100%')}`)).toEqual([id])
    expect(await found(ilka, `text=${encodeURIComponent('e_tru')}`)).toEqual([id])
    expect(await found(ilka, `text=${encodeURIComponent('\\ tonne_')}`)).toEqual([id])
    expect(await found(ilka, `text=${encodeURIComponent('%_ton')}`)).toEqual([])
  })
  it('narrows by complaint, bay, person and whether it is open', async () => {
    const a = await named({ name: 'Ferry tug', bay: 'Quay' })
    const b = await named({ name: 'Ferry tug', bay: 'Shed' })
    await putRecord(oren, a.id, recordOf(PEOPLE.oren, 'note', { text: 'mine too' }))
    await putAway(b.id)
    const tug = (more: string) => found(ilka, `text=ferry%20tug&${more}`)
    expect(await tug('bay=QUAY')).toEqual([a.id])
    expect(await tug('open=yes')).toEqual([a.id])
    expect(await tug('open=no')).toEqual([b.id])
    expect(await tug('complaint=no-heat')).toEqual([])
    expect(await tug('complaint=overheats')).toEqual([a.id, b.id])
    expect(await tug(`person=${PEOPLE.mave}`)).toEqual([])
    expect(await tug(`person=${PEOPLE.ilka}`)).toEqual([a.id, b.id])
    // He wrote in the one, and closed the other.
    expect(await tug(`person=${PEOPLE.oren}&open=yes`)).toEqual([a.id])
  })
  it('goes page by page over what was touched at one moment, each once', async () => {
    const made = new Set<string>()
    for (let i = 0; i < 27; i++) made.add((await named({ name: 'Convoy lorry' })).id)
    await sql`update case_index set touched_at = '2026-11-25T08:00:00Z' where words like '%convoy lorry%'`
    const first = await get(ilka, '/api/cases?text=convoy')
    const last = first.cases.at(-1)
    const second = await get(
      ilka,
      `/api/cases?text=convoy&touchedBefore=${last.touchedAt}&idBefore=${last.case.id}`,
    )
    expect([first.cases.length, first.more, second.cases.length, second.more]).toEqual([
      25,
      true,
      2,
      false,
    ])
    const ids = [...first.cases, ...second.cases].map((c: Parsed) => c.case.id)
    expect(new Set(ids)).toEqual(made)
  })
  it('finds a case that was imported, as old as it is', async () => {
    await putAway((await named({ name: 'Glider winch' })).id)
    expect(await found(ilka, 'text=glider&open=no')).toHaveLength(1)
  })
  it('finds vehicles with their system, for a new complaint', async () => {
    const { vehicle } = await named({ name: 'Snow blower 2', plate: 'SB 2' })
    const profile = { fan: 'viscous-clutch' }
    await describeSystem(vehicle, profile)
    const rows = await get(ilka, '/api/vehicles?text=blower%20sb')
    expect(rows.vehicles.map((v: Parsed) => v.id)).toEqual([vehicle])
    expect(rows.profiles.map((p: Parsed) => p.profile)).toEqual([profile])
    expect((await get(valley, '/api/vehicles?text=blower')).vehicles).toEqual([])
  })
  it('finds a long word anywhere, a short one where a word begins, and signs as they are', async () => {
    const { id } = await named({ name: 'Cable crane S-8', plate: 'CCR (7)' })
    const open = (text: string) => found(ilka, `open=yes&text=${encodeURIComponent(text)}`)
    for (const text of ['rane 8', 'able ccr', 'rane s-', 'rane s-8', 'rane (7', 'rane 7', 'rane %'])
      expect([text, await open(text)]).toEqual([text, [id]])
    for (const text of ['rane le', 'rane s.8', 'rane 7_', 'rane_'])
      expect([text, await open(text)]).toEqual([text, []])
  })
  it.each(['complaint=rattles', 'person=ilka', 'open=perhaps', `text=${'x'.repeat(81)}`])(
    'refuses %s in words',
    async (asked) => {
      const answer = await ilka.ask('GET', `/api/cases?${asked}`)
      expect([answer.status, answer.body.error.path]).toEqual([422, asked.split('=')[0]])
    },
  )
})
