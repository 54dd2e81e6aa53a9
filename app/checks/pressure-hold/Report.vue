<script setup lang="ts">
import { type CheckOutcome, outcomesOf, pressureHoldCheck } from '#core'
import { formatClock, formatNumber } from '../../../words/format'
import { stateWords } from '../../../words/states'
import HoldChart from './HoldChart.vue'

/** Every hold of a case: its verdict, its fall against the limit, what that is in a week, and what a pass does not clear. */
const props = defineProps<{ outcomes: readonly CheckOutcome[] }>()
const preferences = usePreferences()
const { moment } = useMoments()
const holds = computed(() => outcomesOf(props.outcomes, pressureHoldCheck))
</script>

<template>
  <section v-for="(hold, i) in holds" :key="hold.source">
    <h2>
      Pressure hold{{ holds.length > 1 ? ` ${i + 1}` : '' }}:
      {{ stateWords(pressureHoldCheck.id, hold.states).toLowerCase() }}
    </h2>
    <p>
      {{ moment(hold.observedAt) }}, {{ hold.figures.points.length }} readings over
      {{ formatClock(hold.figures.points.at(-1)?.elapsedSeconds ?? 0) }}, at most
      {{ preferences.show('pressure', hold.figures.allowedKPaGauge) }} allowed.
      <template v-if="hold.figures.fallKPaPerMinute"
        >Falls
        {{ preferences.show('pressureRate', Math.max(0, hold.figures.fallKPaPerMinute.value)) }}
        ({{
          formatNumber(
            'pressureRate',
            Math.max(0, hold.figures.fallKPaPerMinute.low),
            preferences.units,
          )
        }}
        to
        {{
          formatNumber(
            'pressureRate',
            Math.max(0, hold.figures.fallKPaPerMinute.high),
            preferences.units,
          )
        }}); limit
        {{ preferences.show('pressureRate', hold.figures.limit.kPaPerMinute) }}.</template
      >
      <template v-if="hold.figures.lossBudget">
        About
        {{ preferences.show('volume', hold.figures.lossBudget.litresPerWeek.value, 1) }} a week ({{
          formatNumber('volume', hold.figures.lossBudget.litresPerWeek.low, preferences.units, 1)
        }}
        to
        {{
          formatNumber('volume', hold.figures.lossBudget.litresPerWeek.high, preferences.units, 1)
        }})<template v-if="hold.figures.lossBudget.reportedLitresPerWeek !== undefined"
          >; the keeper reports
          {{
            preferences.show('volume', hold.figures.lossBudget.reportedLitresPerWeek, 1)
          }}</template
        >.</template
      >
    </p>
    <HoldChart :analysis="hold.figures" :elapsed-seconds="0" :running="false" class="chart" />
    <p class="small">
      <strong
        >{{
          hold.figures.state === 'tight'
            ? 'This pass does not clear'
            : 'A pass would not have cleared'
        }}:</strong
      >
      {{ hold.figures.doesNotProve.map(preferences.say).join('; ') }}.
    </p>
    <p v-for="note in hold.figures.notes" :key="note.id" class="small">
      {{ preferences.say(note) }}
    </p>
  </section>
</template>
