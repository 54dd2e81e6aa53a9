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
  const pieces = new Map<RunChannel, Series[]>()
  const add = (channel: RunChannel, piece: Series) => {
    const known = pieces.get(channel)
    if (known) known.push(piece)
    else pieces.set(channel, [piece])
  }
  const typed = new Map<RunChannel, Series>()
  for (const reading of readings.toSorted((a, b) => a.elapsedSeconds - b.elapsedSeconds)) {
    const { channel, elapsedSeconds } = reading
    const own = typed.get(channel) ?? { x: [], y: [] }
    own.x.push(elapsedSeconds)
    own.y.push(correctedValue(reading.reading))
    typed.set(channel, own)
  }
  for (const [channel, own] of typed) add(channel, own)
  for (const { channel, seconds, values } of traces) add(channel, { x: seconds, y: values })
  return Object.fromEntries([...pieces].map(([channel, own]) => [channel, joined(own)]))
}

/**
 * Pieces of one channel as one line. A run read live has hundreds, one after the other, which are put behind each other;
 * where two lie over each other all samples are sorted once, those of the earlier piece first.
 * @example joined([{ x: [3, 4], y: [30, 40] }, { x: [1, 2], y: [10, 20] }]).y[0] // 10
 */
export function joined(pieces: readonly Series[]): Series {
  if (pieces.length === 1) return pieces[0]!
  const inOrder = pieces.toSorted((a, b) => a.x[0]! - b.x[0]!)
  if (inOrder.every((piece, i) => i === 0 || inOrder[i - 1]!.x.at(-1)! < piece.x[0]!))
    return { x: inOrder.flatMap(({ x }) => x), y: inOrder.flatMap(({ y }) => y) }
  const samples = pieces
    .flatMap(({ x, y }) => x.map((at, i) => [at, y[i]!] as const))
    .sort((a, b) => a[0] - b[0])
  return { x: samples.map(([at]) => at), y: samples.map(([, value]) => value) }
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
