import { readdirSync, readFileSync } from 'node:fs'
import { uuidv7 } from 'uuidv7'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import {
  BASE,
  Client,
  demoCase,
  makeCase,
  other,
  type Parsed,
  PEOPLE,
  putRecord,
  recordOf,
  sqlOf,
} from './client'

let valley: Client
const sql = sqlOf()

beforeAll(async () => {
  valley = await other()
})
afterAll(() => sql.end())

/** Every case that a device is told of, page after page. */
async function casesOf(client: Client) {
  const cases: { id: string; attachments?: unknown }[] = []
  for (let after = 0; ;) {
    const { body } = await client.ask('GET', `/api/changes?after=${after}`)
    cases.push(...body.cases)
    if (!body.more) return cases
    after = body.cursor
  }
}

describe('import and export', () => {
  /** A file without what tells of its way and not of the case. */
  const normal = ({ exportedAt: _, writtenBy: __, shop: ___, ...file }: Parsed) => {
    const bare = ({ receivedAt: _, imported: __, ...entry }: Parsed) => entry
    return { ...file, records: file.records.map(bare), events: file.events.map(bare) }
  }
  it('a case comes back the same from this shop, and from another shop after export', async () => {
    const original = newCase(() => {}, '05-minibus-second-leak.json')
    original.attachments = [
      {
        sha256: 'a'.repeat(64),
        bytes: 81234,
        mediaType: 'image/jpeg',
        name: 'hose.jpg',
        record: original.records[0].id,
      },
    ]
    const text = JSON.stringify(original)
    const oren = await Client.signedIn('oren')
    expect((await oren.ask('POST', '/api/cases/import', text)).body.added).toBeGreaterThan(20)
    const first = (await oren.ask('GET', `/api/cases/${original.case.id}/export`)).body
    // Oren, who took it in, recorded in it too.
    expect(normal(first)).toEqual(normal(original))
    const cases = await casesOf(oren)
    expect(cases.find((c) => c.id === original.case.id)!.attachments).toEqual(original.attachments)
    const there = await valley.ask('POST', '/api/cases/import', JSON.stringify(first))
    expect(there.status).toBe(200)
    const second = (await valley.ask('GET', `/api/cases/${original.case.id}/export`)).body
    expect(normal(second)).toEqual({ ...normal(original), people: expect.anything() })
    const added = second.people.filter(
      ({ id }: Parsed) => !first.people.some((known: Parsed) => known.id === id),
    )
    expect(added.map(({ id }: Parsed) => id)).toEqual([second.records[0].imported.by])
  })
  it('taken in twice changes nothing; with other content it is refused whole', async () => {
    const oren = await Client.signedIn('oren')
    const text = demoCase('03-rescue-coolant-to-cylinder.json')
    await oren.ask('POST', '/api/cases/import', text)
    expect((await oren.ask('POST', '/api/cases/import', text)).body.added).toBe(0)
    const changed = JSON.parse(text)
    changed.records.find((r: { kind: string }) => r.kind === 'interview.answer').data.answer =
      'not-known'
    const extra = { ...changed.records[0], id: uuidv7() }
    changed.records.push(extra)
    const answer = await oren.ask('POST', '/api/cases/import', JSON.stringify(changed))
    expect(answer.status).toBe(409)
    expect((await sql`select 1 from records where id = ${extra.id}`).length).toBe(0)
  })
  it.each([
    ['truncated', () => demoCase('01-minibus-radiator-seam.json').slice(0, 9000), 422, /cut short/],
    [
      'of a later version',
      () => demoCase('01-minibus-radiator-seam.json').replace('"version": 2,', '"version": 7,'),
      422,
      /version 7/,
    ],
    ['no JSON', () => 'GIF89a', 422, /cannot be read/],
    [
      '50 MB',
      () => `{"format":"thermognosis-case","x":"${'a'.repeat(50 * 1024 * 1024)}"}`,
      413,
      /too large/,
    ],
  ])(
    'a file that is %s gets one sentence, and the server keeps answering',
    async (_, text, status, says) => {
      const oren = await Client.signedIn('oren')
      const answer = await oren.ask('POST', '/api/cases/import', text())
      expect(answer.status).toBe(status)
      expect(answer.body.error.sentence).toMatch(says)
      expect((await oren.ask('GET', '/api/health')).body.ok).toBe(true)
    },
  )
})

