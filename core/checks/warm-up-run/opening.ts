import { changePoint } from '../../statistics/change-point'
import { interpolate } from '../../statistics/line'
import type { WarmUpMark } from './record'
import { thin, type Series } from './series'
import type { ThermostatSide } from './side'

export interface Opening {
  seconds: number
  low: number
  high: number
  engineC: number
  /** absent where the rating is not known */
  offRatingK?: number
  errorK: number
  expectedK: number
  basis: 'mark' | 'hose'
}

export interface OpeningFound {
  opening?: Opening
  /** the held-back hose never warmed though the engine was hot */
  neverOpened: boolean
  /** it warmed with the engine, from the start */
  openFromStart: boolean
}

/** How far engine-outlet temperature at the opening lies from the rating: mean and standard deviation by side, K. */
const OPENING_EXPECTED = {
  outlet: { mean: 0, sd: 4 },
  inlet: { mean: 8.5, sd: 5 },
  'not-known': { mean: 4, sd: 7 },
} as const

/** Thermostats open between these, °C: what an unknown rating may be. */
const LOWEST_RATING_C = 76
const HIGHEST_RATING_C = 105
/** An engine this far above the rating has opened any thermostat that opens, K. */
const PAST_RATING_K = 6

/** A log's samples are averaged over this long. */
export const CELL_SECONDS = 5
/** Readings further apart than this are a walk round the car and no log, s. */
const SPARSE_SECONDS = 20
/** A mark is made so long before or after what it marks, s. */
const MARK_SECONDS = 15
/** The held-back hose has warmed by this: above what it creeps by with the thermostat shut, K and share of the engine's rise. */
const WARMED_K = 4
const WARMED_SHARE = 0.12

/** Standard deviation of what may lie anywhere between two readings, over their distance. */
const ANYWHERE = 1 / Math.sqrt(12)

/**
 * When the thermostat opened, from a mark or from the hose it holds back. A log gives the moment by the change of
 * the hose's slope; a hose read every minute or so only that it lay between the last reading that was still cold
 * and the first that was warm, and the interval is those two. Engine and hose in °C over seconds.
 * @example findOpening({ x: [0, 600], y: [15, 90] }, undefined, [], 'outlet', 88).neverOpened // 'false'
 */
export function findOpening(
  engine: Series,
  heldBack: Series | undefined,
  marks: readonly WarmUpMark[],
  side: ThermostatSide,
  ratingC: number | undefined,
): OpeningFound {
  const mark = marks.find((m) => m.mark === 'opened')
  const found = ofHose(engine, heldBack, ratingC)
  const at = mark
    ? {
        seconds: mark.elapsedSeconds,
        low: Math.max(0, mark.elapsedSeconds - MARK_SECONDS),
        high: mark.elapsedSeconds + MARK_SECONDS,
      }
    : found.at
  const { neverOpened, openFromStart } = found
  if (!at) return { neverOpened, openFromStart }
  const engineAt = (seconds: number) => interpolate(engine.x, engine.y, seconds)
  const { mean, sd } = OPENING_EXPECTED[side]
  const engineC = engineAt(at.seconds)
  const opening: Opening = {
    ...at,
    engineC,
    ...(ratingC === undefined ? {} : { offRatingK: engineC - ratingC }),
    errorK: Math.hypot(sd, ANYWHERE * (engineAt(at.high) - engineAt(at.low))),
    expectedK: mean,
    basis: mark ? 'mark' : 'hose',
  }
  return { opening, neverOpened, openFromStart }
}

type Moment = Pick<Opening, 'seconds' | 'low' | 'high'>

function ofHose(
  engine: Series,
  raw: Series | undefined,
  ratingC: number | undefined,
): { at?: Moment | undefined; neverOpened: boolean; openFromStart: boolean } {
  const nothing = { neverOpened: false, openFromStart: false }
  if (!raw || raw.x.length < 4) return nothing
  const hose = thin(raw, CELL_SECONDS)
  const first = hose.y[0]!
  const last = hose.y.reduce((a, b) => Math.max(a, b), -Infinity)
  const engineAt = (seconds: number) => interpolate(engine.x, engine.y, seconds)
  const engineThen = engineAt(hose.x.at(-1)!)
  const isPast = engineThen > (ratingC ?? HIGHEST_RATING_C) + PAST_RATING_K
  if (isPast && last < first + 0.3 * (engineThen - first)) return { ...nothing, neverOpened: true }
  if (warmsWithEngine(hose, engineAt, ratingC ?? LOWEST_RATING_C))
    return { ...nothing, openFromStart: true }
  const before = stepAt(hose, engineAt)
  if (before === undefined) return nothing
  const gap = hose.x[before + 1]! - hose.x[before]!
  const at = gap > SPARSE_SECONDS ? betweenReadings(hose, before) : bySlope(hose, first, last)
  return { ...nothing, at }
}

/** Already a quarter of the way to the engine's temperature while the engine is far below the rating. */
function warmsWithEngine(
  hose: Series,
  engineAt: (seconds: number) => number,
  ratingC: number,
): boolean {
  const first = hose.y[0]!
  const engineThen = engineAt(hose.x.at(-1)!)
  const quarter = hose.y.findIndex((c) => c > first + 0.25 * (engineThen - first))
  return quarter >= 0 && engineAt(hose.x[quarter]!) < first + 0.62 * (ratingC - first)
}

/** Index of the last reading that is still cold before the hose warms for good; undefined where it never does. */
function stepAt(hose: Series, engineAt: (seconds: number) => number): number | undefined {
  const first = hose.y[0]!
  const isWarm = hose.y.map((c, i) => {
    const risen = engineAt(hose.x[i]!) - first
    return c - first > Math.max(WARMED_K, WARMED_SHARE * risen)
  })
  const lastCold = isWarm.lastIndexOf(false)
  return lastCold < 0 || lastCold === isWarm.length - 1 ? undefined : lastCold
}

const betweenReadings = (hose: Series, before: number): Moment => ({
  seconds: (hose.x[before]! + hose.x[before + 1]!) / 2,
  low: hose.x[before]!,
  high: hose.x[before + 1]!,
})

/** The change of slope of a hose that was logged, up to where it has risen most of its way. */
function bySlope(hose: Series, first: number, last: number): Moment | undefined {
  const until = hose.y.findIndex((c) => c > first + 0.7 * (last - first))
  const cut = until > 6 ? until + 1 : hose.x.length
  const point = changePoint(hose.x.slice(0, cut), hose.y.slice(0, cut), 3)
  if (!point || point.after.slope <= 2 * Math.max(0, point.before.slope)) return undefined
  return { seconds: point.at, low: point.low, high: point.high }
}
