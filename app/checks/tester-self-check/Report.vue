<script setup lang="ts">
import { type CheckOutcome, outcomesOf, testerSelfCheckCheck } from '#core'

/** The tester closed on itself: whether it leaks, and how much. */
const props = defineProps<{ outcomes: readonly CheckOutcome[] }>()
const preferences = usePreferences()
const tests = computed(() => outcomesOf(props.outcomes, testerSelfCheckCheck))
</script>

<template>
  <section v-if="tests.length > 0">
    <h2>Tester</h2>
    <p v-for="check in tests" :key="check.source">
      Tester on itself: {{ check.figures.state.replaceAll('-', ' ') }},
      {{ preferences.show('flow', check.figures.flowMLPerMinute.value) }}.
    </p>
  </section>
</template>
