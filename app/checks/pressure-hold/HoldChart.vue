<script setup lang="ts">
import { LineChart, ScatterChart } from 'echarts/charts'
import { GridComponent, MarkAreaComponent, MarkLineComponent } from 'echarts/components'
import { use } from 'echarts/core'
import { CanvasRenderer } from 'echarts/renderers'
import VChart from 'vue-echarts'
import { fromCore, type HoldAnalysis, pressureByLaw } from '#core'

const { say } = useWords()

use([LineChart, ScatterChart, GridComponent, MarkAreaComponent, MarkLineComponent, CanvasRenderer])

/** Decay of the hold: readings, the fitted fall with its band, and the cone inside which the system counts as tight. */
const props = defineProps<{ analysis: HoldAnalysis; elapsedSeconds: number; running: boolean }>()
const preferences = usePreferences()

const ink = useChartInk()
const option = computed(() => {
  const { colour, text } = ink.value
  const unit = preferences.units.pressure
  const y = (kPa: number) => fromCore('pressure', kPa, unit)
  const { analysis } = props
  const minutes = (s: number) => s / 60
  const lastReading = analysis.points.at(-1)?.elapsedSeconds ?? 0
  const end = Math.max(
    analysis.limit.plannedMinutes,
    Math.ceil(minutes(Math.max(lastReading, props.running ? props.elapsedSeconds : 0)) + 0.5),
    (analysis.decay?.durationMinutes ?? 0) + (analysis.minutesStillNeeded ?? 0) + 2,
  )
  const settle = minutes(analysis.settlingSeconds)
  const decay = analysis.decay
  const settled = analysis.points.filter((p) => p.settled)
  const anchor =
    decay?.startKPaGauge ?? settled[0]?.pressureKPaGauge ?? analysis.points.at(-1)?.pressureKPaGauge
  const from = decay ? minutes(decay.startSeconds) : settle
  const grid = Array.from({ length: 41 }, (_, i) => from + ((end - from) * i) / 40)
  const law = (fall: number) =>
    grid.map((t) => [
      t,
      y(Math.max(0, pressureByLaw(decay!.law, decay!.startKPaGauge, fall, t - from))),
    ])
  const band = (low: number[][], high: number[][], name: string, fill: string, opacity: number) => [
    {
      type: 'line',
      stack: name,
      data: low,
      symbol: 'none',
      lineStyle: { opacity: 0 },
      silent: true,
      z: 1,
    },
    {
      type: 'line',
      stack: name,
      data: high.map(([t, v], i) => [t, v! - low[i]![1]!]),
      symbol: 'none',
      lineStyle: { opacity: 0 },
      areaStyle: { color: fill, opacity },
      silent: true,
      z: 1,
    },
  ]
  const cone =
    anchor === undefined
      ? []
      : band(
          grid.map((t) => [t, y(anchor - analysis.limit.kPaPerMinute * (t - from))]),
          grid.map((t) => [t, y(anchor)]),
          'cone',
          colour('--cool'),
          0.22,
        )
  const fitted = decay
    ? [
        ...band(
          law(decay.fallKPaPerMinute.high),
          law(Math.max(0, decay.fallKPaPerMinute.low)),
          'band',
          colour('--hot'),
          0.22,
        ),
        {
          type: 'line',
          data: law(decay.fallKPaPerMinute.value),
          symbol: 'none',
          lineStyle: { color: colour('--hot'), width: 3 },
          silent: true,
          z: 3,
        },
      ]
    : []
  const pressures = analysis.points.map((p) => y(p.pressureKPaGauge))
  const top = Math.max(...pressures, y(anchor ?? 100))
  const bottom = Math.min(
    ...pressures,
    y((anchor ?? 100) - analysis.limit.kPaPerMinute * (end - from)),
  )
  const margin = Math.max((top - bottom) * 0.15, y(1.5))
  const decimals = unit === 'kPa' ? 0 : unit === 'psi' ? 1 : 2
  return {
    animation: false,
    grid: { left: 52, right: 14, top: 12, bottom: 34 },
    xAxis: {
      type: 'value',
      min: 0,
      max: end,
      axisLabel: { ...text, formatter: (v: number) => `${v} min` },
      splitLine: { show: false },
      axisLine: { lineStyle: { color: colour('--ink-2') } },
    },
    yAxis: {
      type: 'value',
      min: Math.max(0, bottom - margin),
      max: top + margin,
      axisLabel: {
        ...text,
        formatter: (v: number) => v.toFixed(decimals),
        showMinLabel: false,
        showMaxLabel: false,
      },
      splitLine: { lineStyle: { color: colour('--line') } },
    },
    series: [
      ...cone,
      ...fitted,
      {
        type: 'scatter',
        symbol: 'rect',
        symbolSize: 10,
        z: 5,
        data: analysis.points.map((p) => ({
          value: [minutes(p.elapsedSeconds), y(p.pressureKPaGauge)],
          itemStyle: {
            color: p.aboveAllowed
              ? colour('--hot')
              : p.settled
                ? colour('--ink')
                : colour('--ink-2'),
          },
        })),
        markArea: {
          silent: true,
          itemStyle: { color: colour('--rail'), opacity: 0.75 },
          label: { ...text, position: 'insideBottom' },
          data: [[{ name: say('pressure-hold.hold-chart.settling'), xAxis: 0 }, { xAxis: settle }]],
        },
        ...(props.running
          ? {
              markLine: {
                silent: true,
                symbol: 'none',
                lineStyle: { type: 'dashed', color: colour('--ink') },
                label: { show: false },
                data: [{ xAxis: Math.min(end, minutes(props.elapsedSeconds)) }],
              },
            }
          : {}),
      },
    ],
  }
})
const spoken = computed(() => {
  const points = props.analysis.points
  if (points.length === 0) return say('pressure-hold.hold-chart.noReadingYet')
  return say('pressure-hold.hold-chart.pressureOverTime', {
    readings: points.length,
    first: preferences.show('pressure', points[0]!.pressureKPaGauge),
    last: preferences.show('pressure', points.at(-1)!.pressureKPaGauge),
  })
})
</script>

<template>
  <div class="chart" role="img" :aria-label="spoken">
    <VChart :option="option" :update-options="{ notMerge: true }" autoresize />
    <p class="small quiet key">
      <span class="swatch cone" /> {{ say('pressure-hold.hold-chart.wouldBeTight') }}
      <span class="swatch band" /> {{ say('pressure-hold.hold-chart.thisFallWithItsRange') }}
    </p>
  </div>
</template>

<style scoped>
.chart {
  height: 270px;
  display: flex;
  flex-direction: column;
  min-width: 0;
}
.chart > :first-child {
  flex: 1;
  min-height: 0;
}
.key {
  display: flex;
  gap: 6px;
  align-items: center;
  padding-left: 50px;
}
.swatch {
  width: 18px;
  height: 12px;
  display: inline-block;
}
.cone {
  background: color-mix(in srgb, var(--cool) 30%, var(--sheet));
}
.band {
  background: color-mix(in srgb, var(--hot) 35%, var(--sheet));
  margin-left: 10px;
}
</style>
