import { fromCore, type RunChannel, type RunSeries } from '#core'
import type { UnitPreferences } from '../../../words/format'

/** Channels that a person reads, in the order of a walk round the car. */
export const READ_BY_HAND = [
  'scan-coolant',
  'engine-side-hose',
  'radiator-side-hose',
  'upper-hose',
  'lower-hose',
  'infrared-engine',
  'dash',
  'ambient',
] as const satisfies readonly RunChannel[]
export type HandChannel = (typeof READ_BY_HAND)[number]

/** Colour and stroke of each temperature's line: told apart without colour as well. */
export const STROKES = {
  'scan-coolant': ['--ink', 'solid'],
  'engine-side-hose': ['--hot', 'solid'],
  'radiator-side-hose': ['--cool', 'solid'],
  'upper-hose': ['--hot', 'dotted'],
  'lower-hose': ['--cool', 'dotted'],
  'infrared-engine': ['--hot', 'dashed'],
  'infrared-radiator': ['--cool', 'dashed'],
  dash: ['--ink-2', 'dotted'],
  ambient: ['--line', 'solid'],
} as const satisfies Partial<Record<RunChannel, readonly [string, string]>>

/** Colour and stroke of the run before the repair. */
export const BEFORE_STROKE = ['--ink-2', 'dashed'] as const

/** A line of a run: seconds, and values in core's units. */
export interface RunLine {
  x: readonly number[]
  y: readonly number[]
}

/** Places that tell the engine's temperature, the surest first. */
const OF_ENGINE = ['scan-coolant', 'engine-side-hose', 'infrared-engine'] as const
/** The line that tells how hot the engine of a run was. */
export const engineLineOf = (series: RunSeries): RunLine | undefined =>
  OF_ENGINE.map((channel) => series[channel]).find((line) => (line?.x.length ?? 0) > 1)

/** What is no temperature and stands below them, on scales of its own. */
export const BELOW = {
  pressure: ['--hot', 'solid'],
  'engine-speed': ['--ink-2', 'solid'],
} as const satisfies Partial<Record<RunChannel, readonly [string, string]>>
export type Below = keyof typeof BELOW

const has = (series: RunSeries, channel: RunChannel) => (series[channel]?.x.length ?? 0) > 0

/** Temperatures that a run has, in the order of a walk round the car. */
export const temperaturesOf = (series: RunSeries) =>
  [...READ_BY_HAND, 'infrared-radiator' as const].filter((channel) => has(series, channel))

/** Pressure and engine speed, where a run has them. */
export const belowOf = (series: RunSeries) =>
  (Object.keys(BELOW) as Below[]).filter((channel) => has(series, channel))

/** How many points the longest line of a run has. */
export const longestOf = (series: RunSeries) =>
  Math.max(0, ...Object.values(series).map(({ x }) => x.length))

/** A line as the chart takes it: minutes and values in turn, the values in the reader's unit. */
export function pointsOf(
  { x, y }: RunLine,
  channel: RunChannel,
  units: UnitPreferences,
): Float64Array {
  const convert =
    channel === 'engine-speed'
      ? (value: number) => value
      : channel === 'pressure'
        ? (value: number) => fromCore('pressure', value, units.pressure)
        : (value: number) => fromCore('temperature', value, units.temperature)
  const points = new Float64Array(2 * x.length)
  for (let i = 0; i < x.length; i++) {
    points[2 * i] = x[i]! / 60
    points[2 * i + 1] = convert(y[i]!)
  }
  return points
}