/** A file of demo data under ids of its own, as another shop might have it. */
function newCase(
  change: (file: Parsed) => void = () => {},
  name = '01-minibus-radiator-seam.json',
): Parsed {
  const file = JSON.parse(demoCase(name))
  const renamed = new Map<string, string>(
    [file.case, file.vehicle, ...file.records, ...file.events].map(({ id }) => [id, uuidv7()]),
  )
  const text = JSON.stringify(file).replace(/[0-9a-f-]{36}/g, (id) => renamed.get(id) ?? id)
  const own = JSON.parse(text)
  change(own)
  return own
}

describe('where an entry comes from', () => {
  it('is told by the server: who took it in, from which shop’s file, and when', async () => {
    const oren = await Client.signedIn('oren')
    const file = newCase((own) => {
      own.shop = { name: 'Valley Line' }
      for (const record of own.records) record.receivedAt = '2031-01-01T00:00:00.000Z'
    })
    const before = Date.now()
    expect((await oren.ask('POST', '/api/cases/import', file)).status).toBe(200)
    const back = (await oren.ask('GET', `/api/cases/${file.case.id}/export`)).body
    for (const entry of [...back.records, ...back.events]) {
      expect(entry.imported).toEqual({ by: PEOPLE.oren, shop: 'Valley Line' })
      expect(Date.parse(entry.receivedAt)).toBeGreaterThanOrEqual(before - 1_000)
      expect(Date.parse(entry.receivedAt)).toBeLessThan(Date.now() + 60_000)
    }
    expect(back.people.map(({ id }: Parsed) => id)).toContain(PEOPLE.oren)
    const { body } = await oren.ask('GET', `/api/rows?cases=${file.case.id}`)
    for (const row of [...body.cases, ...body.vehicles, ...body.profiles])
      expect(row.written.imported, row.id).toEqual({ by: PEOPLE.oren, shop: 'Valley Line' })
  })
  it('is told of the last way only: the next shop tells its own', async () => {
    const [oren, file] = [await Client.signedIn('oren'), newCase()]
    await oren.ask('POST', '/api/cases/import', file)
    const first = (await oren.ask('GET', `/api/cases/${file.case.id}/export`)).body
    expect(first.records[0].imported).toEqual({ by: PEOPLE.oren })
    await valley.ask('POST', '/api/cases/import', first)
    const second = (await valley.ask('GET', `/api/cases/${file.case.id}/export`)).body
    expect(second.records[0].imported.shop).toBe(first.shop.name)
    expect(second.records[0].imported.by).not.toBe(PEOPLE.oren)
  })
  it('is not told by who sends it', async () => {
    const oren = await Client.signedIn('oren')
    const own = await makeCase(oren, PEOPLE.oren)
    const record = recordOf(
      PEOPLE.oren,
      'note',
      { text: 'mine' },
      { imported: { by: PEOPLE.mave } },
    )
    expect((await putRecord(oren, own.id, record)).status).toBe(201)
    const { records } = (await oren.ask('GET', `/api/cases/${own.id}/export`)).body
    expect(records.find(({ id }: Parsed) => id === record.id).imported).toBeUndefined()
  })
})

describe('a look at what a file would change', () => {
  const look = async (file: Parsed) =>
    (await (await Client.signedIn('oren')).ask('POST', '/api/cases/import?try=yes', file)).body
  it('tells of a case that is new, and keeps nothing', async () => {
    const file = newCase()
    const changes = await look(file)
    expect(changes).toMatchObject({
      isNewCase: true,
      isNewVehicle: true,
      records: file.records.length,
      events: file.events.length,
      profileFields: [],
      isOlderProfile: false,
    })
    const kept = await sql`select 1 from cases where id = ${file.case.id}`
    const seen = await sql`select 1 from audit where subject_id = ${file.case.id}`
    expect([kept.length, seen.length]).toEqual([0, 0])
  })
  it('tells the same as is done afterwards, and of what is here already nothing', async () => {
    const oren = await Client.signedIn('oren')
    const file = newCase()
    const changes = await look(file)
    expect((await oren.ask('POST', '/api/cases/import', file)).body).toEqual(changes)
    const more = { ...file, records: [...file.records] }
    more.records.push(recordOf(file.people[0].id, 'note', { text: 'later' }))
    expect(await look(more)).toMatchObject({
      isNewCase: false,
      isNewVehicle: false,
      records: 1,
      added: 1,
    })
    expect(await look(file)).toMatchObject({ added: 0, already: changes.added + changes.already })
  })
  it('names what it would say otherwise of the vehicle’s system, unless it is older', async () => {
    const oren = await Client.signedIn('oren')
    const file = newCase()
    await oren.ask('POST', '/api/cases/import', file)
    const profile = { ...file.vehicle.profile, cylinders: 12, fanOnC: 97.5 }
    const other = { ...file, vehicle: { ...file.vehicle, profile } }
    const later = new Date(Date.now() + 60_000).toISOString()
    const changes = await look({ ...other, exportedAt: later })
    expect(changes.profileFields.toSorted()).toEqual(['cylinders', 'fanOnC'])
    expect(await look(other)).toMatchObject({ profileFields: [], isOlderProfile: true })
  })
  it('refuses what the import would refuse', async () => {
    const oren = await Client.signedIn('oren')
    const file = newCase()
    await oren.ask('POST', '/api/cases/import', file)
    file.records.find(({ kind }: Parsed) => kind === 'interview.answer').data.answer = 'not-known'
    expect((await look(file)).error.code).toBe('conflict')
  })
})

