<script setup lang="ts">
import { type HoldAnalysis, holdVerdict, pressureHoldCheck } from '#core'

const { stateWords } = useWords()

/** What a hold shows so far, in a line. */
const props = defineProps<{ analysis: HoldAnalysis; running: boolean }>()
const preferences = usePreferences()
const verdict = computed(() => holdVerdict(props.analysis, props.running))
</script>

<template>
  <p class="verdict" :class="analysis.state">
    <strong>{{ stateWords(pressureHoldCheck.id, [analysis.state]) }}</strong>
    {{ verdict && preferences.say(verdict) }}
  </p>
</template>

<style scoped>
.verdict {
  padding: 8px 12px;
  border-left: 6px solid var(--line);
  background: var(--rail);
  font-size: 18px;
}
.verdict.tight {
  border-color: var(--cool);
  background: var(--cool-soft);
}
.verdict.seep,
.verdict.leak,
.verdict.gross {
  border-color: var(--hot);
  background: var(--hot-soft);
}
</style>
