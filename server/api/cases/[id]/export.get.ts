import { getRouterParam, setResponseHeader } from 'h3'
import { z } from 'zod'
import { composeCaseFile, writeCaseFile } from '#core'
import { requireActor } from '../../../auth/actor'
import { loadCase } from '../../../database/read'
import { refuse } from '../../../utils/api-error'
import { defineApi } from '../../../utils/define-api'

export default defineApi(async (event) => {
  const actor = await requireActor(event, 'read')
  const id = z.uuid().safeParse(getRouterParam(event, 'id'))
  const parts = id.success ? await loadCase(actor.shopId, id.data) : undefined
  if (!parts) throw refuse.notFound()
  setResponseHeader(event, 'content-type', 'application/json; charset=utf-8')
  setResponseHeader(
    event,
    'content-disposition',
    `attachment; filename="case-${parts.case.id}.json"`,
  )
  return writeCaseFile(composeCaseFile(parts, new Date().toISOString()))
})
