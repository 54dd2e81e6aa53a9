import {
  type CrankingTrace,
  crankingOf,
  importLog,
  InputError,
  type Message,
  message,
  readLogTable,
  suggestMapping,
} from '#core'

/** A file larger than this is no run of a few seconds. */
const MOST_BYTES = 5_000_000

type ReadRun = { run: CrankingTrace; values: number } | { problem: Message }

/** Reads a run of the starter from a trace file with a time and a pressure column; what is wrong with it in one sentence. */
export async function readRun(file: File): Promise<ReadRun> {
  if (file.size > MOST_BYTES) return { problem: message('crankTrace.tooLarge') }
  try {
    const table = readLogTable(await file.text())
    const { time, channels } = suggestMapping(table)
    if (!time || !channels?.pressure) return { problem: message('crankTrace.noPressure') }
    const [trace] = importLog(table, { time, channels: { pressure: channels.pressure } }).traces
    return { run: crankingOf(trace!.seconds, trace!.values), values: trace!.values.length }
  } catch (error) {
    return {
      problem: error instanceof InputError ? error.problem : message('crankTrace.unreadable'),
    }
  }
}
