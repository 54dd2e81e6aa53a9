import { readFileSync } from 'node:fs'
import { setTimeout as sleep } from 'node:timers/promises'
import { beforeAll, describe, expect, it } from 'vitest'
import { startCluster } from '../../scripts/lib/database.mjs'
import { Client, makeCase, PEOPLE } from '../server/client'
import { isWhole, sized, tell } from './size'
import { rate, storm } from './storm'

const DEATHS = sized(3, 1)
const WRITES = sized(2000, 500)
/** No request takes longer, and after this time from the database's return all is as it was; ms. */
const LONGEST_MS = 8_000
const BACK_WITHIN_MS = 5_000
/** Part of the time is measured in pieces this long; ms. */
const PIECE_MS = 500

let ilka: Client
let own: { id: string }

const cluster = () => startCluster(process.env.TEST_CLUSTER!, { durable: isWhole })

beforeAll(async () => {
  ilka = await Client.signedIn('ilka')
  own = await makeCase(ilka, PEOPLE.ilka)
})

describe('a database that is killed in a storm of writes and comes back', () => {
  it(
    'costs no acknowledged entry and hangs no request; the server goes on as before by itself',
    { timeout: 240_000 },
    async () => {
      const calm = storm(ilka, PEOPLE.ilka, own.id, sized(400, 150))
      const calmFrom = Date.now()
      await calm.done
      const calmRate = rate(calm, calmFrom, Date.now())

      const met = storm(ilka, PEOPLE.ilka, own.id, WRITES)
      const deaths: { at: number; backAt: number }[] = []
      for (let death = 1; death <= DEATHS; death++) {
        while (met.progress() < death / (DEATHS + 1)) await sleep(10)
        const at = Date.now()
        process.kill((await cluster()).pid, 'SIGKILL')
        await sleep(700)
        await cluster()
        deaths.push({ at, backAt: Date.now() })
      }
      await met.done

      const longest = Math.max(...met.requests.map((r) => r.endedAt - r.startedAt))
      expect(longest).toBeLessThan(LONGEST_MS)
      // Entries that were on their way when it died may have been kept unheard; each is there once all the same.
      const rows = (await ilka.ask('GET', `/api/cases/${own.id}/export`)).body.records as {
        id: string
      }[]
      const times = new Map<string, number>()
      for (const { id } of rows) times.set(id, (times.get(id) ?? 0) + 1)
      const lost = met.acknowledged.filter((id) => times.get(id) !== 1)
      expect(lost).toEqual([])
      expect(met.acknowledged.length).toBe(WRITES)

      const backAfterMs = deaths.map(({ backAt }) => {
        for (let from = backAt; ; from += PIECE_MS)
          if (
            rate(met, from, from + PIECE_MS) >= calmRate / 2 ||
            from > met.requests.at(-1)!.endedAt
          )
            return from - backAt
      })
      for (const ms of backAfterMs) expect(ms).toBeLessThan(BACK_WITHIN_MS)
      expect((await ilka.ask('GET', '/api/health')).status).toBe(200)
      expect(readFileSync(process.env.TEST_SERVER_LOG!, 'utf8')).not.toMatch(/uncaught|unhandled/i)
      tell(
        `PostgreSQL killed ${DEATHS} times in ${WRITES} writes by 16 writers`,
        `each acknowledged id once; no request over ${LONGEST_MS / 1000} s; half the calm rate or more within ${BACK_WITHIN_MS / 1000} s`,
        `lost ${lost.length}; longest request ${longest} ms; ${Math.round(calmRate)} writes/s in calm; back after ${backAfterMs.join(', ')} ms`,
      )
    },
  )
})
