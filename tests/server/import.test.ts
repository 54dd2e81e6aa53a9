import { readdirSync, readFileSync } from 'node:fs'
import { uuidv7 } from 'uuidv7'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { Client, demoCase, other, type Parsed, sqlOf } from './client'

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
  const normal = (file: Parsed) => ({ ...file, exportedAt: '', writtenBy: '' })
  it('a case comes back the same from this shop, and from another shop after export', async () => {
    const original = JSON.parse(demoCase('05-minibus-second-leak.json'))
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
    expect(normal(first)).toEqual(normal(original))
    const cases = await casesOf(oren)
    expect(cases.find((c) => c.id === original.case.id)!.attachments).toEqual(original.attachments)
    const there = await valley.ask('POST', '/api/cases/import', JSON.stringify(first))
    expect(there.status).toBe(200)
    const second = (await valley.ask('GET', `/api/cases/${original.case.id}/export`)).body
    expect(normal(second)).toEqual(normal(original))
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
