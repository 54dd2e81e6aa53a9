import { getQuery, getRequestHeader, type H3Event } from 'h3'
import { MAX_FILE_BYTES, MAX_ZIP_BYTES, message, readingCaseFile } from '#core'
import { requireActor } from '../../auth/actor'
import { importCase } from '../../database/import'
import { keepAll, missingOf } from '../../database/photographs'
import { caseIn, type CaseZip, ZIP } from '../../utils/case-zip'
import { defineApi, readBytes, readText } from '../../utils/define-api'
import { inSteps } from '../../utils/in-steps'
import { answerInLines, wantsLines, whileSomebodyListens } from '../../utils/lines'

const tooLarge = (limit: number) => message('file.tooLarge', { megabytes: limit / 1048576 })

/** The case that is sent: its file alone, or a zip of it with its photographs. */
async function sentIn(event: H3Event): Promise<CaseZip> {
  return getRequestHeader(event, 'content-type') === ZIP
    ? caseIn(await readBytes(event, MAX_ZIP_BYTES, tooLarge(MAX_ZIP_BYTES)))
    : {
        text: await readText(event, MAX_FILE_BYTES, tooLarge(MAX_FILE_BYTES)),
        photographs: new Map(),
      }
}

/**
 * Takes in the file of a case, and the photographs that came with it; with `?try=yes` nothing is kept, and the answer tells
 * what would be. Photographs that the file does not name are left.
 */
export default defineApi(async (event) => {
  const actor = await requireActor(event, 'import')
  const signal = whileSomebodyListens(event)
  const { text, photographs } = await sentIn(event)
  const file = await inSteps(readingCaseFile(text))
  const isTrial = getQuery(event).try === 'yes'
  const named = file.attachments.flatMap(({ sha256 }): [string, Buffer][] => {
    const bytes = photographs.get(sha256)
    return bytes ? [[sha256, bytes]] : []
  })
  const missing = await missingOf(actor.shopId, new Map(named))
  const take = async (tell?: (progress: object) => void) => {
    const taken = await importCase(actor, file, { isTrial, signal, ...(tell && { tell }) })
    if (!isTrial) await keepAll(actor, missing)
    return { ...taken, photographs: missing.size, added: taken.added + missing.size }
  }
  return wantsLines(event) ? answerInLines(event, take) : take()
})
