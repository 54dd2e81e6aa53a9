<script setup lang="ts">
import { type NextCheck, type NextStep, QUESTIONS } from '#core'
import { CHECK_WORDS } from '../../../words/checks'
import { checkName } from '../../../words/check-names'

/** What to do next, and why; or that nothing is left here that would settle much. */
const props = defineProps<{
  next: NextStep | undefined
  nothingIsLeft: boolean
  later: NextCheck | undefined
}>()
const open = useOpenCase()
const preferences = usePreferences()
const question = computed(() => QUESTIONS.find((q) => q.id === props.next?.question)?.asks)
const title = computed(() =>
  question.value ? 'ask the keeper' : props.next && checkName(props.next.check).toLowerCase(),
)
</script>

<template>
  <div v-if="next" class="next">
    <h3>Next: {{ title }}</h3>
    <p v-if="question" class="small">“{{ question }}” The answer settles most for its time.</p>
    <p v-else class="small">
      {{ next.minutes }} min{{ next.phase === 'cold' ? ', only while it is cold' : '' }}.
      <template v-if="next.locates">{{ preferences.say(next.locates) }}</template>
      <template v-else>{{ CHECK_WORDS[next.check].why }} It settles most for its time.</template>
    </p>
    <v-btn class="solid" block @click="open.goTo(next.check)">Go there</v-btn>
  </div>
  <div v-else-if="nothingIsLeft" class="next">
    <h3>Cold work is done</h3>
    <p class="small">
      No cold check that is left would settle much.<template v-if="later">
        Once it is warm: {{ checkName(later.check).toLowerCase() }},
        {{ later.minutes }} min.</template
      >
    </p>
  </div>
</template>

<style scoped>
.next {
  border: 2px solid var(--ink);
  border-radius: 5px;
  padding: 12px;
  display: flex;
  flex-direction: column;
  gap: 6px;
  margin-top: auto;
}
</style>
