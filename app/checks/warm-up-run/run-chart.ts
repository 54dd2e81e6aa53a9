import {
  fromCore,
  type RunChannel,
  type RunSeries,
  type WarmUpAnalysis,
  type WarmUpMark,
} from '#core'
import type { UnitPreferences } from '../../../words/format'
import type { Say } from '../../look/say'
import {
  BELOW,
  type Below,
  belowOf,
  longestOf,
  BEFORE_STROKE,
  pointsOf,
  type RunLine,
  STROKES,
  temperaturesOf,
} from './run-lines'

/** What a run's chart is drawn from. */
export interface RunDrawing {
  series: RunSeries
  /** the engine's temperature in the run before the repair, s and °C */
  before?: RunLine | undefined
  marks: readonly Pick<WarmUpMark, 'mark' | 'elapsedSeconds'>[]
  analysis: WarmUpAnalysis | undefined
  /** the part that is looked at, % of the run */
  view: { start: number; end: number }
  /** minutes from the start to the last reading */
  lastMinute: number
  ink: { colour: (name: string) => string; text: object }
  units: UnitPreferences
  say: Say
}

/** More points than a screen has dots for are thinned by the chart. */
const MANY = 2000
/** So many points can be told apart as dots. */
const FEW = 60
/** A run of so many points has parts worth looking at by themselves. */
const LONG = 120
export const isLongRun = (series: RunSeries) => longestOf(series) >= LONG

const LEFT = 52
const RIGHT = 20
/** where engine speed has its scale */
const RIGHT_WITH_SCALE = 56
const MINUTES_HEIGHT = 34
const SLIDER_HEIGHT = 44
const BELOW_HEIGHT = 74
const BETWEEN = 12

/** The chart of a run: temperatures, pressure and engine speed below them, and the slider of a long one. */
export function runChartOption(drawing: RunDrawing) {
  const { series, lastMinute } = drawing
  const below = belowOf(series)
  const hasBelow = below.length > 0
  const foot = MINUTES_HEIGHT + (isLongRun(series) ? SLIDER_HEIGHT : 0)
  const right = hasBelow ? RIGHT_WITH_SCALE : RIGHT
  const { colour, text } = drawing.ink
  const minutes = (more: object = {}) => ({
    type: 'value',
    min: 0,
    max: lastMinute > 0 ? lastMinute : undefined,
    axisLabel: { ...text, formatter: (v: number) => `${Number(v.toFixed(1))} min` },
    splitLine: { show: false },
    axisLine: { lineStyle: { color: colour('--ink-2') } },
    ...more,
  })
  return {
    animation: false,
    grid: [
      { left: LEFT, right, top: 26, bottom: foot + (hasBelow ? BELOW_HEIGHT + BETWEEN : 0) },
      ...(hasBelow ? [{ left: LEFT, right, height: BELOW_HEIGHT, bottom: foot }] : []),
    ],
    xAxis: hasBelow
      ? [minutes({ axisLabel: { show: false } }), minutes({ gridIndex: 1 })]
      : [minutes()],
    yAxis: [
      temperatureScale(drawing),
      ...(hasBelow ? [scaleBelow(drawing, 'pressure'), scaleBelow(drawing, 'engine-speed')] : []),
    ],
    ...(isLongRun(series) && { dataZoom: zooms(drawing, right) }),
    series: [
      ...temperaturesOf(series).map((channel, i) => ({
        ...line(drawing, channel, STROKES[channel]),
        ...(i === 0 && { markLine: marked(drawing) }),
      })),
      ...(drawing.before ? [lineBefore(drawing, drawing.before)] : []),
      ...below.map((channel) => ({
        ...line(drawing, channel, BELOW[channel]),
        xAxisIndex: 1,
        yAxisIndex: channel === 'pressure' ? 1 : 2,
        lineStyle: { color: drawing.ink.colour(BELOW[channel][0]), width: 1.5 },
      })),
    ],
  }
}

