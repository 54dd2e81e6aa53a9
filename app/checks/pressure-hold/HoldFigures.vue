<script setup lang="ts">
import type { HoldAnalysis } from '#core'
import { formatClock, formatNumber } from '../../../words/format'
import HoldVerdict from './HoldVerdict.vue'

const { say } = useWords()

/** The newest reading large, how fast it falls and what that is in a week, and the verdict. */
defineProps<{
  analysis: HoldAnalysis | undefined
  running: boolean
  latest: { at: number; kPa: number } | undefined
  /** the gauge's offset was taken off */
  corrected: boolean
}>()
const preferences = usePreferences()
</script>

<template>
  <div class="figures">
    <span class="quiet small">{{
      latest
        ? say('pressure-hold.hold-figures.at', {
            at: formatClock(latest.at),
            corrected: corrected ? say('pressure-hold.hold-figures.corrected') : '',
          })
        : say('pressure-hold.hold-figures.addTheFirstReading')
    }}</span>
    <span v-if="latest" class="figure"
      >{{ formatNumber('pressure', latest.kPa, preferences.units) }}
      <span class="unit">{{ preferences.units.pressure }}</span></span
    >
    <template v-if="analysis?.fallKPaPerMinute">
      <span class="quiet small">{{ say('pressure-hold.hold-figures.falling') }}</span>
      <strong class="big">{{
        preferences.show('pressureRate', Math.max(0, analysis.fallKPaPerMinute.value))
      }}</strong>
      <span class="small quiet">{{
        say('pressure-hold.hold-figures.toLimit', {
          low: formatNumber(
            'pressureRate',
            Math.max(0, analysis.fallKPaPerMinute.low),
            preferences.units,
          ),
          high: formatNumber(
            'pressureRate',
            Math.max(0, analysis.fallKPaPerMinute.high),
            preferences.units,
          ),
          kPaPerMinute: formatNumber(
            'pressureRate',
            analysis.limit.kPaPerMinute,
            preferences.units,
          ),
        })
      }}</span>
      <span class="small quiet">{{
        say('pressure-hold.hold-figures.leakTo', {
          leakMLPerMinute: preferences.show('flow', analysis.leakMLPerMinute!.value),
          low: formatNumber('flow', analysis.leakMLPerMinute!.low, preferences.units),
          high: formatNumber('flow', analysis.leakMLPerMinute!.high, preferences.units),
        })
      }}</span>
      <template v-if="analysis.lossBudget">
        <strong>{{
          say('pressure-hold.hold-figures.aboutAWeek', {
            litresPerWeek: preferences.show('volume', analysis.lossBudget.litresPerWeek.value, 1),
          })
        }}</strong>
        <span class="small quiet"
          >{{
            say('pressure-hold.hold-figures.to', {
              low: formatNumber(
                'volume',
                analysis.lossBudget.litresPerWeek.low,
                preferences.units,
                1,
              ),
              high: formatNumber(
                'volume',
                analysis.lossBudget.litresPerWeek.high,
                preferences.units,
                1,
              ),
            })
          }}<template v-if="analysis.lossBudget.reportedLitresPerWeek !== undefined">{{
            say('pressure-hold.hold-figures.reported', {
              reportedLitresPerWeek: formatNumber(
                'volume',
                analysis.lossBudget.reportedLitresPerWeek,
                preferences.units,
                1,
              ),
              comparison: analysis.lossBudget.comparison,
            })
          }}</template></span
        >
      </template>
    </template>
    <HoldVerdict
      v-if="analysis"
      class="verdict"
      :analysis="analysis"
      :running="running"
      role="status"
      data-testid="verdict"
    />
  </div>
</template>

<style scoped>
.figures {
  display: flex;
  flex-direction: column;
  gap: 1px;
}
.big {
  font-size: 24px;
  line-height: 1.15;
}
.verdict {
  margin-top: 8px;
}
</style>
