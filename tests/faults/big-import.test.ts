import { setTimeout as sleep } from 'node:timers/promises'
import { uuidv7 } from 'uuidv7'
import { beforeAll, describe, expect, it } from 'vitest'
import { Client, demoCase, makeCase, PEOPLE, putRecord, recordOf } from '../server/client'
import { sized, tell } from './size'

const RECORDS = sized(30_000, 3_000)
const LONGEST_IMPORT_MS = 10_000
/** No other writer of the shop waits longer; ms. */
const LONGEST_WAIT_MS = 1_000

let oren: Client
let own: { id: string }
beforeAll(async () => {
  oren = await Client.signedIn('oren')
  own = await makeCase(oren, PEOPLE.oren)
})

/** A case of its own with so many notes; in a chain, each corrects the one before. */
function bigCase(isChain: boolean): string {
  const file = JSON.parse(demoCase('01-minibus-radiator-seam.json'))
  const [vehicle, id] = [uuidv7(), uuidv7()]
  const observedAt = '2026-11-20T10:00:00.000Z'
  let last: string | undefined
  const records = Array.from({ length: RECORDS }, (_, n) => {
    const record = recordOf(file.people[0].id, 'note', { text: `note ${n}` }, { observedAt })
    const corrected = isChain && last !== undefined ? { ...record, supersedes: last } : record
    last = record.id
    return corrected
  })
  return JSON.stringify({
    ...file,
    vehicle: { ...file.vehicle, id: vehicle },
    case: { ...file.case, id, vehicle },
    records: records.reverse(),
    events: [],
    attachments: [],
  })
}

/** Writes of the shop one after the other until `done`; gives how long each took, ms. */
async function writeUntil(done: { is: boolean }): Promise<number[]> {
  const took: number[] = []
  while (!done.is) {
    const began = Date.now()
    const record = recordOf(PEOPLE.oren, 'note', { text: 'meanwhile' })
    expect((await putRecord(oren, own.id, record)).status).toBe(201)
    took.push(Date.now() - began)
    await sleep(20)
  }
  return took
}

describe('a large import', () => {
  it.each([
    ['of single records', false],
    ['of one chain of corrections', true],
  ])('%s is taken in time and lets the shop go on writing', async (what, isChain) => {
    const text = bigCase(isChain)
    const done = { is: false }
    const writing = writeUntil(done)
    const began = Date.now()
    const first = await oren.ask('POST', '/api/cases/import', text)
    const tookMs = Date.now() - began
    done.is = true
    const waits = await writing
    expect(first.status).toBe(200)
    // Beside the records the case itself, and instruments that the shop did not have.
    expect(first.body.added).toBeGreaterThan(RECORDS)
    const again = await oren.ask('POST', '/api/cases/import', text)
    expect([again.status, again.body.added]).toEqual([200, 0])
    expect(tookMs).toBeLessThan(LONGEST_IMPORT_MS)
    expect(Math.max(...waits)).toBeLessThan(LONGEST_WAIT_MS)
    tell(
      `import ${what}, ${RECORDS} of them, another person writing meanwhile`,
      `in ${LONGEST_IMPORT_MS / 1000} s, no write over ${LONGEST_WAIT_MS} ms; a second time adds nothing`,
      `${tookMs} ms; ${waits.length} writes, longest ${Math.max(...waits)} ms; the second time added ${again.body.added}`,
    )
  })
})
