import { readFileSync } from 'node:fs'
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate'
import sharp from 'sharp'
import { beforeAll, describe, expect, it } from 'vitest'
import { BASE, Client, makeCase, other, type Parsed, PEOPLE, putRecord, recordOf } from './client'
import { picture, type Sent } from './picture'

const EXAMPLES = JSON.parse(readFileSync('docs/record-examples.json', 'utf8'))

let ilka: Client
let oren: Client
let valley: Client
let own: { vehicle: string; id: string }
let sent: Sent
let zip: Uint8Array

beforeAll(async () => {
  ilka = await Client.signedIn('ilka')
  oren = await Client.signedIn('oren')
  valley = await other()
  own = await makeCase(ilka, PEOPLE.ilka)
  sent = await picture()
  await ilka.ask('PUT', `/api/photographs/${sent.sha256}`, { by: PEOPLE.ilka, ...sent })
  const taken = { ...EXAMPLES['photo.taken'], sha256: sent.sha256 }
  await putRecord(ilka, own.id, recordOf(PEOPLE.ilka, 'photo.taken', taken))
  zip = await zipOf(ilka)
})

const read = async (client: Client, path: string) =>
  fetch(`${BASE}${path}`, { headers: { cookie: client.cookie } })
const zipOf = async (client: Client) =>
  new Uint8Array(await (await read(client, `/api/cases/${own.id}/archive`)).arrayBuffer())
async function takeIn(client: Client, body: Uint8Array, how = ''): Promise<Parsed> {
  const answer = await fetch(`${BASE}/api/cases/import${how}`, {
    method: 'POST',
    headers: { cookie: client.cookie, 'content-type': 'application/zip' },
    body: Buffer.from(body),
  })
  return { status: answer.status, body: await answer.json() }
}

/** The files of the zip, some of them otherwise. */
const changed = (files: Record<string, Uint8Array>) => zipSync({ ...unzipSync(zip), ...files })

describe('a case with its photographs, as one zip', () => {
  it('holds the case file and every photograph that is kept', async () => {
    const files = unzipSync(zip)
    expect(Object.keys(files).sort()).toEqual(['case.json', `photographs/${sent.sha256}.jpg`])
    const file = JSON.parse(strFromU8(files['case.json']!))
    expect(file.case.id).toBe(own.id)
    expect(file.attachments.map((a: Parsed) => a.sha256)).toEqual([sent.sha256])
    expect((await read(valley, `/api/cases/${own.id}/archive`)).status).toBe(404)
  })
  it.each([
    ['cut in half', () => zip.slice(0, zip.length / 2), 'refusal.zipDamaged'],
    ['no zip at all', () => strToU8('a case'), 'refusal.zipDamaged'],
    ['without a case', () => zipSync({ 'notes.txt': strToU8('x') }), 'refusal.zipWithoutCase'],
    [
      'with a case of 9 MB',
      () => changed({ 'case.json': new Uint8Array(9 * 1024 * 1024) }),
      'refusal.zipWithoutCase',
    ],
    [
      'with a picture that is none',
      () => changed({ [`photographs/${sent.sha256}.jpg`]: strToU8('no picture') }),
      'refusal.notAPicture',
    ],
  ])('%s is refused in one sentence, and nothing of it is kept', async (_, body, id) => {
    const { status, body: answer } = await takeIn(valley, body())
    expect([status, answer.error.message.id]).toEqual([422, id])
    expect(answer.error.sentence).toMatch(/^[A-Z].*\.$/)
    expect((await read(valley, `/api/photographs/${sent.sha256}`)).status).toBe(404)
    expect((await read(valley, `/api/cases/${own.id}/export`)).status).toBe(404)
  })
  it('is looked at first, and then taken in by another shop, pictures and all, once', async () => {
    const looked = await takeIn(valley, zip, '?try=yes')
    expect(looked.body).toMatchObject({ isNewCase: true, photographs: 1 })
    expect((await read(valley, `/api/photographs/${sent.sha256}`)).status).toBe(404)
    const { status, body } = await takeIn(valley, zip)
    expect([status, body.photographs]).toEqual([200, 1])
    const there = await read(valley, `/api/photographs/${sent.sha256}`)
    const bytes = Buffer.from(await there.arrayBuffer())
    expect(await sharp(bytes).metadata()).toMatchObject({ format: 'jpeg', width: 40, height: 30 })
    expect((await takeIn(valley, zip)).body).toMatchObject({ added: 0, photographs: 0 })
    // What the other shop gives back is what it took in.
    const back = unzipSync(await zipOf(valley))
    expect(Object.keys(back).sort()).toEqual(Object.keys(unzipSync(zip)).sort())
  })
  it('that unpacks to more than a zip may have is refused before it is unpacked', async () => {
    const blank = new Uint8Array(4 * 1024 * 1024)
    const many = Array.from({ length: 40 }, (_, i) => [
      `photographs/${String(i).padStart(64, '0')}.jpg`,
      blank,
    ])
    const packed = changed(Object.fromEntries(many))
    const { status, body } = await takeIn(valley, packed)
    expect([status, body.error.message.id]).toEqual([413, 'file.tooLarge'])
  })
  it('leaves pictures that the case does not name, and files of other names', async () => {
    const stray = `photographs/${'b'.repeat(64)}.jpg`
    const bytes = Buffer.from(sent.base64, 'base64')
    const { status, body } = await takeIn(oren, changed({ [stray]: bytes, '../x': strToU8('x') }))
    expect([status, body.photographs]).toEqual([200, 0])
    expect((await read(oren, `/api/photographs/${'b'.repeat(64)}`)).status).toBe(404)
  })
})
