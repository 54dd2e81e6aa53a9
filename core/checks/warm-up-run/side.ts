import { interpolate } from '../../statistics/line'
import type { RunSeries, Series } from './series'

export type ThermostatSide = 'outlet' | 'inlet' | 'not-known'

/** The hotter an engine gets, the further its own hose follows it: a hose behind a shut thermostat does not get here. */
const FOLLOWS_SHARE = 0.5
/** Asked where the engine has come so far of its way to its hottest: hot enough to tell, and before any thermostat opens. */
const ASKED_SHARE = 0.6
/** An engine that rose by less than this from where the hoses were shows nothing of them, K. */
const LEAST_RISE_K = 25

/**
 * Which hose the thermostat holds back. A hose that warms with the engine lies before the thermostat, one that stays
 * behind lies after it: the upper one is held back by a thermostat at the engine's outlet, the lower one alone by
 * one at its inlet. Undefined where both or none stay behind in a
 * way that tells it.
 * @example sideTaughtBy({ x: [0, 600, 1200], y: [15, 55, 95] }, { 'upper-hose': { x: [0, 900], y: [15, 70] }, 'lower-hose': { x: [0, 900], y: [15, 20] } })
 *   // 'inlet'
 */
export function sideTaughtBy(engine: Series, series: RunSeries): 'outlet' | 'inlet' | undefined {
  const upper = series['upper-hose']
  const lower = series['lower-hose']
  if (!upper || !lower) return undefined
  const from = engine.y[0]!
  const hottest = engine.y.reduce((a, b) => Math.max(a, b), -Infinity)
  if (hottest - from < LEAST_RISE_K) return undefined
  const riseK = ASKED_SHARE * (hottest - from)
  const after = engine.y.findIndex((c) => c >= from + riseK)
  const [x0, x1] = [engine.x[after - 1]!, engine.x[after]!]
  const [y0, y1] = [engine.y[after - 1]!, engine.y[after]!]
  const at = x0 + ((x1 - x0) * (from + riseK - y0)) / (y1 - y0)
  const follows = (hose: Series) =>
    interpolate(hose.x, hose.y, at) - hose.y[0]! > FOLLOWS_SHARE * riseK
  if (follows(upper)) return follows(lower) ? undefined : 'inlet'
  return follows(lower) ? undefined : 'outlet'
}

/**
 * The hose that the thermostat holds back, by its own name or as upper or lower.
 * @example heldBackHose('inlet', { 'lower-hose': { x: [0], y: [15] } }).y[0] // 15
 */
export function heldBackHose(side: ThermostatSide, series: RunSeries): Series | undefined {
  const named = series['radiator-side-hose'] ?? series['infrared-radiator']
  if (named) return named
  if (side === 'not-known') return undefined
  return side === 'outlet' ? series['upper-hose'] : series['lower-hose']
}
