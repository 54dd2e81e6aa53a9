import { readdirSync, readFileSync } from 'node:fs'
import { cpus } from 'node:os'
import { join } from 'node:path'
import {
  Belief,
  believe,
  benchmarkReadings,
  builtInCase,
  type CaseInput,
  leadOf,
  modelFor,
  plainPosterior,
  readCaseFile,
} from '#core'
import { type EngineTimes, engineTimes, type Prepared } from './cases'
import { analysisOfLog } from './log'
import { openingTimes } from './opening'
import { type Spread, spreadOf, timeOf, timesOf } from './timing'

/** Every figure of the benchmark; those of the engine, beside the others, are of the built-in case. */
export interface BenchmarkResult extends EngineTimes {
  logAnalysisMs: Spread
  /** time of the plain enumeration over that of the engine */
  baselineRatio: number
  /** a case opened in a process of its own: warmed by the built-in case, and not */
  openingMs: Spread
  openingColdMs: Spread
  /** the lead of every demo case, one after another */
  boardMs: number
  /** of a process that warmed itself and opened a case */
  memoryMB: number
  demo: EngineTimes
  vignettes: EngineTimes
  nodeVersion: string
  cpu: string
}

const DEMO = 'data/demo/cases'
const VIGNETTES = ['data/vignettes/open', 'data/vignettes/kept-apart']

const filesIn = (folder: string) =>
  readdirSync(folder)
    .filter((name) => name.endsWith('.json'))
    .sort()
    .map((name) => join(folder, name))

const casesOf = (paths: readonly string[]) =>
  paths.map((path) => readCaseFile(readFileSync(path, 'utf8')))

function prepared(input: CaseInput): Prepared {
  const { model, belief, assessment } = believe(input)
  const { readings, timeline } = belief
  return { input, model, readings, timeline, facts: assessment.facts }
}

/** The built-in case with so many readings. */
function builtIn(readings: number): Prepared {
  const input = builtInCase()
  const model = modelFor(input)
  return {
    input,
    model,
    readings: benchmarkReadings(model, readings),
    timeline: [],
    facts: new Set(),
  }
}

/** Throws when the engine and the plain enumeration, whose time grows with the readings, differ by more than 1e-9. */
function ratioToPlain({ model, readings }: Prepared): number {
  const belief = new Belief(model, readings)
  let plain!: Float64Array
  const baseline = timeOf(() => (plain = plainPosterior(model, readings)))
  const worst = Math.max(...plain.map((p, f) => Math.abs(p - belief.faults[f]!)))
  if (!(worst < 1e-9)) throw new Error(`engine and plain enumeration differ by ${worst}`)
  const engine = spreadOf(timesOf(15, () => void new Belief(model, readings))).median
  return Number((baseline / engine).toFixed(1))
}

export interface BenchmarkSize {
  /** runs over the built-in case; a tenth of that over each of the others */
  runs?: number
  /** readings of the built-in case */
  readings?: number
  /** cases of each set; all unless said */
  most?: number
}

/** Every figure the benchmark promises. */
export function benchmark({ runs = 40, readings = 60, most }: BenchmarkSize = {}): BenchmarkResult {
  const own = builtIn(readings)
  const demo = filesIn(DEMO).slice(0, most)
  const board = casesOf(demo)
  const few = { runs: Math.max(1, Math.round(runs / 10)), warming: 2 }
  const demoTimes = engineTimes(board.map(prepared), few)
  const leads = () => board.forEach((input) => leadOf(input))
  const vignettes = casesOf(VIGNETTES.flatMap(filesIn).slice(0, most))
  const analyse = analysisOfLog(own.input)
  analyse()
  return {
    ...engineTimes([own], { runs, warming: Math.min(12, 2 * runs) }),
    logAnalysisMs: spreadOf(timesOf(Math.min(12, runs), analyse)),
    baselineRatio: ratioToPlain(own),
    ...openingTimes(demo),
    boardMs: spreadOf(timesOf(3, leads)).median,
    demo: demoTimes,
    vignettes: engineTimes(vignettes.map(prepared), few),
    nodeVersion: process.version,
    cpu: cpus()[0]?.model.trim() ?? '',
  }
}
