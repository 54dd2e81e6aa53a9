<script setup lang="ts">
import { BarChart } from 'echarts/charts'
import { GridComponent, LegendComponent, MarkLineComponent } from 'echarts/components'
import { use } from 'echarts/core'
import { CanvasRenderer } from 'echarts/renderers'
import { DateTime } from 'luxon'
import VChart from 'vue-echarts'
import { type CaseRecord, compareRuns, fromCore, type RoadCompared, whereItWasHottest } from '#core'

use([BarChart, GridComponent, LegendComponent, MarkLineComponent, CanvasRenderer])

/** A drive before the repair and one since, road by road on one chart, with where the coolant boils. */
const props = defineProps<{
  before: CaseRecord<'load-run.run'>
  now: CaseRecord<'load-run.run'>
  /** where the coolant boils at the pressure that is really held, °C */
  boilsC: number | undefined
}>()
const { say } = useWords()
const preferences = usePreferences()
const ink = useChartInk()
const roads = computed(() => compareRuns(props.before.data, props.now.data))
const roadName = ({ road }: RoadCompared) => say(`form.load-run.segments.kind.${road}`)
const degrees = (celsius: number) => preferences.show('temperature', celsius)
const verdict = computed(() => {
  const hottest = whereItWasHottest(roads.value)
  if (!hottest || hottest.beforeC === undefined) return ''
  const told = { road: roadName(hottest), before: degrees(hottest.beforeC) }
  const { nowC, nowOnThatDayC } = hottest
  return nowC === undefined
    ? say('load-run.compare.notAgain', told)
    : say('load-run.compare.hottest', {
        ...told,
        now: degrees(nowC),
        cooler: nowOnThatDayC === undefined ? 'no' : 'yes',
        then: degrees(nowOnThatDayC ?? nowC),
      })
})
const whenOf = ({ observedAt }: CaseRecord) => DateTime.fromISO(observedAt).toFormat('d LLL, HH:mm')
/** A coolant that is cooler was not warm yet. */
const FROM_C = 60
const drawn = (celsius: number | undefined) =>
  celsius === undefined ? null : fromCore('temperature', celsius, preferences.units.temperature)
const option = computed(() => {
  const { colour, text, line } = ink.value
  const bars = (name: string, ofRoad: (road: RoadCompared) => number | undefined, ink: string) => ({
    name,
    type: 'bar',
    barMaxWidth: 34,
    itemStyle: { color: colour(ink) },
    label: {
      show: true,
      position: 'top',
      ...text,
      formatter: ({ value }: { value: number | null }) => (value === null ? '' : value.toFixed(0)),
    },
    data: roads.value.map((road) => drawn(ofRoad(road))),
  })
  const boils = drawn(props.boilsC)
  return {
    animation: false,
    grid: { left: 46, right: 60, top: 34, bottom: 28 },
    legend: { top: 0, left: 0, itemGap: 32, textStyle: text, icon: 'rect', selectedMode: false },
    xAxis: { type: 'category', data: roads.value.map(roadName), axisLabel: text },
    yAxis: {
      type: 'value',
      min: drawn(FROM_C),
      // Where it boils belongs on the picture, too.
      max: ({ max }: { max: number }) => Math.ceil(Math.max(max, boils ?? max) / 10) * 10,
      axisLabel: text,
      splitLine: line,
    },
    series: [
      {
        ...bars(
          say('load-run.compare.before', { when: whenOf(props.before) }),
          (r) => r.beforeC,
          '--ink-2',
        ),
        markLine: {
          silent: true,
          symbol: 'none',
          lineStyle: { color: colour('--hot'), type: 'dashed' },
          label: { ...text, formatter: say('load-run.compare.boils') },
          data: boils === null ? [] : [{ yAxis: boils }],
        },
      },
      bars(say('load-run.compare.now', { when: whenOf(props.now) }), (r) => r.nowC, '--cool'),
      ...(roads.value.some(({ nowOnThatDayC }) => nowOnThatDayC !== undefined)
        ? [bars(say('load-run.compare.onThatDay'), (r) => r.nowOnThatDayC, '--cool-soft')]
        : []),
    ],
  }
})
</script>

<template>
  <section class="compare" :aria-label="say('load-run.compare.title')">
    <h3>{{ say('load-run.compare.title') }}</h3>
    <p role="status">{{ verdict }}</p>
    <div class="chart" role="img" :aria-label="verdict">
      <VChart :option="option" :update-options="{ notMerge: true }" autoresize />
    </div>
  </section>
</template>

<style scoped>
.compare {
  display: flex;
  flex-direction: column;
  gap: 6px;
  border-top: 2px solid var(--line);
  padding-top: 10px;
}
.chart {
  height: 230px;
}
</style>
