import { getQuery } from 'h3'
import { MAX_FILE_BYTES, message, readingCaseFile } from '#core'
import { requireActor } from '../../auth/actor'
import { importCase } from '../../database/import'
import { defineApi, readText } from '../../utils/define-api'
import { inSteps } from '../../utils/in-steps'
import { answerInLines, wantsLines, whileSomebodyListens } from '../../utils/lines'

/** Takes in the file of a case; with `?try=yes` nothing is kept, and the answer tells what would be. */
export default defineApi(async (event) => {
  const actor = await requireActor(event, 'import')
  const signal = whileSomebodyListens(event)
  const text = await readText(
    event,
    MAX_FILE_BYTES,
    message('file.tooLarge', { megabytes: MAX_FILE_BYTES / 1048576 }),
  )
  const file = await inSteps(readingCaseFile(text))
  const how = { isTrial: getQuery(event).try === 'yes', signal }
  return wantsLines(event)
    ? answerInLines(event, (tell) => importCase(actor, file, { ...how, tell }))
    : importCase(actor, file, how)
})
