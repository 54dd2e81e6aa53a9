<script setup lang="ts">
import { BarChart } from 'echarts/charts'
import { GridComponent, LegendComponent } from 'echarts/components'
import { use } from 'echarts/core'
import { CanvasRenderer } from 'echarts/renderers'
import VChart from 'vue-echarts'
import { type Complaint, COMPLAINTS } from '#core'

use([BarChart, GridComponent, LegendComponent, CanvasRenderer])

/** Confirmed causes, the commonest on top, by what the vehicle came in with. */
const props = defineProps<{
  causes: readonly { name: string; cases: Readonly<Partial<Record<Complaint, number>>> }[]
}>()
const { say } = useWords()
const ink = useChartInk()
const COLOURS: Readonly<Record<Complaint, string>> = {
  'coolant-loss': '--cool',
  overheats: '--hot',
  'no-heat': '--ink-2',
  inspection: '--line',
}
const ROW_PX = 26
const height = computed(() => 60 + ROW_PX * props.causes.length)
const option = computed(() => ({
  animation: false,
  grid: { left: 8, right: 24, top: 34, bottom: 4, containLabel: true },
  legend: { type: 'scroll', top: 0, left: 0, textStyle: ink.value.text, icon: 'rect' },
  xAxis: {
    type: 'value',
    minInterval: 1,
    axisLabel: ink.value.text,
    splitLine: ink.value.line,
  },
  yAxis: {
    type: 'category',
    inverse: true,
    data: props.causes.map(({ name }) => name),
    axisLabel: { ...ink.value.text, width: 220, overflow: 'truncate' },
    axisTick: { show: false },
  },
  series: COMPLAINTS.filter((complaint) => props.causes.some(({ cases }) => cases[complaint])).map(
    (complaint) => ({
      name: say(`complaint.${complaint}`),
      type: 'bar',
      stack: 'cases',
      barMaxWidth: 18,
      itemStyle: { color: ink.value.colour(COLOURS[complaint]) },
      data: props.causes.map(({ cases }) => cases[complaint] ?? 0),
    }),
  ),
}))
const told = computed(() =>
  props.causes
    .map(
      ({ name, cases }) =>
        `${name}: ${Object.values(cases).reduce<number>((sum, n) => sum + (n ?? 0), 0)}`,
    )
    .join('; '),
)
</script>

<template>
  <div role="img" :aria-label="told" :style="{ height: `${height}px` }">
    <VChart :option="option" :update-options="{ notMerge: true }" autoresize />
  </div>
</template>
