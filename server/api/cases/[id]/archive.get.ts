import { setResponseHeader } from 'h3'
import { composeCaseFile, writeCaseFile } from '#core'
import { requireActor } from '../../../auth/actor'
import { photographsOf } from '../../../database/photographs'
import { caseAsked } from '../../../utils/case-asked'
import { ZIP, zipOf } from '../../../utils/case-zip'
import { defineApi } from '../../../utils/define-api'

/** The file of a case with its photographs, as one zip that another installation takes in. */
export default defineApi(async (event) => {
  const actor = await requireActor(event, 'read')
  const parts = await caseAsked(event, actor.shopId)
  const file = composeCaseFile(parts, new Date().toISOString())
  const named = file.attachments.map(({ sha256 }) => sha256)
  const photographs = await photographsOf(actor.shopId, named)
  setResponseHeader(event, 'content-type', ZIP)
  setResponseHeader(event, 'content-disposition', `attachment; filename="case-${file.case.id}.zip"`)
  return zipOf({ text: writeCaseFile(file), photographs })
})
