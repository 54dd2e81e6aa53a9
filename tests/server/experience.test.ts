import { readdirSync, readFileSync } from 'node:fs'
import { uuidv7 } from 'uuidv7'
import { beforeAll, describe, expect, it } from 'vitest'
import { Client, makeCase, other, type Parsed, PEOPLE, putRecord, recordOf } from './client'

const FOLDER = 'data/vignettes/open'
const PAST: Parsed[] = readdirSync(FOLDER)
  .filter((file) => file.startsWith('overheats-'))
  .slice(0, 4)
  .map((file) => JSON.parse(readFileSync(`${FOLDER}/${file}`, 'utf8')))
const closedAs = (file: Parsed) => file.events.findLast((e: Parsed) => e.kind === 'closed').data

let ilka: Client
let oren: Client
let valley: Client
const recordIn = async (client: Client) => (await client.ask('GET', '/api/shop/record')).body
const closedIn = async (client: Client) =>
  (await recordIn(client)).ends.reduce((sum: number, { cases }: Parsed) => sum + cases, 0)
const confirmed = async (client: Client) => (await recordIn(client)).experience.overheats

const event = (kind: string, data: object) => recordOf(PEOPLE.oren, kind, data)
const putEvent = (caseId: string, one: { id: string } & Record<string, unknown>) =>
  oren.ask('PUT', `/api/events/${one.id}`, { case: caseId, event: one })

beforeAll(async () => {
  ilka = await Client.signedIn('ilka')
  oren = await Client.signedIn('oren')
  valley = await other()
  for (const file of PAST) {
    const answer = await oren.ask('POST', '/api/cases/import', JSON.stringify(file))
    if (answer.status !== 200) throw new Error(JSON.stringify(answer.body))
  }
})

describe('what a shop learns of its closed cases', () => {
  it('counts each closed case once, with its causes, and no other shop’s', async () => {
    const before = await confirmed(ilka)
    for (const file of PAST)
      for (const cause of closedAs(file).causes)
        expect(before.confirmed[cause]).toBeGreaterThanOrEqual(1)
    expect(await closedIn(ilka)).toBeGreaterThanOrEqual(PAST.length)
    expect(await closedIn(ilka)).toBe(await closedIn(oren))
    expect(await closedIn(valley)).toBe(0)
  })
  it('learns of a case that is closed, forgets it when it is opened again, and counts it as a comeback', async () => {
    const { id } = await makeCase(oren, PEOPLE.oren)
    const said = recordOf(PEOPLE.oren, 'interview.answer', { question: 'wet-under', answer: 'yes' })
    expect((await putRecord(oren, id, said)).status).toBe(201)
    const before = await closedIn(oren)
    const end = { outcome: 'cause-confirmed', causes: ['pump-seal-leak'] }
    expect((await putEvent(id, event('closed', end))).status).toBe(201)
    expect(await closedIn(oren)).toBe(before + 1)
    const again = { ...event('reopened', {}), observedAt: '2026-11-21T10:00:00.000Z' }
    expect((await putEvent(id, again)).status).toBe(201)
    expect(await closedIn(oren)).toBe(before)
    const back = { ...event('closed', end), observedAt: '2026-11-22T10:00:00.000Z' }
    expect((await putEvent(id, back)).status).toBe(201)
    const { ends } = await recordIn(oren)
    expect(ends.some(({ isComeback }: Parsed) => isComeback)).toBe(true)
  })
  it('finds the cases that show what this one shows, likest first, and never itself', async () => {
    const [file] = PAST
    const [twin] = [structuredClone(file)]
    const { id } = await makeCase(oren, PEOPLE.oren)
    for (const { kind, data, observedAt } of twin.records) {
      if ('run' in data || kind.endsWith('.start')) continue
      const record = { ...recordOf(PEOPLE.oren, kind, data), observedAt }
      expect((await putRecord(oren, id, record)).status).toBe(201)
    }
    const { cases } = (await oren.ask('GET', `/api/cases/${id}/like`)).body
    expect(cases[0].causes).toEqual(closedAs(file).causes)
    const alike = cases.map(({ likeness }: Parsed) => likeness)
    expect(alike).toEqual(alike.toSorted((a: number, b: number) => b - a))
    expect(cases.map((one: Parsed) => one.id)).not.toContain(id)
    const own = (await oren.ask('GET', `/api/cases/${file.case.id}/like`)).body.cases
    expect(own.map((one: Parsed) => one.id)).not.toContain(file.case.id)
    expect((await valley.ask('GET', `/api/cases/${id}/like`)).status).toBe(404)
    expect((await oren.ask('GET', `/api/cases/${uuidv7()}/like`)).status).toBe(404)
  })
  it('moves the ranking until its lead says that it may not', async () => {
    const shopOf = async () => (await ilka.ask('GET', '/api/session')).body.shop
    expect((await shopOf()).experience.overheats.cases).toBeGreaterThanOrEqual(PAST.length)
    const refused = await oren.ask('PUT', '/api/shop/experience', { uses: 'no' })
    expect([refused.status, refused.body.error.path]).toEqual([422, 'uses'])
    const set = await oren.ask('PUT', '/api/shop/experience', { uses: false })
    expect(set.body.shop.usesExperience).toBe(false)
    expect((await shopOf()).experience).toBeUndefined()
    await oren.ask('PUT', '/api/shop/experience', { uses: true })
    expect((await shopOf()).experience).toBeDefined()
  })
})
