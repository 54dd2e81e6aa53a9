import { getQuery, setResponseHeader } from 'h3'
import { z } from 'zod'
import { requireActor } from '../auth/actor'
import { changesText } from '../database/pages'
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
  const page = await changesText(actor.shopId, parsed.data)
  setResponseHeader(event, 'content-type', 'application/json')
  // The page is shared; the clock is each answer's own.
  return `{"serverNow":${JSON.stringify(new Date().toISOString())},${page.slice(1)}`
})
