<script setup lang="ts">
import { LineChart } from 'echarts/charts'
import { GridComponent, LegendComponent } from 'echarts/components'
import { use } from 'echarts/core'
import { CanvasRenderer } from 'echarts/renderers'
import { DateTime } from 'luxon'
import VChart from 'vue-echarts'
import {
  compareMoments,
  correctedValue,
  eventsOfKind,
  fromCore,
  ofKind,
  outcomesOf,
  pressureHoldCheck,
} from '#core'
import { formatNumber } from '../../../words/format'

const { say, stateWords } = useWords()

use([LineChart, GridComponent, LegendComponent, CanvasRenderer])

/** Two or more holds of one case side by side: before and after a repair, cold and warm, one gauge and another. */
const open = useOpenCase()
const shop = useShop()
const preferences = usePreferences()
const DASHES = ['solid', 'dashed', 'dotted'] as const
const starts = computed(() => ofKind(open.records.value, 'pressure-hold.start'))
const ends = computed(() => ofKind(open.records.value, 'pressure-hold.end'))
const outcomes = computed(() =>
  outcomesOf(open.answer.value?.ranked.assessment.outcomes ?? [], pressureHoldCheck),
)
const holds = computed(() => {
  const repairs = eventsOfKind(open.events.value, 'repaired')
  return outcomes.value.flatMap((outcome, i) => {
    const start = starts.value.find((r) => r.id === outcome.source)?.data
    if (!start) return []
    const end = ends.value.findLast((r) => r.data.run === outcome.source)?.data
    const done = repairs.filter((r) => compareMoments(r.observedAt, outcome.observedAt) <= 0).length
    return {
      id: outcome.source,
      analysis: outcome.figures,
      label: `${i + 1}`,
      when: DateTime.fromISO(outcome.observedAt).toFormat('d LLL, HH:mm'),
      stage:
        repairs.length === 0
          ? ''
          : say('pressure-hold.hold-compare.stage', {
              when: done === 0 ? 'before' : done === repairs.length ? 'last' : 'between',
              done,
            }),
      coolant: start.coolantAtStart
        ? preferences.show('temperature', correctedValue(start.coolantAtStart))
        : say('pressure-hold.hold-compare.notMeasured'),
      drift:
        start.coolantAtStart && end?.coolantAtEnd
          ? preferences.show(
              'temperatureDifference',
              correctedValue(end.coolantAtEnd) - correctedValue(start.coolantAtStart),
              1,
            )
          : undefined,
      gauge: start.target.instrument
        ? (shop.instruments.get(start.target.instrument)?.name ??
          say('pressure-hold.hold-compare.gaugeNotKnown'))
        : say('pressure-hold.hold-compare.noGaugeNamed'),
      level: say(`pressure-hold.hold-compare.level.${start.level}`),
    }
  })
})
const verdict = computed(() => {
  const [a, b] = [holds.value.at(-2), holds.value.at(-1)]
  const f = a?.analysis.fallKPaPerMinute
  const g = b?.analysis.fallKPaPerMinute
  if (!f || !g) return say('pressure-hold.hold-compare.cannotBeCompared')
  const apart = f.low > g.high ? 'slower' : g.low > f.high ? 'faster' : 'same'
  const compared = say('pressure-hold.hold-compare.verdict', {
    apart,
    before: preferences.show('pressureRate', Math.max(0, f.value)),
    now: preferences.show('pressureRate', Math.max(0, g.value)),
  })
  return a!.level === b!.level
    ? compared
    : `${compared} ${say('pressure-hold.hold-compare.levelNotTheSame')}`
})
const ink = useChartInk()
const option = computed(() => {
  const { colour, text } = ink.value
  return {
    animation: false,
    grid: { left: 52, right: 14, top: 30, bottom: 28 },
    legend: { top: 0, textStyle: text, icon: 'rect' },
    xAxis: {
      type: 'value',
      axisLabel: { ...text, formatter: (v: number) => `${v} min` },
      splitLine: { show: false },
    },
    yAxis: {
      type: 'value',
      scale: true,
      axisLabel: text,
      splitLine: { lineStyle: { color: colour('--line') } },
    },
    series: holds.value.map((h, i) => ({
      name: say('pressure-hold.hold-compare.hold2', {
        label: h.label,
        stage: h.stage ? `, ${h.stage}` : '',
      }),
      type: 'line',
      symbol: ['rect', 'circle', 'triangle'][i % 3],
      symbolSize: 8,
      lineStyle: {
        type: DASHES[i % 3],
        width: 2.5,
        color: colour(i === holds.value.length - 1 ? '--hot' : '--cool'),
      },
      itemStyle: { color: colour(i === holds.value.length - 1 ? '--hot' : '--cool') },
      data: h.analysis.points.map((p) => [
        p.elapsedSeconds / 60,
        fromCore('pressure', p.pressureKPaGauge, preferences.units.pressure),
      ]),
    })),
  }
})
</script>