describe('an import that is watched', () => {
  const LINES = { accept: 'application/x-ndjson' }
  const many = (count: number) =>
    newCase((own) => {
      const by = own.people[0].id
      own.records = Array.from({ length: count }, (_, n) => recordOf(by, 'note', { text: `${n}` }))
      own.events = []
      own.attachments = []
    })
  it('tells how far it has come, and last what it changed', async () => {
    const oren = await Client.signedIn('oren')
    const { body } = await oren.ask('POST', '/api/cases/import', many(2_500), LINES)
    const lines = body
      .trim()
      .split('\n')
      .map((line: string) => JSON.parse(line))
    expect(lines.slice(0, -1).map(({ progress }: Parsed) => progress)).toEqual(
      [1_000, 2_000, 2_500].map((done) => ({ done, of: 2_500 })),
    )
    expect(lines.at(-1).result).toMatchObject({ records: 2_500, isNewCase: true })
  })
  it('tells a refusal in its only line', async () => {
    const oren = await Client.signedIn('oren')
    const file = many(3)
    await oren.ask('POST', '/api/cases/import', file)
    file.records[1].data.text = 'other'
    const { body } = await oren.ask('POST', '/api/cases/import', file, LINES)
    expect([body.status, body.error.code]).toEqual([409, 'conflict'])
  })
  it('keeps nothing when whoever asked for it goes away', async () => {
    const oren = await Client.signedIn('oren')
    const file = many(20_000)
    const leaving = new AbortController()
    const answer = await fetch(`${BASE}/api/cases/import`, {
      method: 'POST',
      headers: { ...LINES, cookie: oren.cookie, 'content-type': 'application/json' },
      body: JSON.stringify(file),
      signal: leaving.signal,
    })
    const reader = answer.body!.getReader()
    await reader.read()
    leaving.abort()
    await expect(reader.read()).rejects.toThrow(/abort/i)
    const working = () =>
      sql`select 1 from pg_stat_activity where state = 'idle in transaction' or query like '%insert into "records"%' and state = 'active' and pid <> pg_backend_pid()`
    await expect.poll(async () => (await working()).length, { timeout: 20_000 }).toBe(0)
    expect(readFileSync(process.env.TEST_SERVER_LOG!, 'utf8')).not.toMatch(/unhandled/i)
    expect((await sql`select 1 from cases where id = ${file.case.id}`).length).toBe(0)
    expect((await oren.ask('POST', '/api/cases/import', file)).body.records).toBe(20_000)
  }, 60_000)
})

describe('every kind of record', () => {
  it.each(['open', 'kept-apart'])(
    'is taken in with the vignettes, %s, and given back the same',
    async (folder) => {
      const oren = await Client.signedIn('oren')
      for (const name of readdirSync(`data/vignettes/${folder}`)) {
        const text = readFileSync(`data/vignettes/${folder}/${name}`, 'utf8')
        const file = JSON.parse(text)
        const taken = await oren.ask('POST', '/api/cases/import', text)
        expect(taken.status, `${name}: ${JSON.stringify(taken.body).slice(0, 200)}`).toBeLessThan(
          300,
        )
        const back = (await oren.ask('GET', `/api/cases/${file.case.id}/export`)).body
        const bare = (list: { id: string; kind: string; data: object }[]) =>
          list
            .map(({ id, kind, data }) => ({ id, kind, data }))
            .sort((a, b) => (a.id < b.id ? -1 : 1))
        expect(bare(back.records), name).toEqual(bare(file.records))
        expect(bare(back.events), name).toEqual(bare(file.events))
      }
    },
    120_000,
  )
})
