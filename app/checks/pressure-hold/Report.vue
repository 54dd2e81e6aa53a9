<script setup lang="ts">
import { type CheckOutcome, outcomesOf, pressureHoldCheck } from '#core'
import { formatClock, formatNumber } from '../../../words/format'
import HoldChart from './HoldChart.vue'

const { inSentence, say, stateWords } = useWords()

/** Every hold of a case: its verdict, its fall against the limit, what that is in a week, and what a pass does not clear. */
const props = defineProps<{ outcomes: readonly CheckOutcome[] }>()
const preferences = usePreferences()
const { moment } = useMoments()
const holds = computed(() => outcomesOf(props.outcomes, pressureHoldCheck))
</script>

<template>
  <section v-for="(hold, i) in holds" :key="hold.source">
    <h2>
      {{
        say('pressure-hold.report.pressureHold', {
          holds: holds.length > 1 ? ` ${i + 1}` : '',
          states: inSentence(stateWords(pressureHoldCheck.id, hold.states)),
        })
      }}
    </h2>
    <p>
      {{
        say('pressure-hold.report.readingsOverAtMostAllowed', {
          observedAt: moment(hold.observedAt),
          points: hold.figures.points.length,
          elapsedSeconds: formatClock(hold.figures.points.at(-1)?.elapsedSeconds ?? 0),
          allowedKPaGauge: preferences.show('pressure', hold.figures.allowedKPaGauge),
        })
      }}
      <template v-if="hold.figures.fallKPaPerMinute">{{
        say('pressure-hold.report.fallsToLimit', {
          fallKPaPerMinute: preferences.show(
            'pressureRate',
            Math.max(0, hold.figures.fallKPaPerMinute.value),
          ),
          low: formatNumber(
            'pressureRate',
            Math.max(0, hold.figures.fallKPaPerMinute.low),
            preferences.units,
          ),
          high: formatNumber(
            'pressureRate',
            Math.max(0, hold.figures.fallKPaPerMinute.high),
            preferences.units,
          ),
          kPaPerMinute: preferences.show('pressureRate', hold.figures.limit.kPaPerMinute),
        })
      }}</template>
      <template v-if="hold.figures.lossBudget">
        {{
          say('pressure-hold.report.aboutAWeekTo', {
            litresPerWeek: preferences.show(
              'volume',
              hold.figures.lossBudget.litresPerWeek.value,
              1,
            ),
            low: formatNumber(
              'volume',
              hold.figures.lossBudget.litresPerWeek.low,
              preferences.units,
              1,
            ),
            high: formatNumber(
              'volume',
              hold.figures.lossBudget.litresPerWeek.high,
              preferences.units,
              1,
            ),
          })
        }}<template v-if="hold.figures.lossBudget.reportedLitresPerWeek !== undefined">{{
          say('pressure-hold.report.theKeeperReports', {
            reportedLitresPerWeek: preferences.show(
              'volume',
              hold.figures.lossBudget.reportedLitresPerWeek,
              1,
            ),
          })
        }}</template
        >.</template
      >
    </p>
    <HoldChart :analysis="hold.figures" :elapsed-seconds="0" :running="false" class="chart" />
    <p class="small">
      <strong
        >{{
          hold.figures.state === 'tight' || hold.figures.state === 'slow'
            ? say('pressure-hold.report.thisPassDoesNotClear')
            : say('pressure-hold.report.aPassWouldNotHave')
        }}:</strong
      >
      {{ hold.figures.doesNotProve.map(preferences.say).join('; ') }}.
    </p>
    <p v-for="note in hold.figures.notes" :key="note.id" class="small">
      {{ preferences.say(note) }}
    </p>
  </section>
</template>
