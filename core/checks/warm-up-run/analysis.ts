import { knownValue } from '../../vehicle/profile'
import { boilingPointC } from '../../physics/boiling'
import { fitLine, interpolate, median } from '../../statistics/line'
import type { CheckContext } from '../context'
import { type EarlyPressure, earlyPressure } from '../early-pressure'
import { stopLimitC } from '../stop-limit'
import { isUnitSlip } from '../sensor-agreement/analysis'
import { CELL_SECONDS, findOpening, type OpeningFound } from './opening'
import type { WarmUpMark } from './record'
import { gaps, thin, type RunSeries, type Series } from './series'
import { heldBackHose, sideTaughtBy, type ThermostatSide } from './side'

export interface FanCycle {
  onSeconds: number
  offSeconds?: number
  onC: number
  offC?: number
  /** the temperature begins to fall after the start */
  cools?: boolean
}

export interface WarmUpAnalysis extends OpeningFound {
  /** K a minute from the start to 60 °C */
  warmUpKPerMinute?: number
  side: ThermostatSide
  /** the side is not on record, and the hoses of this run show it */
  sideTaught?: boolean
  ratingC?: number
  overshootK?: number
  plateauC?: number
  plateauBelowRatingK?: number
  /** slow wander of the engine's temperature when warm, beside its trend, K (upper quartile of the swings) */
  wanderK?: number
  fan: {
    cycles: FanCycle[]
    onC?: number
    hysteresisK?: number
    duty?: number
    cycleSeconds?: number
  }
  agreement: {
    other: 'infrared-engine' | 'engine-side-hose' | 'dash'
    medianK: number
    pairs: number
    unitSlip: boolean
  }[]
  /** what the pressure rose by before it was warm */
  early?: EarlyPressure
  levelLateMmPerMinute?: number
  /** absent where no channel reads the engine */
  hottestC?: number
  leastMarginK?: number
  stopLimitC: number
  gaps: { channel: string; from: number; to: number }[]
  /** the scan's figures may stand in another unit: nothing is concluded from them */
  scanUnitDoubtful?: boolean
}

/** Standard error of each second source beside the scan, K. */
const SECOND_ERROR_K = { 'infrared-engine': 3, 'engine-side-hose': 6, dash: 8 } as const

/**
 * A run from cold: opening moment by change-point of the hose on the thermostat's side, plateau, overshoot, fan
 * cycles, agreement of sensors, unit slip, early pressure, level creep. °C, seconds. The comparison with the
 * rating is wide by nature: the run alone never condemns "opens late".
 * @example analyseWarmUp(gatherSeries([], [example('warm-up-run.trace')]), [], CONTEXT).neverOpened
 *   // 'false'
 */
export function analyseWarmUp(
  series: RunSeries,
  marks: readonly WarmUpMark[],
  context: CheckContext,
): WarmUpAnalysis {
  const rating = knownValue(context.profile.thermostatRatingC)
  const engine = series['scan-coolant'] ?? series['infrared-engine'] ?? series['engine-side-hose']
  const boil = boilingPointC({ ...context.mix, heldKPaGauge: context.heldKPaGauge })
  const out: WarmUpAnalysis = {
    neverOpened: false,
    openFromStart: false,
    side: knownValue(context.profile.thermostatSide) ?? 'not-known',
    fan: { cycles: [] },
    agreement: [],
    stopLimitC: stopLimitC(context, boil),
    gaps: Object.entries(series).flatMap(([channel, s]) => gaps(s).map((g) => ({ channel, ...g }))),
  }
  if (rating !== undefined) out.ratingC = rating
  if (!engine) return out
  agree(out, series)
  if (out.scanUnitDoubtful) return out
  const hottestC = engine.y.reduce((a, b) => Math.max(a, b), -Infinity)
  out.hottestC = hottestC
  out.leastMarginK = boil - hottestC
  if (engine.x.length < 2) return out
  const warm = thin(engine, CELL_SECONDS)
  const taught = out.side === 'not-known' ? sideTaughtBy(warm, series) : undefined
  if (taught) Object.assign(out, { side: taught, sideTaught: true })
  rate(out, warm, hottestC)
  Object.assign(out, findOpening(warm, heldBackHose(out.side, series), marks, out.side, rating))
  plateau(out, warm, rating)
  fan(out, warm, marks)
  sides(out, series, warm)
  return out
}

function rate(out: WarmUpAnalysis, warm: Series, hottestC: number) {
  const until = warm.y.findIndex((c) => c > Math.min(60, hottestC - 3))
  if (until < 3) return
  out.warmUpKPerMinute = fitLine(warm.x.slice(0, until), warm.y.slice(0, until)).slope * 60
}

