import { eq } from 'drizzle-orm'
import { z } from 'zod'
import { requireActor } from '../../auth/actor'
import { writeAudit } from '../../auth/audit'
import { describeSession } from '../../auth/describe'
import { inTransaction } from '../../database/client'
import { shops } from '../../database/schema'
import { defineApi, readChecked } from '../../utils/define-api'
import { addressOf } from '../../utils/proxy'

const body = z.strictObject({ uses: z.boolean() })

/** Says whether the shop's confirmed cases move the book's priors; answers with the session as it is then. */
export default defineApi(async (event) => {
  const actor = await requireActor(event, 'set-experience')
  const { uses } = await readChecked(event, body)
  await inTransaction(async (tx) => {
    await tx.update(shops).set({ usesExperience: uses }).where(eq(shops.id, actor.shopId))
    await writeAudit(tx, {
      action: 'experience-set',
      shopId: actor.shopId,
      actorId: actor.personId,
      address: addressOf(event),
    })
  })
  return describeSession({ ...actor, usesExperience: uses })
})
