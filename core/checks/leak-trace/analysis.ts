import { LEAK_PLACES } from '../../knowledge/places'
import type { LeakTrace } from './record'

export interface Candidate {
  place: string
  /** share of the belief that the drip comes from here, from height and what was seen; sums to 1 */
  share: number
  found: boolean
}

export interface TraceAnalysis {
  mLPerMinute: number
  candidates: Candidate[]
  /** source found only when seen issuing, or wet again after drying */
  found: string[]
}

/** A drop of coolant is about a twentieth of a millilitre. */
const DROP_ML = 0.05
const HEIGHT_ERROR = 0.12
/** How much more a look makes of a place than no look. */
const LOOK_WEIGHT = { issuing: 60, 'wet-again': 25, wet: 3, dry: 0.15 } as const

/** Nothing leaks upward: a source lies at or above the highest wet point; what is dry, and what lies far below, is out. */
export function analyseTrace(trace: LeakTrace): TraceAnalysis {
  const seen = new Map(trace.places.map((p) => [p.place, p.seen]))
  const found = trace.places.filter((p) => p.seen === 'issuing' || p.seen === 'wet-again').map((p) => p.place)
  const highest = trace.highestWet ?? Math.max(0, ...trace.places.filter((p) => p.seen !== 'dry').map((p) => LEAK_PLACES.find((l) => l.id === p.place)!.height))
  const spread = HEIGHT_ERROR * (trace.airFlow ? 2 : 1)
  const weights = LEAK_PLACES.map((p) => {
    const below = Math.max(0, highest - p.height)
    const above = Math.max(0, p.height - highest)
    const height = Math.exp(-0.5 * (below / spread) ** 2) * Math.exp(-above / 0.35)
    const state = seen.get(p.id)
    const look = state ? LOOK_WEIGHT[state] : 1
    return height * look
  })
  const total = weights.reduce((a, b) => a + b, 0)
  const candidates = LEAK_PLACES.map((p, i) => ({ place: p.id, share: weights[i]! / total, found: found.includes(p.id) })).sort((a, b) => b.share - a.share)
  return { mLPerMinute: trace.drips.reduce((sum, d) => sum + d.perMinute * DROP_ML, 0), candidates, found }
}
