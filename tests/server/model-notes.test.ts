import { beforeAll, describe, expect, it } from 'vitest'
import { Client, makeCase, other, PEOPLE, putRecord, recordOf } from './client'

let ilka: Client
let mine: { vehicle: string; id: string }
let next: { vehicle: string; id: string }
/** What is noted of the model of the cases made here: nobody named one, so they go by their name. */
async function told(client = ilka, model = 'Test bus') {
  const { status, body } = await client.ask(
    'GET',
    `/api/models/notes?model=${encodeURIComponent(model)}`,
  )
  expect(status).toBe(200)
  return (body as { notes: { note: { id: string; data: object }; caseId: string }[] }).notes
}
const noted = async (caseId: string, data: object, more: object = {}) => {
  const record = recordOf(PEOPLE.ilka, 'note', data, more)
  expect((await putRecord(ilka, caseId, record)).status).toBe(201)
  return record.id
}

describe('what is known in a shop of a model', () => {
  beforeAll(async () => {
    ilka = await Client.signedIn('ilka')
    mine = await makeCase(ilka, PEOPLE.ilka)
    next = await makeCase(ilka, PEOPLE.ilka)
  })

  it('is noted in one case and told in another, newest first, and not what is of one case alone', async () => {
    await noted(mine.id, { text: 'Keeper is away until Monday.' })
    const ofModel = { tells: 'adapter' }
    const first = await noted(mine.id, { text: 'Adapter B fits.', check: 'pressure-hold', ofModel })
    const second = await noted(
      next.id,
      { text: 'Pump bolts 10 mm, left-hand thread.', ofModel: { tells: 'tools' } },
      { observedAt: '2026-11-21T10:00:00.000Z' },
    )
    const ids = (await told()).map(({ note }) => note.id)
    expect(ids.filter((id) => [first, second].includes(id))).toEqual([second, first])
    expect((await told()).map(({ note }) => note.data)).not.toContainEqual({
      text: 'Keeper is away until Monday.',
    })
    expect(await told(ilka, '  TEST   bus ')).toHaveLength(ids.length)
    expect(await told(ilka, 'Another bus')).toEqual([])
  })
  it('is what stands: what was corrected is told once, what was taken back is not', async () => {
    const ofModel = { tells: 'specification', source: 'Plate' }
    const old = await noted(mine.id, { text: 'Opens at 87 °C.', ofModel })
    const right = await noted(mine.id, { text: 'Opens at 88 °C.', ofModel }, { supersedes: old })
    const ids = async () => (await told()).map(({ note }) => note.id)
    expect(await ids()).toContain(right)
    expect(await ids()).not.toContain(old)
    const away = recordOf(PEOPLE.ilka, 'withdrawn', {}, { supersedes: right })
    expect((await putRecord(ilka, mine.id, away)).status).toBe(201)
    expect(await ids()).not.toContain(right)
  })
  it('is the shop’s own, and asks for a model', async () => {
    expect(await told(await other())).toEqual([])
    expect((await ilka.ask('GET', '/api/models/notes')).status).toBe(422)
  })
  it('refuses a figure without its source', async () => {
    const record = recordOf(PEOPLE.ilka, 'note', {
      text: 'Opens at 87 °C.',
      ofModel: { tells: 'specification' },
    })
    expect((await putRecord(ilka, mine.id, record)).status).toBe(422)
  })
})
