import { LineChart, ScatterChart } from 'echarts/charts'
import { GridComponent, LegendComponent } from 'echarts/components'
import { type EChartsCoreOption, init, use } from 'echarts/core'
import { SVGRenderer } from 'echarts/renderers'
import { fromCore, type HoldAnalysis, pressureByLaw } from '#core'
import type { UnitPreferences } from '../../words/format'
import { INK, LINE, QUIET, say } from './paper'

use([LineChart, ScatterChart, GridComponent, LegendComponent, SVGRenderer])

/** Size of a chart on paper, points. */
export const CHART = { width: 480, height: 190 } as const
const TEXT = { fontFamily: 'Barlow', fontSize: 10, color: QUIET }
const FALL = '#a3380f'
const STEPS = 40

/** A chart as an SVG picture, drawn without a browser. */
function pictureOf(option: EChartsCoreOption): string {
  const chart = init(null, null, { renderer: 'svg', ssr: true, ...CHART })
  chart.setOption({ animation: false, textStyle: TEXT, ...option })
  const svg = chart.renderToSVGString()
  chart.dispose()
  return svg
}

const axis = (name: string) => ({
  type: 'value',
  name,
  nameLocation: 'middle',
  nameGap: 26,
  nameTextStyle: TEXT,
  axisLabel: TEXT,
  axisLine: { show: true, lineStyle: { color: LINE } },
  splitLine: { lineStyle: { color: LINE, width: 0.5 } },
})
const GRID = { left: 52, right: 16, top: 14, bottom: 42 }

/** The readings of a hold and the fall that was fitted to them. */
export function holdPicture(
  { points, decay }: Pick<HoldAnalysis, 'points' | 'decay'>,
  { pressure: unit }: UnitPreferences,
): string {
  const shown = (kPa: number) => fromCore('pressure', kPa, unit)
  const from = (decay?.startSeconds ?? 0) / 60
  const fitted = decay
    ? Array.from({ length: STEPS + 1 }, (_, i) => {
        const after = (decay.durationMinutes * i) / STEPS
        const kPa = pressureByLaw(
          decay.law,
          decay.startKPaGauge,
          decay.fallKPaPerMinute.value,
          after,
        )
        return [from + after, shown(Math.max(0, kPa))]
      })
    : []
  return pictureOf({
    grid: GRID,
    xAxis: axis(say('report.paper.minutes')),
    yAxis: { ...axis(unit), nameGap: 36, scale: true },
    series: [
      {
        type: 'line',
        data: fitted,
        symbol: 'none',
        lineStyle: { color: FALL, width: 1.5 },
      },
      {
        type: 'scatter',
        data: points.map((p) => [p.elapsedSeconds / 60, shown(p.pressureKPaGauge)]),
        symbolSize: 6,
        itemStyle: { color: INK },
      },
    ],
  })
}

/** One line of a run: what was read, and when. */
interface NamedLine {
  name: string
  /** seconds and °C */
  points: readonly (readonly [number, number])[]
}
const RUN_INKS = [INK, FALL, '#2a6a86', '#7a6a1e', '#5b3f7d', QUIET]

/** Temperatures of a run over its minutes. */
export function runPicture(lines: readonly NamedLine[], { temperature }: UnitPreferences): string {
  return pictureOf({
    color: RUN_INKS,
    legend: { top: 0, textStyle: TEXT, itemHeight: 6 },
    grid: { ...GRID, top: 28 },
    xAxis: axis(say('report.paper.minutes')),
    yAxis: { ...axis(temperature), nameGap: 36, scale: true },
    series: lines.map(({ name, points }) => ({
      name,
      type: 'line',
      symbol: points.length > STEPS ? 'none' : 'circle',
      symbolSize: 4,
      sampling: 'lttb',
      data: points.map(([s, c]) => [s / 60, fromCore('temperature', c, temperature)]),
    })),
  })
}
