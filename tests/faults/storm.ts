import { setTimeout as sleep } from 'node:timers/promises'
import { putRecord, recordOf, type Client } from '../server/client'

interface Request {
  /** ms since 1970 */
  startedAt: number
  endedAt: number
  /** 0: no answer came */
  status: number
}

/** What a storm of writes met. */
export interface Storm {
  requests: Request[]
  /** ids that the server said it keeps */
  acknowledged: string[]
  /** has come this far, 0 to 1 */
  progress: () => number
  /** all is written */
  done: Promise<void>
}

/** Waits before the same entry is sent again, as a device would; here shorter, to press harder. */
const AGAIN_MS = 50

/** Notes of one person, written by several writers at once; each goes again until it is acknowledged. */
export function storm(client: Client, by: string, caseId: string, writes: number, writers = 16) {
  let next = 0
  const met: Storm = {
    requests: [],
    acknowledged: [],
    progress: () => met.acknowledged.length / writes,
    done: Promise.resolve(),
  }
  const write = async (n: number) => {
    const record = recordOf(by, 'note', { text: `storm ${n}` })
    for (;;) {
      const startedAt = Date.now()
      const status = await putRecord(client, caseId, record).then(
        (answer) => answer.status,
        () => 0,
      )
      met.requests.push({ startedAt, endedAt: Date.now(), status })
      if (status === 200 || status === 201) {
        met.acknowledged.push(record.id)
        return
      }
      if (status !== 0 && status < 500) throw new Error(`write ${n} was refused with ${status}`)
      await sleep(AGAIN_MS)
    }
  }
  const writer = async () => {
    while (next < writes) await write(next++)
  }
  met.done = Promise.all(Array.from({ length: writers }, writer)).then(() => undefined)
  return met
}

/** Acknowledged writes a second between two moments, ms since 1970. */
export const rate = ({ requests }: Storm, from: number, to: number): number =>
  requests.filter((r) => r.status < 300 && r.status > 0 && r.endedAt >= from && r.endedAt < to)
    .length /
  ((to - from) / 1000)
