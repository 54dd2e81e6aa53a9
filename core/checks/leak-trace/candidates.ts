import { LEAK_PLACES, type EngineOrientation } from '../../vehicle/places'
import { analyseTrace, type TraceAnalysis } from './analysis'
import type { LeakTrace } from './record'

/** What a place that was looked at, or that nothing is known of, counts for before the tray was looked at. */
const UNTOLD = 0.05

/**
 * A trace read with the suspects of the case: a place counts by the chance of its fault before the tray was looked
 * at, a place of a fault that this vehicle cannot have is left out, and one that was looked at counts by the look
 * alone, for the chance already knows of it. `chances` is empty while nothing is ranked yet: then all count alike.
 * @example traceWithSuspects(example('leak-trace.trace'), 'lengthwise', new Map()).candidates[0].place
 *   // 'thermostat-flange'
 */
export function traceWithSuspects(
  trace: LeakTrace,
  orientation: EngineOrientation,
  chances: ReadonlyMap<string, number>,
): TraceAnalysis {
  const isRanked = chances.size > 0
  const looked = new Set(trace.places.map((p) => p.place))
  const lookedFor = (fault: string) =>
    LEAK_PLACES.some((p) => p.fault === fault && looked.has(p.id))
  const history = (fault: string) => {
    if (isRanked && !chances.has(fault)) return 0
    return lookedFor(fault) ? UNTOLD : (chances.get(fault) ?? UNTOLD)
  }
  const possible = new Set(
    LEAK_PLACES.filter((p) => !isRanked || chances.has(p.fault)).map((p) => p.id),
  )
  const analysis = analyseTrace(trace, { orientation, history })
  return { ...analysis, candidates: analysis.candidates.filter((c) => possible.has(c.place)) }
}
