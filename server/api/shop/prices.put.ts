import { eq } from 'drizzle-orm'
import { shopPrices } from '#core'
import { requireActor } from '../../auth/actor'
import { writeAudit } from '../../auth/audit'
import { describeSession } from '../../auth/describe'
import { inTransaction } from '../../database/client'
import { shops } from '../../database/schema'
import { addressOf } from '../../utils/proxy'
import { defineApi, readChecked } from '../../utils/define-api'

/** Sets what the shop asks for its work; answers with the session as it is then. Quotes drawn before keep theirs. */
export default defineApi(async (event) => {
  const actor = await requireActor(event, 'set-prices')
  const prices = await readChecked(event, shopPrices)
  await inTransaction(async (tx) => {
    await tx.update(shops).set({ prices }).where(eq(shops.id, actor.shopId))
    await writeAudit(tx, {
      action: 'prices-set',
      shopId: actor.shopId,
      actorId: actor.personId,
      address: addressOf(event),
    })
  })
  return describeSession({ ...actor, prices })
})
