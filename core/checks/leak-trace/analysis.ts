import { LEAK_PLACES, positionOf, type EngineOrientation } from '../../vehicle/places'
import type { LeakTrace } from './record'

export interface Candidate {
  place: string
  /** share of the belief that the drip comes from here, from height and what was seen; sums to 1 */
  share: number
  found: boolean
}

export interface TraceAnalysis {
  /** of the drips that were counted; absent where none was */
  mLPerMinute?: number
  candidates: Candidate[]
  /** the three likeliest places of each drip, in the order of the drips */
  byDrip: Candidate[][]
  /** source found only when seen issuing, or wet again after drying */
  found: string[]
  /** the same of places that the list does not have, in words */
  foundElsewhere: string[]
}

/** A drip that was not counted, or just stands there, counts as one drop in two minutes beside the others. */
const LEAST_PER_MINUTE = 0.5
/** A drop of coolant is about a twentieth of a millilitre. */
const DROP_ML = 0.05
const HEIGHT_ERROR = 0.12
/** How much more a look makes of a place than no look. */
const LOOK_WEIGHT = { issuing: 60, 'dried-and-wet-again': 25, wet: 3, dry: 0.15 } as const

/** A drop runs along what it lands on: it reaches the tray within about this of below its source, shares of the tray. */
const DRIP_SCATTER = 0.16
/** One that was watched falling lands below where it leaves, but for the slant of the tray and of the eye. */
const FALLING_SCATTER = 0.08
/** Air carries drips backward by about this, and scatters them. */
const BLOWN = { back: 0.12, sideways: 0.26 }
/** Share of drips that ran along a frame or an undertray and say nothing of the place. */
const RAN_ALONG = 0.12
const FALLING_RAN_ALONG = 0.02

/** p(drip lands here | it comes from the place), up to a factor. */
function landsFrom(
  drip: LeakTrace['drips'][number],
  from: { x: number; y: number },
  airFlow: boolean,
): number {
  const sx = drip.falling ? FALLING_SCATTER : DRIP_SCATTER
  const sy = airFlow ? BLOWN.sideways : sx
  const ranAlong = drip.falling ? FALLING_RAN_ALONG : RAN_ALONG
  const dy = drip.y - from.y - (airFlow ? BLOWN.back : 0)
  return (
    ranAlong +
    (1 - ranAlong) *
      Math.exp(-0.5 * (((drip.x - from.x) / sx) ** 2 + (dy / sy) ** 2)) *
      (DRIP_SCATTER ** 2 / (sx * sy))
  )
}

/** A source is found where it is seen issuing, or wet again after drying; wet alone may be wetted from above. */
const isSource = ({ seen }: { seen: string }) =>
  seen === 'issuing' || seen === 'dried-and-wet-again'

export interface TraceOptions {
  orientation?: EngineOrientation
  /** how likely each fault was before the tray was looked at, any scale; absent: all alike */
  history?: (fault: string) => number
}

/**
 * Nothing leaks upward: a source lies at or above the highest wet point; what is dry, and what lies far below, is out.
 * Each drip has its own candidates, by where it lands, by height, by what was seen and by the record so far; a
 * place's share is the sum over the drips, each by its rate, so that two sources both come to the top.
 * @example analyseTrace(example('leak-trace.trace')).candidates.length // 22
 */
export function analyseTrace(
  trace: LeakTrace,
  { orientation = trace.orientation ?? 'lengthwise', history = () => 1 }: TraceOptions = {},
): TraceAnalysis {
  const seen = new Map(trace.places.map((p) => [p.place, p.seen]))
  const found = trace.places.filter(isSource).map((p) => p.place)
  const foundElsewhere = (trace.elsewhere ?? []).filter(isSource).map(({ where }) => where)
  const highest =
    trace.highestWet ??
    Math.max(
      0,
      ...trace.places
        .filter((p) => p.seen !== 'dry')
        .map((p) => LEAK_PLACES.find((l) => l.id === p.place)!.height),
    )
  const error = HEIGHT_ERROR * (trace.airFlow ? 2 : 1)
  const base = LEAK_PLACES.map((p) => {
    const below = Math.max(0, highest - p.height)
    const above = Math.max(0, p.height - highest)
    const state = seen.get(p.id)
    return (
      Math.exp(-0.5 * (below / error) ** 2) *
      Math.exp(-above / (trace.drips.length > 0 && highest === 0 ? 3 : 0.35)) *
      (state ? LOOK_WEIGHT[state] : 1) *
      Math.max(1e-6, history(p.fault))
    )
  })
  const shared = (weights: readonly number[]) => {
    const total = weights.reduce((a, b) => a + b, 0)
    return weights.map((w) => w / total)
  }
  const byDrip = trace.drips.map((drip) =>
    shared(
      base.map(
        (w, i) => w * landsFrom(drip, positionOf(LEAK_PLACES[i]!, orientation), trace.airFlow),
      ),
    ),
  )
  const rateOf = ({ perMinute = 0 }: LeakTrace['drips'][number]) =>
    Math.max(LEAST_PER_MINUTE, perMinute)
  const rate = trace.drips.reduce((sum, drip) => sum + rateOf(drip), 0)
  const whole =
    byDrip.length === 0
      ? shared(base)
      : LEAK_PLACES.map((_, i) =>
          byDrip.reduce((sum, list, d) => sum + (list[i]! * rateOf(trace.drips[d]!)) / rate, 0),
        )
  const listed = (shares: readonly number[]) =>
    LEAK_PLACES.map((p, i) => ({
      place: p.id,
      share: shares[i]!,
      found: found.includes(p.id),
    })).sort((a, b) => b.share - a.share)
  const counted = trace.drips.flatMap(({ perMinute }) => perMinute ?? [])
  return {
    ...(counted.length > 0 && { mLPerMinute: DROP_ML * counted.reduce((a, b) => a + b, 0) }),
    candidates: listed(whole),
    byDrip: byDrip.map((shares) => listed(shares).slice(0, 3)),
    found,
    foundElsewhere,
  }
}
