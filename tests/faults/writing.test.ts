import { setTimeout as sleep } from 'node:timers/promises'
import { performance } from 'node:perf_hooks'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { BASE, Client, makeCase, PEOPLE, recordOf, sqlOf, type Parsed } from '../server/client'
import { isWhole, sized, tell } from './size'

/** Devices that record and follow live, and how often each records; a second is so many of these. */
const DEVICES = sized(50, 10)
const A_SECOND = 5
const SECONDS = sized(60, 4)
const P95_MS = 150
const MOST_AT_ONCE = 25

const sql = sqlOf()
let devices: Client[]
let own: { id: string }
beforeAll(async () => {
  devices = []
  for (let n = 0; n < DEVICES; n++) devices.push(await Client.signedIn(n % 2 ? 'ilka' : 'oren'))
  own = await makeCase(devices[0]!, PEOPLE.oren)
}, 120_000)
afterAll(() => sql.end())

/**
 * What a page of changes begins with. The rest is read and not looked at: fifty devices have processors of their own,
 * and here they share two with the server that is measured.
 */
const HEAD =
  /"cursor":(?<cursor>\d+),"mark":"(?<mark>[\w-]+)","from":\d+,"more":(?<more>true|false)/

/** Asks for what is new whenever the server says that there is something, one round at a time, as a page does. */
function followLive(client: Client, cursor: { after: number; mark?: string }) {
  const end = new AbortController()
  let rounds = 0
  let asked = false
  let busy = false
  const round = async () => {
    asked = true
    if (busy) return
    busy = true
    while (asked && !end.signal.aborted) {
      asked = false
      const mark = cursor.mark ? `&mark=${cursor.mark}` : ''
      const page = await fetch(`${BASE}/api/changes?after=${cursor.after}${mark}`, {
        headers: { cookie: client.cookie },
      })
      if (page.status !== 200) throw new Error(`changes: ${page.status}`)
      const head = HEAD.exec(await page.text())!.groups!
      cursor = { after: Number(head.cursor), mark: head.mark }
      rounds += 1
      asked ||= head.more === 'true'
    }
    busy = false
  }
  const streaming = (async () => {
    const answer = await fetch(`${BASE}/api/live`, {
      headers: { cookie: client.cookie },
      signal: end.signal,
    })
    const reader = answer.body!.getReader()
    for (let read = await reader.read(); !read.done; read = await reader.read())
      if (Buffer.from(read.value).toString().includes('change')) void round()
  })().catch((error: unknown) => {
    if (!end.signal.aborted) throw error
  })
  return {
    rounds: () => rounds,
    cursor: () => cursor.after,
    stop: async () => {
      end.abort()
      await streaming
    },
  }
}

/** A device that records on and on and sends what waits, all that fits in one request; gives how long each waited, ms. */
async function recordAndSend(client: Client, by: string, until: number) {
  const line: { id: string; body: object; at: number }[] = []
  const waits: number[] = []
  const ids: string[] = []
  let errors = 0
  const recording = (async () => {
    while (performance.now() < until) {
      const record = recordOf(by, 'note', { text: 'on and on' })
      line.push({ id: record.id, body: { case: own.id, record }, at: performance.now() })
      await sleep(1000 / A_SECOND)
    }
  })()
  while (performance.now() < until || line.length > 0) {
    const lot = line.slice(0, MOST_AT_ONCE)
    if (lot.length === 0) {
      await sleep(5)
      continue
    }
    const entries = lot.map(({ id, body }) => ({ kind: 'records', id, body }))
    const answer = await client.ask('POST', '/api/entries', { entries })
    const outcomes: Parsed[] = answer.status === 200 ? answer.body.outcomes : []
    if (outcomes.length !== lot.length || outcomes.some(({ status }) => status !== 201)) errors += 1
    else {
      const now = performance.now()
      for (const { id, at } of line.splice(0, lot.length)) {
        waits.push(now - at)
        ids.push(id)
      }
    }
  }
  await recording
  return { waits, ids, errors }
}

describe('many who record at once', () => {
  it(`${DEVICES} devices at ${A_SECOND} entries a second each, all following live`, async () => {
    const { cursor, mark } = (await devices[0]!.ask('GET', '/api/desk')).body
    const followers = devices.map((client) => followLive(client, { after: cursor, mark }))
    await sleep(500)
    const began = performance.now()
    const until = began + SECONDS * 1000
    const met = await Promise.all(
      devices.map(async (client, n) => {
        await sleep((1000 / A_SECOND) * (n / DEVICES))
        return recordAndSend(client, n % 2 ? PEOPLE.ilka : PEOPLE.oren, until)
      }),
    )
    const seconds = (performance.now() - began) / 1000
    const waits = met.flatMap((one) => one.waits).sort((a, b) => a - b)
    const ids = met.flatMap((one) => one.ids)
    await sleep(1_500)
    const [{ change_seq: last }] =
      await sql`select change_seq from shops s join cases c on c.shop_id = s.id where c.id = ${own.id}`
    const behind = followers.filter((follower) => follower.cursor() < Number(last)).length
    for (const follower of followers) await follower.stop()
    const p = (share: number) => Math.round(waits[Math.floor(waits.length * share)]!)
    tell(
      `${DEVICES} devices at ${A_SECOND} entries a second each for ${SECONDS} s, all following live`,
      `${DEVICES * A_SECOND} entries a second, 95th percentile ${P95_MS} ms, no error`,
      `${(ids.length / seconds).toFixed(0)} a second, ${p(0.5)} ms at the median, ${p(0.95)} at the 95th percentile, ${p(0.999)} at the 99.9th; ${followers.reduce((sum, one) => sum + one.rounds(), 0)} rounds of receiving`,
    )
    expect(met.reduce((sum, one) => sum + one.errors, 0)).toBe(0)
    expect(behind).toBe(0)
    const kept = await sql`select count(*)::int as n from records where id = any(${ids}::uuid[])`
    expect(kept[0].n).toBe(ids.length)
    expect(new Set(ids).size).toBe(ids.length)
    if (isWhole) {
      expect(ids.length / seconds).toBeGreaterThan(DEVICES * A_SECOND * 0.98)
      expect(p(0.95)).toBeLessThan(P95_MS)
    }
  })
})
