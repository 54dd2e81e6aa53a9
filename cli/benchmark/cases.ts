import {
  Belief,
  type CaseInput,
  type Model,
  makePlan,
  nextChecks,
  openQuestions,
  pivotAnswer,
  type PlacedReading,
  rankBelief,
  stabilityOf,
  type Timeline,
} from '#core'
import { type Spread, spreadOf, timeOf } from './timing'

/** A case put together for the engine. */
export interface Prepared {
  input: CaseInput
  model: Model
  readings: readonly PlacedReading[]
  timeline: Timeline
  facts: ReadonlySet<string>
}

const TIMES = [
  'posteriorMs',
  'fullRankingMs',
  'oneMoreReadingMs',
  'nextCheckMs',
  'questionsMs',
  'planMs',
  'pivotMs',
  'stabilityMs',
] as const
type Timed = (typeof TIMES)[number]

/** Times over some cases, ms; each belief is made anew, so that nothing found before is used again. */
export type EngineTimes = Record<Timed, Spread>

/** Times of one run over a case; what follows a ranking finds the ranking's sets, as it does on the screen. */
function timesOfCase({ input, model, readings, timeline, facts }: Prepared) {
  let belief!: Belief
  const posteriorMs = timeOf(() => (belief = new Belief(model, readings, timeline)))
  const rest = timeOf(() => void rankBelief(belief, facts))
  return {
    belief,
    times: {
      posteriorMs,
      fullRankingMs: posteriorMs + rest,
      nextCheckMs: timeOf(() => void nextChecks(belief, input)),
      questionsMs: timeOf(() => void openQuestions(belief)),
      planMs: timeOf(() => void makePlan(belief, input)),
      pivotMs: timeOf(() => void pivotAnswer(belief, input)),
      ...oneMore({ model, readings, timeline }),
    },
  }
}

/** The last reading comes after the others; nothing where there is none. */
function oneMore({ model, readings, timeline }: Pick<Prepared, 'model' | 'readings' | 'timeline'>) {
  const last = readings.at(-1)
  if (!last) return {}
  const before = new Belief(model, readings.slice(0, -1), timeline)
  return { oneMoreReadingMs: timeOf(() => void before.withOneMore(last)) }
}

/** Times over cases, `runs` times each after `warming` runs that do not count; stability in the last run only. */
export function engineTimes(
  cases: readonly Prepared[],
  { runs, warming }: { runs: number; warming: number },
): EngineTimes {
  const all = new Map<Timed, number[]>(TIMES.map((key) => [key, []]))
  const keep = (times: Partial<Record<Timed, number>>) =>
    all.forEach((list, key) => times[key] === undefined || list.push(times[key]))
  for (let run = 0; run < warming + runs; run++)
    for (const one of cases) {
      const { belief, times } = timesOfCase(one)
      if (run >= warming) keep(times)
      if (run === warming + runs - 1) keep({ stabilityMs: timeOf(() => void stabilityOf(belief)) })
    }
  const out: Partial<EngineTimes> = {}
  for (const [key, list] of all) out[key] = spreadOf(list)
  return out as EngineTimes
}
