import sharp from 'sharp'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { Client, makeCase, other, PEOPLE, putRecord, recordOf, sqlOf } from './client'
import { asSent, picture, type Sent } from './picture'

let ilka: Client
let valley: Client
let own: { vehicle: string; id: string }
let sent: Sent
const sql = sqlOf()

beforeAll(async () => {
  ilka = await Client.signedIn('ilka')
  valley = await other()
  own = await makeCase(ilka, PEOPLE.ilka)
  sent = await picture()
})
afterAll(() => sql.end())

const put = (client: Client, by: string, what: Sent, path = what.sha256) =>
  client.ask('PUT', `/api/photographs/${path}`, { by, ...what })
async function fetched(sha256: string) {
  const answer = await fetch(`${process.env.TEST_BASE_URL}/api/photographs/${sha256}`, {
    headers: { cookie: ilka.cookie },
  })
  return { answer, bytes: Buffer.from(await answer.arrayBuffer()) }
}

describe('photographs', () => {
  it('come back as pictures of their size, once, to their shop alone', async () => {
    expect((await put(ilka, PEOPLE.ilka, sent)).status).toBe(201)
    expect((await put(ilka, PEOPLE.ilka, sent)).status).toBe(200)
    const { answer, bytes } = await fetched(sent.sha256)
    expect(answer.headers.get('content-type')).toBe('image/jpeg')
    expect(await sharp(bytes).metadata()).toMatchObject({ format: 'jpeg', width: 40, height: 30 })
    expect((await valley.ask('GET', `/api/photographs/${sent.sha256}`)).status).toBe(404)
  })
  it('are written anew, without what the camera noted and what hangs behind the picture', async () => {
    const noted = await picture({}, { Artist: 'Ilka Brandt of Hochwart' })
    const tail = '<script>alert(1)</script>'
    const both = asSent(Buffer.concat([Buffer.from(noted.base64, 'base64'), Buffer.from(tail)]))
    expect((await put(ilka, PEOPLE.ilka, both)).status).toBe(201)
    const { bytes } = await fetched(both.sha256)
    expect(bytes.includes('Hochwart')).toBe(false)
    expect(bytes.includes('script')).toBe(false)
  })
  it('that are none, cut off, of another kind, huge, or somebody else’s are refused in one sentence', async () => {
    const whole = Buffer.from(sent.base64, 'base64')
    const cases: [string, Sent, number, string?][] = [
      ['words', asSent(Buffer.from('<script>alert(1)</script>')), 422],
      ['half a picture', asSent(whole.subarray(0, whole.length / 2)), 422],
      ['a picture of another kind', await picture({ format: 'png' }), 422],
      ['too many pixels in few bytes', await picture({ width: 6000, height: 5000 }), 422],
      ['too large a body', { ...sent, base64: 'A'.repeat(5_000_000) }, 413],
      ['another hash', { ...sent, sha256: 'a'.repeat(64) }, 422],
      ['no hash', { ...sent, sha256: 'zz' }, 422],
      ['somebody else’s', sent, 403, PEOPLE.oren],
    ]
    for (const [what, body, status, by = PEOPLE.ilka] of cases) {
      const answer = await put(ilka, by, body)
      expect([what, answer.status]).toEqual([what, status])
      expect(answer.body.error.sentence).toMatch(/^[A-Z].*\.$/)
    }
  })
  it('fill the room of a shop and no more: what was refused takes up none', async () => {
    const used = async () =>
      Number(
        (
          await sql`select photograph_bytes from shops where id = (select shop_id from accounts where id = ${PEOPLE.ilka})`
        )[0].photograph_bytes,
      )
    const before = await used()
    const another = await picture()
    expect((await put(ilka, PEOPLE.ilka, another)).status).toBe(201)
    const { bytes } = await fetched(another.sha256)
    expect((await used()) - before).toBe(bytes.length)
    await sql`update shops set photograph_bytes = 20e9 where id = (select shop_id from accounts where id = ${PEOPLE.ilka})`
    try {
      const refused = await put(ilka, PEOPLE.ilka, await picture())
      expect([refused.status, refused.body.error.message.id]).toEqual([
        413,
        'refusal.photographsFull',
      ])
      expect(await used()).toBe(20e9)
    } finally {
      await sql`update shops set photograph_bytes = ${before + bytes.length} where id = (select shop_id from accounts where id = ${PEOPLE.ilka})`
    }
  })
  it('are named in the exported case', async () => {
    const record = recordOf(PEOPLE.ilka, 'photo.taken', {
      sha256: sent.sha256,
      mediaType: 'image/jpeg',
      bytes: 900,
      part: 'pump',
    })
    expect((await putRecord(ilka, own.id, record)).status).toBe(201)
    const file = (await ilka.ask('GET', `/api/cases/${own.id}/export`)).body
    expect(file.attachments).toEqual([
      { sha256: sent.sha256, bytes: 900, mediaType: 'image/jpeg', record: record.id },
    ])
  })
})
