import { requireActor } from '../auth/actor'
import { deskOf } from '../database/read'
import { defineApi } from '../utils/define-api'

export default defineApi(async (event) => {
  const actor = await requireActor(event, 'read', { byItself: true })
  return { ...(await deskOf(actor.shopId)), serverNow: new Date().toISOString() }
})
