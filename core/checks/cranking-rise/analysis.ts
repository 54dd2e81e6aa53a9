import { correctedValue } from '../../quantity/record'
import { type Estimate, Z90 } from '../../quantity/interval'
import { nonNegativeLeastSquares, matrixRank } from '../../statistics/least-squares'
import type { CrankingRun } from './record'

export interface CylinderShare {
  cylinder: number
  /** rise that this cylinder makes, kPa per second of cranking at the reference speed */
  kPaPerSecond: Estimate
  share: number
}

export interface CrankingAnalysis {
  /** rise rate of each run, kPa/s, at the reference cranking speed where speeds are known */
  rates: {
    source: string
    plugged: number[]
    kPaPerSecond: number
    errorKPaPerSecond: number
    counts: boolean
    /** seen to stay when cranking ended: gas, and no pulse */
    stays: boolean
  }[]
  state: 'no-run' | 'no-rise' | 'rise' | 'doubtful'
  shares: CylinderShare[]
  /** the one cylinder that makes most of the rise, where every cylinder's share can be told */
  located?: number
  /** every cylinder's share can be told from the others' */
  resolved: boolean
  /** the run that would tell most: the cylinders to leave plugged */
  nextRun?: number[]
  /** residual of the additive model against its error; above about 3 a breach between two cylinders is likely */
  misfit: number
  fits: boolean
}

const DEFAULT_RESOLUTION_KPA = 0.2
const REPEAT_ERROR_SHARE = 0.06
const SPEED_UNKNOWN_SHARE = 0.15
const LEAST_RISE_KPA_PER_SECOND = 0.05
/** A rise is sure when it is so many of its errors. */
const SURE_ERRORS = 3

interface Source extends CrankingRun {
  source: string
}

/**
 * Shares by non-negative least squares of b_run = Σ x_cylinder over the cylinders still plugged. Intervals are a
 * parametric bootstrap on a fixed lattice of normal errors, so that no random source is needed. Runs whose rise
 * does not stay, and runs at unknown speed, are left out or widened.
 * @example analyseCranking([{ ...example('cranking-rise.run'), source: 'r' }], 4).state // 'rise'
 */
export function analyseCranking(runs: readonly Source[], cylinders: number): CrankingAnalysis {
  const speeds = runs.flatMap((r) => (r.crankingRpm ? [r.crankingRpm] : []))
  const reference = speeds.length > 0 ? Math.min(...speeds) : 1
  const rates = runs.map((r) => {
    const speed = r.crankingRpm ? r.crankingRpm / reference : 1
    const rise = (correctedValue(r.after) - correctedValue(r.before)) / r.seconds / speed
    // Before and after are each right to half a step: a rise of one step may be next to none.
    const step = (r.resolutionKPa ?? DEFAULT_RESOLUTION_KPA) / r.seconds / Z90
    const relative = Math.hypot(
      REPEAT_ERROR_SHARE,
      r.crankingRpm ? 0 : runs.length > 1 ? SPEED_UNKNOWN_SHARE : 0,
    )
    return {
      source: r.source,
      plugged: r.plugged,
      kPaPerSecond: rise,
      errorKPaPerSecond: Math.hypot(step, relative * Math.max(0, rise)),
      counts: r.staysAfter !== 'no' && r.seconds > 0,
      stays: r.staysAfter === 'yes',
    }
  })
  // With every plug out nothing can press gas into the coolant: such a run tells of no cylinder.
  const good = rates.filter((r) => r.counts && r.plugged.length > 0)
  const out: CrankingAnalysis = {
    rates,
    state: 'no-run',
    shares: [],
    resolved: false,
    misfit: 0,
    fits: true,
  }
  if (good.length === 0) return out
  const top = good.reduce((a, b) => (b.kPaPerSecond > a.kPaPerSecond ? b : a))
  out.state =
    top.kPaPerSecond < LEAST_RISE_KPA_PER_SECOND
      ? 'no-rise'
      : top.kPaPerSecond > SURE_ERRORS * top.errorKPaPerSecond
        ? 'rise'
        : 'doubtful'
  if (out.state === 'no-rise') return out
  const rows = good.map((r) =>
    Array.from(
      { length: cylinders },
      (_, c) => (r.plugged.includes(c + 1) ? 1 : 0) / r.errorKPaPerSecond,
    ),
  )
  const y = good.map((r) => r.kPaPerSecond / r.errorKPaPerSecond)
  const x = nonNegativeLeastSquares(
    [...rows, ...evenly(cylinders)],
    [...y, ...Array.from({ length: cylinders }, () => 0)],
  )
  const residual = y.reduce(
    (sum, value, i) => sum + (value - rows[i]!.reduce((s, v, j) => s + v * x[j]!, 0)) ** 2,
    0,
  )
  const seen = Array.from({ length: cylinders }, (_, c) => c).filter((c) =>
    good.some((r) => r.plugged.includes(c + 1)),
  )
  const independent = matrixRank(rows)
  out.resolved = independent >= seen.length && seen.length === cylinders
  const freedom = Math.max(1, good.length - x.filter((v) => v > 0).length)
  out.misfit = residual / freedom
  out.fits = out.misfit < 6
  out.shares = out.resolved ? shares(rows, y, x) : withinBounds(x, good)
  const [most] = [...out.shares].sort((a, b) => b.share - a.share)
  if (out.resolved && out.fits && most!.share > LOCATED_SHARE && most!.kPaPerSecond.low > 0)
    out.located = most!.cylinder
  const next = mostTelling(rows, x, cylinders, good)
  if (!out.resolved && next) out.nextRun = next
  return out
}

