<script setup lang="ts">
import { type CheckOutcome, outcomesOf, testerSelfCheckCheck } from '#core'

const { say } = useWords()

/** The tester closed on itself: whether it leaks, and how much. */
const props = defineProps<{ outcomes: readonly CheckOutcome[] }>()
const preferences = usePreferences()
const tests = computed(() => outcomesOf(props.outcomes, testerSelfCheckCheck))
</script>

<template>
  <section v-if="tests.length > 0">
    <h2>{{ say('tester-self-check.report.tester') }}</h2>
    <p v-for="check in tests" :key="check.source">
      {{
        say('tester-self-check.report.testerOnItself', {
          state: check.figures.state,
          flowMLPerMinute: preferences.show('flow', check.figures.flowMLPerMinute.value),
        })
      }}
    </p>
  </section>
</template>
