import type { Say } from '../../look/say'
import { importLog, readLogTable, suggestMapping } from '#core'

/** Files larger than this are no log of one run, bytes. */
const LARGEST_BYTES = 8_000_000

/** What a log file says of a run: its columns as they seem to be; a sentence where it cannot be read. */
export async function logIn(file: File, say: Say) {
  if (file.size > LARGEST_BYTES)
    throw new Error(say('warm-up-run.logTooLarge', { most: LARGEST_BYTES / 1_000_000 }))
  const table = readLogTable(await file.text())
  const { time, channels = {} } = suggestMapping(table)
  if (!time) throw new Error(say('warm-up-run.logHasNoTime'))
  if (Object.keys(channels).length === 0) throw new Error(say('warm-up-run.logHasNoChannel'))
  return importLog(table, { time, channels })
}
