<script setup lang="ts">
import { LineChart } from 'echarts/charts'
import { DataZoomComponent, GridComponent, MarkLineComponent } from 'echarts/components'
import { use } from 'echarts/core'
import { CanvasRenderer } from 'echarts/renderers'
import VChart from 'vue-echarts'
import type { RunChannel, RunSeries, WarmUpAnalysis, WarmUpMark } from '#core'
import { isLongRun, runChartOption } from './run-chart'
import { BEFORE_STROKE, BELOW, belowOf, type RunLine, STROKES, temperaturesOf } from './run-lines'

const { say } = useWords()

use([LineChart, GridComponent, MarkLineComponent, DataZoomComponent, CanvasRenderer])

/**
 * Temperatures of a run over its minutes, with what was marked, where it opened, and where to stop; pressure and engine
 * speed below them. A long run is looked at in parts.
 */
const props = defineProps<{
  series: RunSeries
  /** the engine in the run before the repair */
  before?: RunLine | undefined
  marks: readonly Pick<WarmUpMark, 'mark' | 'elapsedSeconds'>[]
  analysis: WarmUpAnalysis | undefined
}>()
const preferences = usePreferences()
const chart = useTemplateRef<InstanceType<typeof VChart>>('chart')

const drawn = computed(() => temperaturesOf(props.series))
const below = computed(() => belowOf(props.series))
const isLong = computed(() => isLongRun(props.series))

/** The part that is looked at, % of the run. It is the reader's: what is read meanwhile leaves it alone. */
let view = { start: 0, end: 100 }
const HALF_WINDOW_MINUTES = 5
const lastMinute = computed(
  () =>
    Math.max(
      props.before?.x.at(-1) ?? 0,
      ...Object.values(props.series).map(({ x }) => x.at(-1) ?? 0),
    ) / 60,
)
function look(start: number, end: number) {
  view = { start: Math.max(0, start), end: Math.min(100, end) }
  chart.value?.dispatchAction({ type: 'dataZoom', ...view })
}
function around(minute: number) {
  const percent = (at: number) => (100 * at) / Math.max(lastMinute.value, 1)
  look(percent(minute - HALF_WINDOW_MINUTES), percent(minute + HALF_WINDOW_MINUTES))
}
function looked(event: { batch?: object[] }) {
  const { start, end } = (event.batch?.[0] ?? event) as { start?: number; end?: number }
  if (start !== undefined && end !== undefined) view = { start, end }
}

const ink = useChartInk()
const option = computed(() =>
  runChartOption({
    series: props.series,
    before: props.before,
    marks: props.marks,
    analysis: props.analysis,
    view,
    lastMinute: lastMinute.value,
    ink: ink.value,
    units: preferences.units,
    say,
  }),
)
const lastOf = (channel: RunChannel) => props.series[channel]!.y.at(-1)!
const spoken = computed(() =>
  [
    ...drawn.value.map(
      (channel) =>
        `${say(`warm-up-run.channel.${channel}`)} ${preferences.show('temperature', lastOf(channel), 0)}`,
    ),
    ...below.value.map((channel) =>
      say('warm-up-run.below', {
        channel: say(`warm-up-run.channel.${channel}`),
        is:
          channel === 'pressure'
            ? preferences.show('pressure', lastOf(channel))
            : String(Math.round(lastOf(channel))),
      }),
    ),
  ].join(', '),
)
const keys = computed(() => [
  ...drawn.value.map((channel) => ({ channel, stroke: STROKES[channel] })),
  ...below.value.map((channel) => ({ channel, stroke: BELOW[channel] })),
])
</script>

<template>
  <div v-if="drawn.length > 0" class="chart" :class="{ tall: below.length > 0 }">
    <div class="drawing" role="img" :aria-label="spoken" data-testid="run-chart">
      <VChart
        ref="chart"
        :option="option"
        :update-options="{ notMerge: true }"
        autoresize
        @datazoom="looked"
      />
    </div>
    <p class="small quiet key">
      <span v-for="{ channel, stroke } in keys" :key="channel" class="item">
        <span
          class="stroke"
          :style="{ borderTopColor: `var(${stroke[0]})`, borderTopStyle: stroke[1] }"
        />{{ say(`warm-up-run.channel.${channel}`)
        }}<template v-if="channel === 'pressure'"
          >, {{ preferences.units.pressure }}</template
        ></span
      >
    </p>
    <p v-if="before" class="small quiet key">
      <span class="item"
        ><span
          class="stroke"
          :style="{ borderTopColor: `var(${BEFORE_STROKE[0]})`, borderTopStyle: BEFORE_STROKE[1] }"
        />{{ say('warm-up-run.beforeRepair') }}</span
      >
    </p>
    <div v-if="isLong" class="row parts">
      <button type="button" class="plain-button" @click="look(0, 100)">
        {{ say('warm-up-run.wholeRun') }}
      </button>
      <button
        v-if="analysis?.opening?.basis === 'hose'"
        type="button"
        class="plain-button"
        @click="around(analysis.opening.seconds / 60)"
      >
        {{ say('warm-up-run.aroundOpening') }}
      </button>
      <button type="button" class="plain-button" @click="around(lastMinute)">
        {{ say('warm-up-run.lastMinutes') }}
      </button>
    </div>
  </div>
</template>

<style scoped>
.chart {
  display: flex;
  flex-direction: column;
  min-width: 0;
}
.drawing {
  height: 240px;
}
.tall .drawing {
  height: 330px;
}
.parts {
  flex-wrap: wrap;
  gap: 8px;
  margin-top: 6px;
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
