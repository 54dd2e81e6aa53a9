import { knownValue } from '../../vehicle/profile'
import { boilingPointC } from '../../physics/boiling'
import type { CheckContext } from '../context'
import { stopLimitC } from '../stop-limit'
import type { LoadRun } from './record'

export interface LoadRunAnalysis {
  ratingC: number
  ratingAssumed: boolean
  /** hottest of each kind of segment less the thermostat's rating, K */
  aboveRatingK: Partial<Record<LoadRun['segments'][number]['kind'], number>>
  /** how much hotter the same kind of road was with the air conditioning on, the most of any kind, K */
  withAirConditioningK?: number
  overheats: LoadRun['segments'][number]['kind'][]
  boilingPointC: number
  leastMarginK: number
  stopLimitC: number
  beyondRating: boolean
  staysCool: boolean
}

const RATING_DEFAULT_C = 88
/** Hotter than the rating by this is more than control and load explain, K. */
export const HOT_ABOVE_RATING_K = 15

/**
 * Temperature per segment against the thermostat's rating, which segments overheat, and the least boiling margin at the pressure really held.
 * @example analyseLoadRun(example('load-run.run'), CONTEXT).ratingC // 88
 */
export function analyseLoadRun(run: LoadRun, context: CheckContext): LoadRunAnalysis {
  const rating = knownValue(context.profile.thermostatRatingC)
  const ratingC = rating ?? RATING_DEFAULT_C
  const boil = boilingPointC({ ...context.mix, heldKPaGauge: context.heldKPaGauge })
  const aboveRatingK: LoadRunAnalysis['aboveRatingK'] = {}
  for (const s of run.segments)
    aboveRatingK[s.kind] = Math.max(aboveRatingK[s.kind] ?? -Infinity, s.maxC - ratingC)
  const hottest = Math.max(...run.segments.map((s) => s.maxC))
  const moving = run.segments.filter((s) => s.kind !== 'idle' && s.minutes >= 5)
  const withAirConditioningK = hotterWithAirConditioning(run.segments)
  return {
    ...(withAirConditioningK === undefined ? {} : { withAirConditioningK }),
    ratingC,
    ratingAssumed: rating === undefined,
    aboveRatingK,
    overheats: (Object.keys(aboveRatingK) as (keyof typeof aboveRatingK)[]).filter(
      (k) => aboveRatingK[k]! > HOT_ABOVE_RATING_K,
    ),
    boilingPointC: boil,
    leastMarginK: boil - hottest,
    stopLimitC: stopLimitC(context, boil),
    beyondRating: run.segments.some((s) => s.load === 'beyond'),
    staysCool: moving.length > 0 && moving.every((s) => s.meanC < ratingC - 12),
  }
}

/** By how much a kind of road was hotter with the air conditioning on, K; undefined where none was driven both ways. */
function hotterWithAirConditioning(segments: LoadRun['segments']): number | undefined {
  const hottest = (kind: string, how: 'on' | 'off') =>
    Math.max(
      ...segments.filter((s) => s.kind === kind && s.airConditioning === how).map((s) => s.maxC),
    )
  const differences = segments
    .map(({ kind }) => hottest(kind, 'on') - hottest(kind, 'off'))
    .filter(Number.isFinite)
  return differences.length > 0 ? Math.max(...differences) : undefined
}
