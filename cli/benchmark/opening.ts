import { spawnSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { believe, rankBelieved, rankBuiltInCase, readCaseFile } from '#core'
import { spreadOf, timeOf } from './timing'

/** Rankings of the built-in case in a warmed program, as in the screens' worker. */
const WARMING_RUNS = 6

export interface Opened {
  ms: number
  memoryMB: number
}

/** Opens the case of a file in this process, which is to be a fresh one: from its model to its questions. */
export function openFile(path: string, warmed: boolean): Opened {
  const input = readCaseFile(readFileSync(path, 'utf8'))
  if (warmed) for (let i = 0; i < WARMING_RUNS; i++) rankBuiltInCase()
  const ms = timeOf(() => void rankBelieved(believe(input), input))
  return { ms, memoryMB: Math.round(process.memoryUsage().rss / 1048576) }
}

function openInProcess(path: string, warmed: boolean): Opened {
  const program = ['--import', 'tsx', 'cli/main.ts', 'benchmark', path]
  const options = warmed ? ['--warmed'] : []
  const { stdout, stderr, status } = spawnSync(process.execPath, [...program, ...options], {
    encoding: 'utf8',
  })
  if (status !== 0) throw new Error(`${path} could not be opened: ${stderr}`)
  return JSON.parse(stdout) as Opened
}

/** Opening of each file in a process of its own, one that has warmed itself and one that has not; the most memory. */
export function openingTimes(paths: readonly string[]) {
  const warmed = paths.map((path) => openInProcess(path, true))
  const cold = paths.map((path) => openInProcess(path, false))
  return {
    openingMs: spreadOf(warmed.map(({ ms }) => ms)),
    openingColdMs: spreadOf(cold.map(({ ms }) => ms)),
    memoryMB: Math.max(...warmed.map(({ memoryMB }) => memoryMB)),
  }
}
