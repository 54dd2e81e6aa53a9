import { getRouterParam } from 'h3'
import { z } from 'zod'
import { requireActor } from '../../../auth/actor'
import { learn } from '../../../database/learning'
import { likeCases } from '../../../database/like-cases'
import { refuse } from '../../../utils/api-error'
import { defineApi } from '../../../utils/define-api'

/** Closed cases of the shop that are most alike to this one, by what was recorded. */
export default defineApi(async (event) => {
  const { shopId } = await requireActor(event, 'read')
  const id = z.uuid().safeParse(getRouterParam(event, 'id'))
  await learn(shopId)
  const found = id.success ? await likeCases(shopId, id.data) : undefined
  if (!found) throw refuse.notFound()
  return { cases: found }
})
