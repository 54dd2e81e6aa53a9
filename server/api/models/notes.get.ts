import { getQuery } from 'h3'
import { z } from 'zod'
import { requireActor } from '../../auth/actor'
import { modelNotes } from '../../database/model-notes'
import { refuse } from '../../utils/api-error'
import { defineApi } from '../../utils/define-api'

const query = z.object({ model: z.string().min(1).max(200) })

/** What was noted in the shop of every vehicle of a model, newest first. */
export default defineApi(async (event) => {
  const actor = await requireActor(event, 'read')
  const parsed = query.safeParse(getQuery(event))
  if (!parsed.success) throw refuse.bad('search', 'model')
  return { notes: await modelNotes(actor.shopId, parsed.data.model) }
})
