<script setup lang="ts">
import { type CheckOutcome, interviewCheck, keeperSaid, lossTold, outcomesOf } from '#core'

const { say } = useWords()

/** What the keeper said, every answer, and how much is topped up in a week. */
const props = defineProps<{ outcomes: readonly CheckOutcome[] }>()
const { records } = useOpenCase()
const preferences = usePreferences()
const answers = computed(() => keeperSaid(records.value))
const own = computed(() => outcomesOf(props.outcomes, interviewCheck))
const litresPerWeek = computed(() => lossTold(own.value))
/** A hot drive, and trouble codes: findings of their own. */
const findings = computed(() => own.value.filter(({ states }) => states.length > 0))
</script>

<template>
  <section v-if="answers.length > 0 || litresPerWeek !== undefined">
    <h2>{{ say('interview.report.theKeeperSays') }}</h2>
    <ul>
      <li v-for="a in answers" :key="a.id">
        {{ a.asks }} <strong>{{ say('interview.report.answer', { answer: a.answer }) }}</strong>
      </li>
    </ul>
    <p v-if="litresPerWeek !== undefined">
      {{
        say('interview.report.topsUpAboutAWeek', {
          litresPerWeek: preferences.show('volume', litresPerWeek, 2),
        })
      }}
    </p>
  </section>
  <OutcomeSection v-for="one in findings" :key="one.source" :outcome="one" />
</template>
