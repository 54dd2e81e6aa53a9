<script setup lang="ts">
import { LineChart, ScatterChart } from 'echarts/charts'
import { GridComponent } from 'echarts/components'
import { use } from 'echarts/core'
import { CanvasRenderer } from 'echarts/renderers'
import VChart from 'vue-echarts'
import type { ShopRecord } from '#core'
import { formatChance } from '../../../words/format'

use([LineChart, ScatterChart, GridComponent, CanvasRenderer])

/** How often a lead came true, against how likely it was told; on the line what is told is what comes. */
const props = defineProps<{ told: ShopRecord['told'] }>()
const { say } = useWords()
const ink = useChartInk()
const percent = (value: number) => `${value} %`
const axis = (name: string) => ({
  type: 'value',
  name,
  nameLocation: 'middle',
  nameGap: 34,
  nameTextStyle: ink.value.text,
  min: 0,
  max: 100,
  interval: 25,
  axisLabel: { ...ink.value.text, formatter: percent },
  splitLine: ink.value.line,
})
const option = computed(() => ({
  animation: false,
  grid: { left: 64, right: 34, top: 26, bottom: 50 },
  xAxis: axis(say('record.told')),
  yAxis: { ...axis(say('record.cameTrue')), nameGap: 48 },
  series: [
    {
      type: 'line',
      symbol: 'none',
      silent: true,
      lineStyle: { color: ink.value.colour('--ink-2'), type: 'dashed', width: 1.5 },
      data: [
        [0, 0],
        [100, 100],
      ],
    },
    {
      type: 'scatter',
      clip: false,
      itemStyle: { color: ink.value.colour('--hot') },
      symbolSize: (point: readonly number[]) => 10 + 4 * Math.sqrt(point[2] ?? 0),
      data: props.told.map(({ told, cameTrue, cases }) => [100 * told, 100 * cameTrue, cases]),
    },
  ],
}))
const inWords = computed(() =>
  props.told
    .map(({ told, cameTrue, cases }) =>
      say('record.toldInWords', {
        told: formatChance(told),
        cameTrue: formatChance(cameTrue),
        cases,
      }),
    )
    .join(' '),
)
</script>

<template>
  <div class="chart" role="img" :aria-label="inWords">
    <VChart :option="option" :update-options="{ notMerge: true }" autoresize />
  </div>
</template>

<style scoped>
.chart {
  height: 300px;
}
</style>
