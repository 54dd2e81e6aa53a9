import { readFileSync } from 'node:fs'
import { beforeAll, describe, expect, it } from 'vitest'
import { Client, makeCase, other, PEOPLE, putRecord, recordOf } from './client'
import { picture } from './picture'

const EXAMPLES = JSON.parse(readFileSync('docs/record-examples.json', 'utf8'))

let ilka: Client
let own: { vehicle: string; id: string }
beforeAll(async () => {
  ilka = await Client.signedIn('ilka')
  own = await makeCase(ilka, PEOPLE.ilka)
})

/** The report of the case, and how many pictures and pages stand in it. */
async function reportOf(client: Client, paper = 'A4') {
  const answer = await fetch(
    `${process.env.TEST_BASE_URL}/api/cases/${own.id}/report?paper=${paper}`,
    { headers: { cookie: client.cookie } },
  )
  const text = Buffer.from(await answer.arrayBuffer()).toString('latin1')
  const count = (what: RegExp) => text.match(what)?.length ?? 0
  return { answer, text, pictures: count(/\/Subtype \/Image/g), pages: count(/\/Type \/Page\b/g) }
}

describe('the report of a case on paper', () => {
  it('is a PDF in the size asked for, of this shop alone, before anything was recorded', async () => {
    const { answer, text, pictures, pages } = await reportOf(ilka)
    expect(answer.headers.get('content-type')).toBe('application/pdf')
    expect(text).toMatch(/MediaBox \[0 0 595\.28 841\.89\]/)
    expect(pictures).toBe(0)
    expect(pages).toBeGreaterThanOrEqual(2)
    expect((await reportOf(ilka, 'LETTER')).text).toMatch(/MediaBox \[0 0 612(\.00)? 792(\.00)?\]/)
    expect((await reportOf(ilka, 'napkin')).answer.status).toBe(422)
    expect((await reportOf(await other())).answer.status).toBe(404)
  })
  it('says that it is PDF/A, and has its fonts and colours within it', async () => {
    const { text } = await reportOf(ilka)
    expect(text).toMatch(/^%PDF-1\.7/)
    expect(text).toContain('<pdfaid:part>3</pdfaid:part>')
    expect(text).toContain('<pdfaid:conformance>B</pdfaid:conformance>')
    expect(text).toContain('/S /GTS_PDFA1')
    const fonts = text.match(/\/Type \/FontDescriptor/g) ?? []
    expect(fonts.length).toBeGreaterThan(0)
    expect(text.match(/\/FontFile[23]? /g)).toHaveLength(fonts.length)
  })
  it('holds every photograph that was kept, and is made without one that never arrived', async () => {
    const sent = await picture()
    await ilka.ask('PUT', `/api/photographs/${sent.sha256}`, { by: PEOPLE.ilka, ...sent })
    const taken = { ...EXAMPLES['photo.taken'], sha256: sent.sha256 }
    const lost = { ...EXAMPLES['photo.taken'], sha256: 'a'.repeat(64) }
    for (const data of [taken, lost]) {
      const record = recordOf(PEOPLE.ilka, 'photo.taken', data)
      expect((await putRecord(ilka, own.id, record)).status).toBe(201)
    }
    const { answer, pictures } = await reportOf(ilka)
    expect(answer.status).toBe(200)
    expect(pictures).toBe(1)
  })
})
