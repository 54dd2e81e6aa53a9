import { and, eq, sql } from 'drizzle-orm'
import { requireActor } from '../../auth/actor'
import { writeAudit } from '../../auth/audit'
import { database } from '../../database/client'
import { accounts } from '../../database/schema'
import { addressOf } from '../../utils/proxy'
import { defineApi } from '../../utils/define-api'

/** Signs this person out on every device. */
export default defineApi(async (event) => {
  const actor = await requireActor(event, 'read', { beforeFirstPassword: true })
  await database()
    .update(accounts)
    .set({ epoch: sql`${accounts.epoch} + 1` })
    .where(and(eq(accounts.shopId, actor.shopId), eq(accounts.id, actor.personId)))
  await writeAudit(database(), {
    action: 'signed-out-everywhere',
    shopId: actor.shopId,
    actorId: actor.personId,
    address: addressOf(event),
  })
  await clearUserSession(event)
  return { ok: true }
})
