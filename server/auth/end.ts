import { and, eq, sql } from 'drizzle-orm'
import { database } from '../database/client'
import { sessions } from '../database/schema'

/** Ends a session in the database, so that a copy of its cookie is worth nothing. */
export async function endSession({ secure }: { secure?: unknown }): Promise<void> {
  const sealed = secure as { shopId: string; sessionId: string } | undefined
  if (sealed)
    await database()
      .update(sessions)
      .set({ revokedAt: sql`now()` })
      .where(and(eq(sessions.shopId, sealed.shopId), eq(sessions.id, sealed.sessionId)))
}
