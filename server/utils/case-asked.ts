import { getRouterParam, type H3Event } from 'h3'
import { z } from 'zod'
import { loadCase } from '../database/read'
import { refuse } from './api-error'

/** All that is known of the case that a request names in its address; refused where the shop has none of this id. */
export async function caseAsked(event: H3Event, shopId: string) {
  const id = z.uuid().safeParse(getRouterParam(event, 'id'))
  const parts = id.success ? await loadCase(shopId, id.data) : undefined
  if (!parts) throw refuse.notFound()
  return parts
}
