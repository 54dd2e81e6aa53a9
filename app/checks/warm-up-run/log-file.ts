import type { Say } from '../../look/say'
import { type LogTable, readLogTable } from '#core'

/** Files larger than this are no log of one run, bytes. */
const LARGEST_BYTES = 8_000_000

/** The columns of a log file; a sentence where it cannot be read. */
export async function tableIn(file: File, say: Say): Promise<LogTable> {
  if (file.size > LARGEST_BYTES)
    throw new Error(say('warm-up-run.logTooLarge', { most: LARGEST_BYTES / 1_000_000 }))
  return readLogTable(await file.text())
}
