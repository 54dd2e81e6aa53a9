import { correctedValue } from '../../quantity/record'
import type { LoadRun } from './record'
import type { Road } from './roads'

/** One kind of road in two runs. */
export interface RoadCompared {
  road: Road
  /** hottest there, °C; absent where the run had no such stretch */
  beforeC?: number
  nowC?: number
  /**
   * As hot as it would have been at most on the day of the first run, °C: where it was hotter outside then. With the
   * thermostat wide open the coolant stands above the air by heat over conductance, so that it follows the air degree by
   * degree; while the thermostat still controls, it follows less.
   */
  nowOnThatDayC?: number
}

/** Warmer outside by less says nothing, K. */
const LEAST_WARMER_K = 3
const ROADS: readonly Road[] = ['idle', 'town', 'cruise', 'climb']

/**
 * Two runs, road by road: what one of them has.
 * @example compareRuns(example('load-run.run'), example('load-run.run'))[0].road // 'town'
 */
export function compareRuns(before: LoadRun, now: LoadRun): RoadCompared[] {
  const warmer = warmerThenK(before, now)
  return ROADS.flatMap((road) => {
    const [then, since] = [hottestOn(before, road), hottestOn(now, road)]
    if (then === undefined && since === undefined) return []
    return {
      road,
      ...(then === undefined ? {} : { beforeC: then }),
      ...(since === undefined ? {} : { nowC: since }),
      ...(since === undefined || warmer < LEAST_WARMER_K ? {} : { nowOnThatDayC: since + warmer }),
    }
  })
}

function hottestOn({ segments }: LoadRun, road: Road): number | undefined {
  const there = segments.filter(({ kind }) => kind === road).map(({ maxC }) => maxC)
  return there.length > 0 ? Math.max(...there) : undefined
}

/** By how much warmer it was outside in the first run; nothing where one of them does not say. */
function warmerThenK(before: LoadRun, now: LoadRun): number {
  if (!before.ambient || !now.ambient) return 0
  return correctedValue(before.ambient) - correctedValue(now.ambient)
}

/**
 * What two runs say of a repair: where it was hottest before, and what came of that road since.
 * @example whereItWasHottest([{ road: 'climb', beforeC: 112, nowC: 96 }]).nowC // 96
 */
export const whereItWasHottest = (roads: readonly RoadCompared[]): RoadCompared | undefined =>
  roads.toSorted((a, b) => (b.beforeC ?? -Infinity) - (a.beforeC ?? -Infinity))[0]
