import { getQuery } from 'h3'
import { z } from 'zod'
import { requireActor } from '../auth/actor'
import { changesAfter } from '../database/read'
import { refuse } from '../utils/api-error'
import { defineApi } from '../utils/define-api'

const query = z.object({
  mark: z.uuid().optional(),
  after: z.coerce.number().int().min(0).max(Number.MAX_SAFE_INTEGER).default(0),
})

export default defineApi(async (event) => {
  const actor = await requireActor(event, 'read', { byItself: true })
  const parsed = query.safeParse(getQuery(event))
  if (!parsed.success) throw refuse.bad('cursor', 'after')
  return {
    ...(await changesAfter(actor.shopId, parsed.data)),
    serverNow: new Date().toISOString(),
  }
})
