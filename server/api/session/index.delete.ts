import { actorOf } from '../../auth/actor'
import { writeAudit } from '../../auth/audit'
import { database } from '../../database/client'
import { addressOf } from '../../utils/proxy'
import { defineApi } from '../../utils/define-api'

/** Signs out; the session's row is ended by the hook on clearing. */
export default defineApi(async (event) => {
  const actor = await actorOf(event)
  await clearUserSession(event)
  if (actor)
    await writeAudit(database(), {
      action: 'signed-out',
      shopId: actor.shopId,
      actorId: actor.personId,
      address: addressOf(event),
    })
  return { ok: true }
})
