import { MAX_FILE_BYTES, message, readCaseFile } from '#core'
import { requireActor } from '../../auth/actor'
import { importCase } from '../../database/import'
import { defineApi, readText } from '../../utils/define-api'

export default defineApi(async (event) => {
  const actor = await requireActor(event, 'import')
  const text = await readText(
    event,
    MAX_FILE_BYTES,
    message('file.tooLarge', { megabytes: MAX_FILE_BYTES / 1048576 }),
  )
  return importCase(actor, readCaseFile(text))
})
