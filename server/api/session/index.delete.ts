import { and, eq, sql } from 'drizzle-orm'
import { actorOf } from '../../auth/actor'
import { database } from '../../database/client'
import { sessions } from '../../database/schema'
import { defineApi } from '../../utils/define-api'

/** Signs out: the session's row is revoked, so a copy of the cookie is worth nothing. */
export default defineApi(async (event) => {
  const actor = await actorOf(event)
  if (actor)
    await database()
      .update(sessions)
      .set({ revokedAt: sql`now()` })
      .where(and(eq(sessions.shopId, actor.shopId), eq(sessions.id, actor.sessionId)))
  await clearUserSession(event)
  return { ok: true }
})