function plateau(out: WarmUpAnalysis, warm: Series, rating: number | undefined) {
  const from = warm.x.findIndex((x) => x >= 0.65 * warm.x.at(-1)!)
  const x = warm.x.slice(from)
  const y = warm.y.slice(from)
  if (x.length < 4 || x.at(-1)! - x[0]! < 90) return
  const trend = fitLine(x, y)
  const slope = trend.slope * 60
  const middle = median(y)
  const swings = y
    .map((v, i) => Math.abs(v - trend.intercept - trend.slope * x[i]!))
    .sort((a, b) => a - b)
  out.wanderK = swings[Math.floor(0.75 * swings.length)]!
  if (Math.abs(slope) < 1 && warm.x.at(-1)! > 300) {
    out.plateauC = middle
    if (rating !== undefined) out.plateauBelowRatingK = rating - middle
  }
  const peak = warm.y.reduce((a, b) => Math.max(a, b), -Infinity)
  const peakAt = warm.y.indexOf(peak)
  const after = warm.y.slice(peakAt).reduce((a, b) => Math.min(a, b), Infinity)
  const drop = peak - after
  if (out.plateauC !== undefined && peakAt < warm.x.length - 2 && drop > 0)
    out.overshootK = peak - out.plateauC
}

function fan(out: WarmUpAnalysis, warm: Series, marks: readonly WarmUpMark[]) {
  const sorted = [...marks].sort((a, b) => a.elapsedSeconds - b.elapsedSeconds)
  for (const mark of sorted) {
    const last = out.fan.cycles.at(-1)
    if (mark.mark === 'fan-on' && (!last || last.offSeconds !== undefined)) {
      const before = slopeAt(warm, mark.elapsedSeconds - 60, mark.elapsedSeconds)
      const after = slopeAt(warm, mark.elapsedSeconds + 15, mark.elapsedSeconds + 90)
      out.fan.cycles.push({
        onSeconds: mark.elapsedSeconds,
        onC: interpolate(warm.x, warm.y, mark.elapsedSeconds),
        ...(before !== undefined && after !== undefined
          ? { cools: after < 0 && after < before }
          : {}),
      })
    } else if (mark.mark === 'fan-off' && last && last.offSeconds === undefined) {
      last.offSeconds = mark.elapsedSeconds
      last.offC = interpolate(warm.x, warm.y, mark.elapsedSeconds)
    }
  }
  const { cycles } = out.fan
  if (cycles.length === 0) return
  out.fan.onC = median(cycles.map((c) => c.onC))
  const whole = cycles.filter((c) => c.offC !== undefined)
  if (whole.length > 0) out.fan.hysteresisK = median(whole.map((c) => c.onC - c.offC!))
  if (cycles.length > 1) {
    out.fan.cycleSeconds = median(cycles.slice(1).map((c, i) => c.onSeconds - cycles[i]!.onSeconds))
    const spans = cycles.slice(0, -1).filter((c) => c.offSeconds !== undefined)
    if (spans.length > 0)
      out.fan.duty =
        spans.reduce((s, c) => s + c.offSeconds! - c.onSeconds, 0) /
        (cycles.at(-1)!.onSeconds - cycles[0]!.onSeconds)
  }
}

function slopeAt(warm: Series, from: number, to: number): number | undefined {
  const inside = warm.x
    .map((x, i) => [x, warm.y[i]!] as const)
    .filter(([x]) => x >= from && x <= to)
  return inside.length >= 3
    ? fitLine(
        inside.map((p) => p[0]),
        inside.map((p) => p[1]),
      ).slope
    : undefined
}

function agree(out: WarmUpAnalysis, series: RunSeries) {
  const scan = series['scan-coolant']
  if (!scan) return
  for (const other of ['infrared-engine', 'engine-side-hose', 'dash'] as const) {
    const s = series[other]
    if (!s) continue
    const inside = s.x
      .map((x, i) => [x, s.y[i]!] as const)
      .filter(([x, y]) => x >= scan.x[0]! && x <= scan.x.at(-1)! && y > 35)
    const step = Math.max(1, Math.floor(inside.length / 200))
    const pairs = inside
      .filter((_, i) => i % step === 0)
      .map(([x, y]) => [interpolate(scan.x, scan.y, x), y] as const)
    if (pairs.length < 2) continue
    const slips = pairs.filter(([a, b]) => isUnitSlip(a, b, SECOND_ERROR_K[other])).length
    const medianK = median(pairs.map(([a, b]) => a - b))
    const unitSlip = slips > 0.6 * pairs.length
    out.agreement.push({ other, medianK, pairs: pairs.length, unitSlip })
    // A figure in Fahrenheit taken for Celsius is the larger of the two.
    if (unitSlip && medianK > 0) out.scanUnitDoubtful = true
  }
}

function sides(out: WarmUpAnalysis, series: RunSeries, warm: Series) {
  const { pressure } = series
  const early =
    pressure &&
    earlyPressure(
      warm.x.map((x, i) => ({
        coolantC: warm.y[i]!,
        kPaGauge: interpolate(pressure.x, pressure.y, x),
      })),
    )
  if (early) out.early = early
  const level = series.level
  if (level && level.x.length >= 4) {
    const half = level.x.at(-1)! / 2
    const late = level.x.map((x, i) => [x, level.y[i]!] as const).filter(([x]) => x >= half)
    if (late.length >= 3)
      out.levelLateMmPerMinute =
        fitLine(
          late.map((p) => p[0]),
          late.map((p) => p[1]),
        ).slope * 60
  }
}