function line(
  { series, units, say, ink: { colour } }: RunDrawing,
  channel: RunChannel,
  [stroke, type]: readonly [string, string],
) {
  const points = series[channel]!
  return {
    type: 'line',
    name: say(`warm-up-run.channel.${channel}`),
    dimensions: ['minutes', channel],
    data: pointsOf(points, channel, units),
    symbol: points.x.length > FEW ? 'none' : 'rect',
    symbolSize: 7,
    ...(points.x.length > MANY ? { sampling: 'lttb' } : {}),
    itemStyle: { color: colour(stroke) },
    lineStyle: { color: colour(stroke), width: 2.5, type },
  }
}

/** The run before the repair, thin and behind the other: what the repair changed is what lies between them. */
const lineBefore = ({ units, say, ink: { colour } }: RunDrawing, points: RunLine) => ({
  type: 'line',
  name: say('warm-up-run.beforeRepair'),
  data: pointsOf(points, 'scan-coolant', units),
  dimensions: ['minutes', 'before'],
  symbol: 'none',
  silent: true,
  z: 1,
  ...(points.x.length > MANY ? { sampling: 'lttb' } : {}),
  lineStyle: { color: colour(BEFORE_STROKE[0]), width: 1.5, type: BEFORE_STROKE[1] },
})

const limitOf = ({ analysis, units }: RunDrawing) =>
  analysis && fromCore('temperature', analysis.stopLimitC, units.temperature)

/** Degrees above the stop limit that still stand on the chart. */
const ROOM_ABOVE_LIMIT = 4
function temperatureScale(drawing: RunDrawing) {
  const { colour, text } = drawing.ink
  const limit = limitOf(drawing)
  return {
    type: 'value',
    scale: true,
    max: ({ max }: { max: number }) =>
      Math.ceil(Math.max(max, (limit ?? -Infinity) + ROOM_ABOVE_LIMIT) / 10) * 10,
    axisLabel: { ...text, formatter: (v: number) => v.toFixed(0) },
    splitLine: { lineStyle: { color: colour('--line') } },
  }
}

const scaleBelow = ({ series, ink: { text } }: RunDrawing, channel: Below) => ({
  type: 'value',
  gridIndex: 1,
  scale: true,
  show: belowOf(series).includes(channel),
  position: channel === 'pressure' ? 'left' : 'right',
  splitNumber: 2,
  axisLabel: { ...text, formatter: (v: number) => String(Number(v.toFixed(1))) },
  splitLine: { show: false },
})

/** What was marked, where the thermostat opened, and where to stop. */
function marked(drawing: RunDrawing) {
  const { marks, analysis, say } = drawing
  const { colour, text } = drawing.ink
  const at = (seconds: number, name: string) => ({
    xAxis: seconds / 60,
    name,
    label: { position: 'end', rotate: 0 },
  })
  const opening = analysis?.opening
  const limit = limitOf(drawing)
  return {
    silent: true,
    symbol: 'none',
    label: { ...text, formatter: '{b}', position: 'insideEndTop' },
    lineStyle: { color: colour('--ink-2'), type: 'dashed' },
    data: [
      ...marks.map((m) => at(m.elapsedSeconds, say(`warm-up-run.mark.${m.mark}`))),
      ...(opening?.basis === 'hose' ? [at(opening.seconds, say('warm-up-run.opensHere'))] : []),
      ...(limit === undefined ? [] : [{ yAxis: limit, name: say('warm-up-run.stopHere') }]),
    ],
  }
}

/** Dragged and pinched in the chart, and by a slider under it; a wheel alone still scrolls the page. */
const zooms = ({ view, ink: { colour } }: RunDrawing, right: number) => [
  {
    type: 'inside',
    xAxisIndex: 'all',
    zoomOnMouseWheel: 'ctrl',
    moveOnMouseWheel: 'shift',
    preventDefaultMouseMove: false,
    ...view,
  },
  {
    type: 'slider',
    xAxisIndex: 'all',
    height: 26,
    bottom: 6,
    left: LEFT,
    right,
    showDataShadow: false,
    showDetail: false,
    borderColor: colour('--line'),
    fillerColor: colour('--line'),
    handleStyle: { color: colour('--ink') },
    moveHandleStyle: { color: colour('--ink-2') },
    emphasis: { moveHandleStyle: { color: colour('--ink') } },
    ...view,
  },
]
