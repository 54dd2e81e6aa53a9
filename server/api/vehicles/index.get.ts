import { getQuery } from 'h3'
import { z } from 'zod'
import { requireActor } from '../../auth/actor'
import { searchVehicles } from '../../database/search'
import { refuse } from '../../utils/api-error'
import { defineApi } from '../../utils/define-api'

const query = z.object({ text: z.string().max(80) })

/** Vehicles of the shop by what they are known under. */
export default defineApi(async (event) => {
  const actor = await requireActor(event, 'read')
  const parsed = query.safeParse(getQuery(event))
  if (!parsed.success) throw refuse.bad('search', 'text')
  return searchVehicles(actor.shopId, parsed.data.text)
})
