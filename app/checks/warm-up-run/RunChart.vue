<script setup lang="ts">
import { LineChart } from 'echarts/charts'
import { GridComponent, MarkLineComponent } from 'echarts/components'
import { use } from 'echarts/core'
import { CanvasRenderer } from 'echarts/renderers'
import VChart from 'vue-echarts'
import { fromCore, type RunSeries, type WarmUpAnalysis, type WarmUpMark } from '#core'
import { READ_BY_HAND } from './use-run'

const { say } = useWords()

use([LineChart, GridComponent, MarkLineComponent, CanvasRenderer])

/** Temperatures of a run over its minutes, with what was marked, where it opened, and where to stop. */
const props = defineProps<{
  series: RunSeries
  marks: readonly Pick<WarmUpMark, 'mark' | 'elapsedSeconds'>[]
  analysis: WarmUpAnalysis | undefined
}>()
const preferences = usePreferences()

/** Colour and stroke of each line: told apart without colour as well. */
const STROKES = {
  'scan-coolant': ['--ink', 'solid'],
  'engine-side-hose': ['--hot', 'solid'],
  'radiator-side-hose': ['--cool', 'solid'],
  'upper-hose': ['--hot', 'dotted'],
  'lower-hose': ['--cool', 'dotted'],
  'infrared-engine': ['--hot', 'dashed'],
  'infrared-radiator': ['--cool', 'dashed'],
  dash: ['--ink-2', 'dotted'],
  ambient: ['--line', 'solid'],
} as const
type Drawn = keyof typeof STROKES
const drawn = computed(() =>
  [...READ_BY_HAND, 'infrared-radiator' as const].filter(
    (channel): channel is Drawn => (props.series[channel]?.x.length ?? 0) > 0,
  ),
)
/** More points than a screen has dots for are thinned by the chart. */
const MANY = 2000

const ink = useChartInk()
const option = computed(() => {
  const { colour, text } = ink.value
  const y = (celsius: number) => fromCore('temperature', celsius, preferences.units.temperature)
  const at = (seconds: number, name: string) => ({
    xAxis: seconds / 60,
    name,
    label: { position: 'end', rotate: 0 },
  })
  const opening = props.analysis?.opening
  const upright = [
    ...props.marks.map((m) => at(m.elapsedSeconds, say(`warm-up-run.mark.${m.mark}`))),
    ...(opening?.basis === 'hose' ? [at(opening.seconds, say('warm-up-run.opensHere'))] : []),
  ]
  const limits = props.analysis
    ? [{ yAxis: y(props.analysis.stopLimitC), name: say('warm-up-run.stopHere') }]
    : []
  return {
    animation: false,
    grid: { left: 52, right: 20, top: 26, bottom: 34 },
    xAxis: {
      type: 'value',
      min: 0,
      axisLabel: { ...text, formatter: (v: number) => `${v} min` },
      splitLine: { show: false },
      axisLine: { lineStyle: { color: colour('--ink-2') } },
    },
    yAxis: {
      type: 'value',
      scale: true,
      max: ({ max }: { max: number }) =>
        Math.ceil(Math.max(max, ...limits.map(({ yAxis }) => yAxis + 4)) / 10) * 10,
      axisLabel: { ...text, formatter: (v: number) => v.toFixed(0) },
      splitLine: { lineStyle: { color: colour('--line') } },
    },
    series: drawn.value.map((channel, i) => {
      const { x, y: values } = props.series[channel]!
      const [name, type] = STROKES[channel]
      return {
        type: 'line',
        name: say(`warm-up-run.channel.${channel}`),
        data: x.map((seconds, n) => [seconds / 60, y(values[n]!)]),
        symbol: x.length > 60 ? 'none' : 'rect',
        symbolSize: 7,
        ...(x.length > MANY ? { sampling: 'lttb', large: true } : {}),
        itemStyle: { color: colour(name) },
        lineStyle: { color: colour(name), width: 2.5, type },
        ...(i === 0
          ? {
              markLine: {
                silent: true,
                symbol: 'none',
                label: { ...text, formatter: '{b}', position: 'insideEndTop' },
                lineStyle: { color: colour('--ink-2'), type: 'dashed' },
                data: [...upright, ...limits],
              },
            }
          : {}),
      }
    }),
  }
})
const spoken = computed(() =>
  drawn.value
    .map((channel) => {
      const last = props.series[channel]!.y.at(-1)!
      return `${say(`warm-up-run.channel.${channel}`)} ${preferences.show('temperature', last, 0)}`
    })
    .join(', '),
)
</script>

<template>
  <div v-if="drawn.length > 0" class="chart" role="img" :aria-label="spoken">
    <VChart :option="option" :update-options="{ notMerge: true }" autoresize />
    <p class="small quiet key">
      <span v-for="channel in drawn" :key="channel" class="item">
        <span
          class="stroke"
          :style="{
            borderTopColor: `var(${STROKES[channel][0]})`,
            borderTopStyle: STROKES[channel][1],
          }"
        />{{ say(`warm-up-run.channel.${channel}`) }}</span
      >
    </p>
  </div>
</template>

<style scoped>
.chart {
  height: 260px;
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
  flex-wrap: wrap;
  gap: 2px 16px;
  padding-left: 50px;
}
.item {
  display: inline-flex;
  align-items: center;
  gap: 6px;
}
.stroke {
  width: 26px;
  border-top: 3px solid;
}
</style>
