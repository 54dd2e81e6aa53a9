import { correctedValue } from '../../quantity/record'
import type { RunChannel, WarmUpReading, WarmUpTrace } from './record'

/** One channel of a run: rising times in seconds, values in the channel's core unit. */
export interface Series {
  x: number[]
  y: number[]
}

export type RunSeries = Partial<Record<RunChannel, Series>>

/** Two samples of a trace further apart than this many times the usual step are a gap. */
const GAP_FACTOR = 8

/**
 * Typed readings and log traces of a run, merged by channel.
 * @example gatherSeries([], [example('warm-up-run.trace')])['scan-coolant'].y[3] // 18
 */
export function gatherSeries(
  readings: readonly WarmUpReading[],
  traces: readonly WarmUpTrace[],
): RunSeries {
  const out: RunSeries = {}
  const points = new Map<RunChannel, [number, number][]>()
  for (const r of readings)
    points.set(r.channel, [
      ...(points.get(r.channel) ?? []),
      [r.elapsedSeconds, correctedValue(r.reading)],
    ])
  for (const [channel, list] of points) {
    list.sort((a, b) => a[0] - b[0])
    out[channel] = { x: list.map((p) => p[0]), y: list.map((p) => p[1]) }
  }
  for (const t of traces) {
    const typed = out[t.channel]
    if (!typed) out[t.channel] = { x: t.seconds, y: t.values }
    else {
      const all = [
        ...typed.x.map((x, i) => [x, typed.y[i]!] as const),
        ...t.seconds.map((x, i) => [x, t.values[i]!] as const),
      ].sort((a, b) => a[0] - b[0])
      out[t.channel] = { x: all.map((p) => p[0]), y: all.map((p) => p[1]) }
    }
  }
  return out
}

/**
 * Averages over cells of equal length, so that a log of 10 Hz and a note every minute are judged alike.
 * @example thin({ x: [0, 1, 2, 3], y: [10, 20, 30, 40] }, 2).y[1] // 35
 */
export function thin({ x, y }: Series, cellSeconds: number): Series {
  const out: Series = { x: [], y: [] }
  let i = 0
  while (i < x.length) {
    const end = (Math.floor(x[i]! / cellSeconds) + 1) * cellSeconds
    let sx = 0
    let sy = 0
    let n = 0
    while (i < x.length && x[i]! < end) {
      sx += x[i]!
      sy += y[i]!
      n++
      i++
    }
    out.x.push(sx / n)
    out.y.push(sy / n)
  }
  return out
}

/**
 * Gaps of a trace: from and to, seconds.
 * @example gaps({ x: [0, 1, 2, 3, 4, 5, 6, 7, 8, 30, 31], y: [] })[0].to // 30
 */
export function gaps({ x }: Series): { from: number; to: number }[] {
  if (x.length < 10) return []
  const steps = x.slice(1).map((v, i) => v - x[i]!)
  const usual = [...steps].sort((a, b) => a - b)[steps.length >> 1]!
  return steps.flatMap((step, i) =>
    step > GAP_FACTOR * usual && step > 5 ? [{ from: x[i]!, to: x[i + 1]! }] : [],
  )
}
