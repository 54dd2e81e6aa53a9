import { createHash } from 'node:crypto'
import { uuidv7 } from 'uuidv7'
import { beforeAll, describe, expect, it } from 'vitest'
import { Client, makeCase, other, PEOPLE, putRecord, recordOf } from './client'

let ilka: Client
let valley: Client
let own: { vehicle: string; id: string }

beforeAll(async () => {
  ilka = await Client.signedIn('ilka')
  valley = await other()
  own = await makeCase(ilka, PEOPLE.ilka)
})

describe('photographs', () => {
  const bytes = Buffer.from([0xff, 0xd8, 0xff, 0xe1, ...Buffer.from(uuidv7())])
  const sha256 = createHash('sha256').update(bytes).digest('hex')
  const put = (client: Client, by: string, more: object = {}, path = sha256) =>
    client.ask('PUT', `/api/photographs/${path}`, {
      by,
      sha256,
      base64: bytes.toString('base64'),
      ...more,
    })
  it('come back as they were sent, to their shop alone', async () => {
    expect((await put(ilka, PEOPLE.ilka)).status).toBe(201)
    expect((await put(ilka, PEOPLE.ilka)).status).toBe(200)
    const answer = await fetch(`${process.env.TEST_BASE_URL}/api/photographs/${sha256}`, {
      headers: { cookie: ilka.cookie },
    })
    expect(answer.headers.get('content-type')).toBe('image/jpeg')
    expect(Buffer.from(await answer.arrayBuffer()).equals(bytes)).toBe(true)
    expect((await valley.ask('GET', `/api/photographs/${sha256}`)).status).toBe(404)
  })
  it('that are no picture, damaged, too large or somebody else’s are refused in one sentence', async () => {
    const text = Buffer.from('<script>alert(1)</script>')
    const cases: [object, number][] = [
      [
        {
          base64: text.toString('base64'),
          sha256: createHash('sha256').update(text).digest('hex'),
        },
        422,
      ],
      [{ base64: Buffer.concat([bytes, Buffer.from([1])]).toString('base64') }, 422],
      [{ base64: 'A'.repeat(5_000_000) }, 413],
      [{ by: PEOPLE.oren }, 403],
      [{ sha256: 'zz' }, 422],
    ]
    for (const [more, status] of cases) {
      const answer = await put(
        ilka,
        PEOPLE.ilka,
        more,
        (more as { sha256?: string }).sha256 ?? sha256,
      )
      expect(answer.status, JSON.stringify(answer.body).slice(0, 200)).toBe(status)
      expect(answer.body.error.sentence).toMatch(/^[A-Z].*\.$/)
    }
  })
  it('are named in the exported case', async () => {
    const record = recordOf(PEOPLE.ilka, 'photo.taken', {
      sha256,
      mediaType: 'image/jpeg',
      bytes: bytes.length,
      part: 'pump',
    })
    expect((await putRecord(ilka, own.id, record)).status).toBe(201)
    const file = (await ilka.ask('GET', `/api/cases/${own.id}/export`)).body
    expect(file.attachments).toEqual([
      { sha256, bytes: bytes.length, mediaType: 'image/jpeg', record: record.id },
    ])
  })
})
