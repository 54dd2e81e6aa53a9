import { InputError, message } from '../../quantity/message'

/** A pressure trace of one cranking run: what goes into its record. */
export interface CrankingTrace {
  /** length of the cranking, from the first sustained rise or pulse to the end of it, s */
  crankSeconds: number
  beforeKPa: number
  afterKPa: number
  /** what stands after cranking is within a third of the rise of the highest steady value */
  staysAfter: 'yes' | 'no' | 'not-watched'
  /** smallest step between neighbouring values, kPa */
  resolutionKPa: number
}

const LEAST_POINTS = 10
/** A gap this many times the usual step hides what happened. */
const GAP = 8
/** Seconds on each side that count as "before" and "after". */
const CALM_SECONDS = 1

const median = (values: readonly number[]) =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)]!

/**
 * Finds the cranking in a pressure trace (seconds rising, kPa gauge): the stretch in which the pressure pulses or
 * climbs, told from the calm on both sides by the spread of its one-second windows. InputError when the trace is too
 * short, runs backward or has a gap inside.
 * @example crankingOf([...Array(30).keys()], [...Array(30).keys()].map((s) => Math.max(0, s - 10))).afterKPa
 *   // 19
 */
export function crankingOf(seconds: readonly number[], kPa: readonly number[]): CrankingTrace {
  if (seconds.length !== kPa.length || seconds.length < LEAST_POINTS)
    throw new InputError('trace', message('crankTrace.tooShort', { least: LEAST_POINTS }))
  const steps = seconds.slice(1).map((t, i) => t - seconds[i]!)
  if (steps.some((s) => s <= 0)) throw new InputError('trace', message('crankTrace.backward'))
  const usual = median(steps)
  const gap = steps.findIndex((s) => s > GAP * usual)
  if (gap >= 0)
    throw new InputError(
      'trace',
      message('crankTrace.gap', {
        from: seconds[gap]!.toFixed(1),
        to: seconds[gap + 1]!.toFixed(1),
      }),
    )
  const changes = kPa
    .slice(1)
    .map((p, i) => Math.abs(p - kPa[i]!))
    .filter((d) => d > 1e-9)
  const resolutionKPa = changes.length === 0 ? 0.1 : Math.max(0.001, Math.min(...changes))
  const spreadAround = (t: number) => {
    const near = kPa.filter((_, i) => Math.abs(seconds[i]! - t) <= CALM_SECONDS / 2)
    return Math.max(...near) - Math.min(...near)
  }
  const spreads = seconds.map(spreadAround)
  const most = Math.max(...spreads)
  const active = seconds.filter((_, i) => most > 3 * resolutionKPa && spreads[i]! > 0.25 * most)
  const from = active[0] ?? seconds[0]!
  const smooth = seconds.map((t) =>
    median(kPa.filter((_, i) => Math.abs(seconds[i]! - t) <= CALM_SECONDS / 2)),
  )
  const beforeKPa = median(kPa.filter((_, i) => seconds[i]! <= Math.max(from, seconds[0]! + usual)))
  const peak = smooth.reduce(
    (best, p, i) => (seconds[i]! >= from && p > smooth[best]! ? i : best),
    seconds.indexOf(from),
  )
  const rise = smooth[peak]! - beforeKPa
  const falls = smooth.at(-1)! - beforeKPa < (2 / 3) * rise
  const to = falls
    ? Math.min(active.at(-1) ?? Infinity, seconds[peak]! + CALM_SECONDS / 2)
    : (active.at(-1) ?? seconds.at(-1)!)
  const watched = seconds.at(-1)! - to >= CALM_SECONDS
  const afterKPa = watched
    ? median(kPa.filter((_, i) => seconds[i]! >= seconds.at(-1)! - CALM_SECONDS))
    : median(kPa.filter((_, i) => seconds[i]! >= to - CALM_SECONDS / 5))
  const stays = !watched ? 'not-watched' : rise > 2 * resolutionKPa && falls ? 'no' : 'yes'
  return {
    crankSeconds: Math.max(usual, to - from),
    beforeKPa,
    afterKPa,
    staysAfter: stays,
    resolutionKPa,
  }
}