<template>
  <section
    v-if="holds.length > 1"
    class="compare"
    :aria-label="say('pressure-hold.hold-compare.holdsCompared')"
  >
    <h3>{{ say('pressure-hold.hold-compare.holdsCompared') }}</h3>
    <p role="status">{{ verdict }}</p>
    <div class="chart" role="img" :aria-label="verdict">
      <VChart :option="option" :update-options="{ notMerge: true }" autoresize />
    </div>
    <div
      class="scroll"
      tabindex="0"
      :aria-label="say('pressure-hold.hold-compare.tableOfTheHolds')"
    >
      <table>
        <thead>
          <tr>
            <th>{{ say('pressure-hold.hold-compare.hold') }}</th>
            <th>{{ say('pressure-hold.hold-compare.result') }}</th>
            <th>{{ say('pressure-hold.hold-compare.falls') }}</th>
            <th>{{ say('pressure-hold.hold-compare.coolant') }}</th>
            <th>{{ say('pressure-hold.hold-compare.level') }}</th>
            <th>{{ say('pressure-hold.hold-compare.gauge') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="h in holds" :key="h.id">
            <td>
              <strong>{{ h.label }}</strong> {{ h.when }}<br /><span class="small quiet">{{
                h.stage
              }}</span>
            </td>
            <td>{{ stateWords(pressureHoldCheck.id, [h.analysis.state]) }}</td>
            <td>
              <template v-if="h.analysis.fallKPaPerMinute"
                >{{
                  preferences.show('pressureRate', Math.max(0, h.analysis.fallKPaPerMinute.value))
                }}<br /><span class="small quiet">{{
                  say('pressure-hold.hold-compare.to', {
                    low: formatNumber(
                      'pressureRate',
                      Math.max(0, h.analysis.fallKPaPerMinute.low),
                      preferences.units,
                    ),
                    high: formatNumber(
                      'pressureRate',
                      Math.max(0, h.analysis.fallKPaPerMinute.high),
                      preferences.units,
                    ),
                  })
                }}</span></template
              >
            </td>
            <td>
              {{ h.coolant }}<br /><span v-if="h.drift" class="small quiet">{{
                say('pressure-hold.hold-compare.inTheHoldTakenOff', { drift: h.drift })
              }}</span>
            </td>
            <td>{{ h.level }}</td>
            <td>{{ h.gauge }}</td>
          </tr>
        </tbody>
      </table>
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
  height: 210px;
}
.scroll {
  overflow-x: auto;
}
table {
  border-collapse: collapse;
  width: 100%;
}
th {
  text-align: left;
  font-size: 15px;
  color: var(--ink-2);
  font-weight: 500;
}
td,
th {
  padding: 4px 12px 4px 0;
  border-bottom: 1px solid var(--line);
  vertical-align: top;
}
</style>
