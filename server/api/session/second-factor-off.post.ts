import { and, eq } from 'drizzle-orm'
import { z } from 'zod'
import { requireActor } from '../../auth/actor'
import { writeAudit } from '../../auth/audit'
import { ownAccount } from '../../auth/own-account'
import { database } from '../../database/client'
import { accounts } from '../../database/schema'
import { addressOf } from '../../utils/proxy'
import { defineApi, readChecked } from '../../utils/define-api'

const body = z.strictObject({ password: z.string().min(1).max(200) })

/** Takes one's own second factor off. */
export default defineApi(async (event) => {
  const actor = await requireActor(event, 'read')
  const { password } = await readChecked(event, body)
  await ownAccount(actor, password)
  const { shopId, personId } = actor
  await database()
    .update(accounts)
    .set({ secondFactor: null, secondFactorInForce: false, secondFactorStep: null })
    .where(and(eq(accounts.shopId, shopId), eq(accounts.id, personId)))
  await writeAudit(database(), {
    action: 'second-factor-off',
    shopId,
    actorId: personId,
    address: addressOf(event),
  })
  return { ok: true }
})
