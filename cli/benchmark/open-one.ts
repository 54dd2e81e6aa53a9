import { readFileSync } from 'node:fs'
import { believe, rankBelieved, rankBuiltInCase, readCaseFile } from '#core'
import type { Opened } from './opening'
import { timeOf } from './timing'

/** Rankings of the built-in case in a warmed program, as in the screens' worker. */
const WARMING_RUNS = 6

/** Opens the case of a file in this process, which is to be a fresh one: from its model to its questions. */
function openFile(path: string, isWarmed: boolean): Opened {
  const input = readCaseFile(readFileSync(path, 'utf8'))
  if (isWarmed) for (let i = 0; i < WARMING_RUNS; i++) rankBuiltInCase()
  const ms = timeOf(() => void rankBelieved(believe(input), input))
  return { ms, memoryMB: Math.round(process.memoryUsage().rss / 1048576) }
}

const [path, warmed] = process.argv.slice(2)
process.stdout.write(JSON.stringify(openFile(path!, warmed === 'warmed')))