/** One cylinder that makes more than this of the rise is where it comes from. */
const LOCATED_SHARE = 0.6

/** Weak wishes that each cylinder make nothing: what no run tells apart is shared out evenly by them. */
const evenly = (cylinders: number) =>
  Array.from({ length: cylinders }, (_, c) =>
    Array.from({ length: cylinders }, (__, k) => (k === c ? EVEN_WEIGHT : 0)),
  )
const EVEN_WEIGHT = 1e-3

/**
 * What each cylinder may make where runs do not tell them apart: no more than any run in which it was plugged rose
 * by, and no less than is left of a run when all others that were plugged make their most.
 */
function withinBounds(
  x: readonly number[],
  runs: readonly CrankingAnalysis['rates'][number][],
): CylinderShare[] {
  const total = x.reduce((a, b) => a + b, 0)
  const withCylinder = (c: number) => runs.filter((r) => r.plugged.includes(c + 1))
  const atMost = (list: typeof runs) => list.map((r) => r.kPaPerSecond + Z90 * r.errorKPaPerSecond)
  const most = x.map((_, c) => {
    const own = withCylinder(c)
    return Math.max(0, own.length > 0 ? Math.min(...atMost(own)) : Math.max(...atMost(runs)))
  })
  return x.map((value, c) => {
    const left = withCylinder(c).map((r) =>
      r.plugged.reduce(
        (rest, p) => (p === c + 1 ? rest : rest - most[p - 1]!),
        r.kPaPerSecond - Z90 * r.errorKPaPerSecond,
      ),
    )
    const low = Math.max(0, ...left)
    return {
      cylinder: c + 1,
      kPaPerSecond: { low, value: Math.min(most[c]!, Math.max(low, value)), high: most[c]! },
      share: total > 0 ? value / total : 0,
    }
  })
}

const DRAWS = 60

/** Normal errors from a lattice (golden ratio steps through the normal quantiles); the same every time. */
function latticeNormal(draw: number, row: number): number {
  const u =
    (0.5 + draw * 0.6180339887498949 + row * 0.7548776662466927 + draw * row * 0.5698402909980532) %
    1
  return quantile(Math.min(0.999, Math.max(0.001, u)))
}

/** Normal quantile by the rational approximation of Abramowitz and Stegun 26.2.23, error below 4.5e-4. */
function quantile(p: number): number {
  const q = p < 0.5 ? p : 1 - p
  const t = Math.sqrt(-2 * Math.log(q))
  const z =
    t -
    (2.515517 + 0.802853 * t + 0.010328 * t * t) /
      (1 + 1.432788 * t + 0.189269 * t * t + 0.001308 * t ** 3)
  return p < 0.5 ? -z : z
}

function shares(rows: number[][], y: number[], x: number[]): CylinderShare[] {
  const draws = Array.from({ length: DRAWS }, (_, d) =>
    nonNegativeLeastSquares(
      rows,
      y.map((value, i) => value + latticeNormal(d, i)),
    ),
  )
  const total = x.reduce((a, b) => a + b, 0)
  return x.map((value, c) => {
    const sorted = draws.map((d) => d[c]!).sort((a, b) => a - b)
    return {
      cylinder: c + 1,
      kPaPerSecond: { low: sorted[1]!, value, high: sorted.at(-2)! },
      share: total > 0 ? value / total : 0,
    }
  })
}

/**
 * Of the runs with one or two cylinders plugged that were not yet made, the one whose result is least known:
 * the widest range of outcomes over the bootstrap, so that what cannot be told apart yet is told apart.
 */
function mostTelling(
  rows: number[][],
  x: number[],
  cylinders: number,
  done: { plugged: number[]; kPaPerSecond: number }[],
): number[] | undefined {
  const total = Math.max(...done.map((d) => d.kPaPerSecond))
  const all = Array.from({ length: cylinders }, (_, c) => c + 1)
  const candidates = [
    ...all.map((c) => [c]),
    ...all.flatMap((a) => all.filter((b) => b > a).map((b) => [a, b])),
  ]
  const key = (list: readonly number[]) => [...list].sort((a, b) => a - b).join(',')
  const made = new Set(done.map((d) => key(d.plugged)))
  let best: { run: number[]; gain: number } | undefined
  for (const run of candidates) {
    if (made.has(key(run))) continue
    const row = all.map((c) => (run.includes(c) ? 1 : 0))
    const gain = matrixRank([...rows, row]) > matrixRank(rows) ? 1 : 0
    const expected = row.reduce<number>((sum, v, c) => sum + v * x[c]!, 0) / Math.max(1e-9, total)
    const worth = gain + 0.4 * Math.max(0, 1 - Math.abs(expected - 0.5) * 2) - 0.01 * run.length
    if (!best || worth > best.gain) best = { run, gain: worth }
  }
  return best?.run
}
