import { and, eq, sql } from 'drizzle-orm'
import { database } from '../database/client'
import { sessions } from '../database/schema'

const HOUR_MS = 3_600_000
const DEFAULT_IDLE_HOURS = 12
/** Activity is written down no more often, ms: a session is not rewritten with every request. */
const NOTED_EVERY_MS = 300_000

/** A session whose person did nothing for so long has ended, ms. */
export function idleLimitMs(): number {
  const hours = Number(process.env.THERMOGNOSIS_IDLE_HOURS ?? DEFAULT_IDLE_HOURS)
  return (hours > 0 ? hours : DEFAULT_IDLE_HOURS) * HOUR_MS
}

export const isIdle = (lastSeenAt: string, nowMs = Date.now()): boolean =>
  nowMs - Date.parse(lastSeenAt) > idleLimitMs() + NOTED_EVERY_MS

interface Seen {
  shopId: string
  sessionId: string
  lastSeenAt: string
}

/** Notes that somebody did something in this session. */
export async function noteActivity({ shopId, sessionId, lastSeenAt }: Seen): Promise<void> {
  if (Date.now() - Date.parse(lastSeenAt) < NOTED_EVERY_MS) return
  await database()
    .update(sessions)
    .set({ lastSeenAt: sql`now()` })
    .where(and(eq(sessions.shopId, shopId), eq(sessions.id, sessionId)))
}
