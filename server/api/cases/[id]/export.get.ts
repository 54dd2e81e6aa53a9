import { setResponseHeader } from 'h3'
import { composeCaseFile, writeCaseFile } from '#core'
import { requireActor } from '../../../auth/actor'
import { caseAsked } from '../../../utils/case-asked'
import { defineApi } from '../../../utils/define-api'

export default defineApi(async (event) => {
  const actor = await requireActor(event, 'read')
  const parts = await caseAsked(event, actor.shopId)
  setResponseHeader(event, 'content-type', 'application/json; charset=utf-8')
  setResponseHeader(
    event,
    'content-disposition',
    `attachment; filename="case-${parts.case.id}.json"`,
  )
  return writeCaseFile(composeCaseFile(parts, new Date().toISOString()))
})
