<script setup lang="ts">
import { DateTime } from 'luxon'
import { comeBackOf, faultName } from '#core'
import { believedWords } from '../../../words/case-end'

/** What was believed when the case was closed, where it came back. */
const { say } = useWords()
const open = useOpenCase()
const cameBack = computed(() => comeBackOf(open.state.value?.events ?? []))
const closed = computed(() => {
  const { closedAt, outcome, causes } = cameBack.value!
  return say('case.came-back.closed', {
    outcome: outcome === 'not-found' ? 'not_found' : 'confirmed',
    causes: causes.map(faultName).join(' + '),
    day: DateTime.fromISO(closedAt).toFormat('d LLL'),
  })
})
const rest = computed(() => {
  const { believed, why } = cameBack.value!
  return [
    ...(believed.length > 0
      ? [say('case.came-back.believed', { suspects: believedWords(believed) })]
      : []),
    ...(why ? [say('case.came-back.why', { why })] : []),
  ]
})
</script>

<template>
  <details v-if="cameBack" class="small back" data-testid="came-back">
    <summary>{{ say('case.came-back.title') }}</summary>
    <p>{{ [closed, ...rest].join(' ') }}</p>
  </details>
</template>

<style scoped>
.back {
  flex: none;
  border-left: 5px solid var(--hot);
  padding-left: 10px;
}
.back[open] {
  max-height: 140px;
  overflow-y: auto;
}
summary {
  min-height: 44px;
  align-content: center;
  font-weight: 600;
  cursor: pointer;
}
</style>
