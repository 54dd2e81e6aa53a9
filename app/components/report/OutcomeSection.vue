<script setup lang="ts">
import type { CheckOutcome } from '#core'

const { checkName, say, stateWords } = useWords()

/** One outcome of any check: its finding, what that does not clear, and what is odd about it. */
defineProps<{ outcome: CheckOutcome }>()
const preferences = usePreferences()
</script>

<template>
  <section>
    <h2>
      {{ checkName(outcome.check) }}:
      {{ stateWords(outcome.check, outcome.states).replace(/\.$/, '').toLowerCase() }}
    </h2>
    <p v-if="outcome.doesNotProve.length > 0" class="small">
      <strong>{{ say('report.outcome-section.notClearedByThis') }}</strong>
      {{ outcome.doesNotProve.map(preferences.say).join('; ') }}.
    </p>
    <p v-for="note in outcome.notes" :key="note.id" class="small">{{ preferences.say(note) }}</p>
  </section>
</template>
