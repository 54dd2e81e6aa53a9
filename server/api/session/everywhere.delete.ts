import { and, eq, sql } from 'drizzle-orm'
import { requireActor } from '../../auth/actor'
import { database } from '../../database/client'
import { accounts } from '../../database/schema'
import { defineApi } from '../../utils/define-api'

/** Signs this person out on every device. */
export default defineApi(async (event) => {
  const actor = await requireActor(event, 'read')
  await database()
    .update(accounts)
    .set({ epoch: sql`${accounts.epoch} + 1` })
    .where(and(eq(accounts.shopId, actor.shopId), eq(accounts.id, actor.personId)))
  await clearUserSession(event)
  return { ok: true }
})
