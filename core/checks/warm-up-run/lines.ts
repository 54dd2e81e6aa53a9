import { dataOf, type Entry } from '../context'
import type { RunChannel, WarmUpReading, WarmUpTrace } from './record'
import { gatherSeries } from './series'

/** One channel of a run: seconds after it began, and °C. */
export interface RunLine {
  channel: RunChannel
  points: readonly (readonly [seconds: number, celsius: number])[]
}

/** Channels that are no temperature. */
const OTHERS: readonly RunChannel[] = ['engine-speed', 'pressure', 'level']

/**
 * The temperatures of a run, by the record that began it, from all that was typed and logged in it; a channel of a single
 * reading is no line.
 * @example runLines([entry('warm-up-run.trace')], example('warm-up-run.trace').run)[0].points.length // 4
 */
export function runLines(entries: readonly Entry[], run: string): RunLine[] {
  const own = <T extends { run: string }>(list: readonly T[]) =>
    list.filter((data) => data.run === run)
  const series = gatherSeries(
    own<WarmUpReading>(dataOf(entries, 'warm-up-run.reading')),
    own<WarmUpTrace>(dataOf(entries, 'warm-up-run.trace')),
  )
  return (Object.entries(series) as [RunChannel, { x: number[]; y: number[] }][]).flatMap(
    ([channel, { x, y }]) =>
      OTHERS.includes(channel) || x.length < 2
        ? []
        : [{ channel, points: x.map((seconds, i) => [seconds, y[i]!] as const) }],
  )
}
