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
  /** what it ran at while it moved */
  road?: OnTheRoad
  staysCool: boolean
}

const RATING_DEFAULT_C = 88
/** Hotter than the rating by this is more than control and load explain, K. */
export const HOT_ABOVE_RATING_K = 15

/** A shorter stretch of road says nothing of what the engine settles at. */
const LEAST_MINUTES = 5
/** Further below its rating than this on the road, an engine never gets warm, K. */
const COOL_BELOW_RATING_K = 12

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
  const moving = run.segments.filter(
    ({ kind, minutes }) => kind !== 'idle' && minutes >= LEAST_MINUTES,
  )
  const road = onTheRoad(moving)
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
    ...(road ? { road } : {}),
    staysCool:
      moving.length > 0 && moving.every(({ meanC }) => meanC < ratingC - COOL_BELOW_RATING_K),
  }
}

/** What the engine ran at on the road, °C; at a steady speed where that was driven, for there an open thermostat shows. */
export interface OnTheRoad {
  meanC: number
  steady: boolean
}

function onTheRoad(moving: LoadRun['segments']): OnTheRoad | undefined {
  const steady = moving.filter(({ kind }) => kind === 'cruise')
  const driven = steady.length > 0 ? steady : moving
  const minutes = driven.reduce((sum, segment) => sum + segment.minutes, 0)
  if (minutes === 0) return undefined
  const meanC = driven.reduce((sum, { meanC, minutes: own }) => sum + meanC * own, 0) / minutes
  return { meanC, steady: steady.length > 0 }
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
