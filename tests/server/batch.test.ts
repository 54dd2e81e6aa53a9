import { uuidv7 } from 'uuidv7'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { Client, makeCase, PEOPLE, putRecord, recordOf, sqlOf, type Parsed } from './client'

let ilka: Client
let mave: Client
let own: { vehicle: string; id: string }
const sql = sqlOf()
beforeAll(async () => {
  ;[ilka, mave] = await Promise.all([Client.signedIn('ilka'), Client.signedIn('mave')])
  own = await makeCase(ilka, PEOPLE.ilka)
})
afterAll(() => sql.end())

const note = (text: string, by = PEOPLE.ilka) => recordOf(by, 'note', { text })
const asEntry = (record: { id: string }, kind = 'records') => ({
  kind,
  id: record.id,
  body: { case: own.id, record },
})
const send = (client: Client, entries: object[]) => client.ask('POST', '/api/entries', { entries })
const outcomes = async (client: Client, entries: object[]): Promise<Parsed[]> => {
  const answer = await send(client, entries)
  expect(answer.status, JSON.stringify(answer.body)).toBe(200)
  return answer.body.outcomes
}
const changeSeq = async () =>
  Number(
    (
      await sql`select change_seq from shops s join cases c on c.shop_id = s.id where c.id = ${own.id}`
    )[0].change_seq,
  )

describe('an entry that is large', () => {
  const start = recordOf(PEOPLE.ilka, 'warm-up-run.start', {
    airConditioning: 'off',
    fanWatched: false,
    level: 'full',
    surface: 'not-known',
  })
  const logged = () => {
    const seconds = Array.from({ length: 36_000 }, (_, i) => i / 10)
    return recordOf(PEOPLE.ilka, 'warm-up-run.trace', {
      run: start.id,
      channel: 'pressure',
      seconds,
      values: seconds.map((at) => 40 + (at % 60) / 100),
    })
  }
  it('is taken by itself as it is among others: an hour of a log at ten readings a second', async () => {
    const [alone, among] = [logged(), logged()]
    expect((await putRecord(ilka, own.id, start)).status).toBe(201)
    const { status } = await putRecord(ilka, own.id, alone)
    expect(status).toBe(201)
    expect(await outcomes(ilka, [asEntry(among), asEntry(note('after it'))])).toMatchObject([
      { status: 201 },
      { status: 201 },
    ])
  })
  it('is refused in one sentence where it is larger than any can be', async () => {
    const { status, body } = await ilka.ask('PUT', `/api/records/${uuidv7()}`, {
      case: own.id,
      record: { ...note('x'), data: { text: 'x'.repeat(5_000_000) } },
    })
    expect([status, body.error.sentence]).toEqual([413, 'This entry is too large to be kept.'])
  })
})

describe('a batch of entries', () => {
  it('is written in its order, each once, and moves the cursor by as many', async () => {
    const before = await changeSeq()
    const records = [note('a'), note('b'), note('c')]
    const first = await outcomes(
      ilka,
      records.map((record) => asEntry(record)),
    )
    expect(first.map(({ id, status }) => [id, status])).toEqual(records.map(({ id }) => [id, 201]))
    expect((await changeSeq()) - before).toBe(3)
    const again = await outcomes(
      ilka,
      records.map((record) => asEntry(record)),
    )
    expect(again.map(({ status, isNew }) => [status, isNew])).toEqual(Array(3).fill([200, false]))
    expect((await changeSeq()) - before).toBe(3)
    const page = (await ilka.ask('GET', `/api/changes?after=${before}`)).body
    expect(page.records.map((r: Parsed) => r.record.id).sort()).toEqual(
      records.map(({ id }) => id).sort(),
    )
  })
  it('may hold what a later entry of it belongs to', async () => {
    const [vehicle, id, by] = [uuidv7(), uuidv7(), PEOPLE.ilka]
    const observedAt = '2026-11-20T10:00:00.000Z'
    const header = {
      id,
      complaint: 'no-heat',
      title: 'x',
      openedAt: observedAt,
      openedBy: by,
      vehicle,
    }
    const record = note('in the new case')
    const said = await outcomes(ilka, [
      {
        kind: 'vehicles',
        id: vehicle,
        body: { by, observedAt, vehicle: { id: vehicle, name: 'Tug' } },
      },
      { kind: 'cases', id, body: { by, observedAt, case: header } },
      { kind: 'records', id: record.id, body: { case: id, record } },
    ])
    expect(said.map(({ status }) => status)).toEqual([201, 201, 201])
  })
  it('loses nothing for one that is refused: that one alone leaves no trace', async () => {
    const before = await changeSeq()
    const good = [note('good'), note('better')]
    const bad = [
      asEntry({ ...note('x'), by: PEOPLE.oren } as Parsed),
      asEntry(recordOf(PEOPLE.ilka, 'cap.test', { opening: 'words' })),
      asEntry({ ...note('x'), supersedes: uuidv7() } as Parsed),
      { ...asEntry(note('x')), id: uuidv7() },
      { kind: 'records', id: 'x', body: null },
    ]
    const said = await outcomes(ilka, [asEntry(good[0]!), ...bad, asEntry(good[1]!)])
    expect(said.map(({ status }) => status)).toEqual([201, 403, 422, 422, 422, 422, 201])
    for (const { status, error } of said)
      if (status >= 400) expect(error.sentence).toMatch(/^[A-Z].*\.$/)
    expect((await changeSeq()) - before).toBe(2)
  })
  it('conflicts where other content has the id, and goes on', async () => {
    const record = note('first')
    await outcomes(ilka, [asEntry(record)])
    const said = await outcomes(ilka, [
      asEntry({ ...record, data: { text: 'second' } } as Parsed),
      asEntry(note('next')),
    ])
    expect(said.map(({ status }) => status)).toEqual([409, 201])
  })
  it('does no more than its person may: an apprentice neither declares nor closes', async () => {
    const by = PEOPLE.mave
    const declared = recordOf(by, 'suspect.declared', {
      fault: 'radiator-seam',
      as: 'proven',
      because: 'seen',
      probability: 0.9,
    })
    const closed = recordOf(by, 'closed', { outcome: 'not-found', causes: [] })
    const said = await outcomes(mave, [
      asEntry(declared),
      { kind: 'events', id: closed.id, body: { case: own.id, event: closed } },
      asEntry(note('looked', by)),
    ])
    expect(said.map(({ status }) => status)).toEqual([403, 403, 201])
  })
  it.each<[string, object[]]>([
    ['none', []],
    ['more than fifty', Array.from({ length: 51 }, () => ({ kind: 'records', id: 'x', body: {} }))],
    ['a photograph', [{ kind: 'photographs', id: 'x', body: {} }]],
  ])('of %s is refused as a whole', async (_, entries) => {
    expect((await send(ilka, entries)).status).toBe(422)
  })
})
