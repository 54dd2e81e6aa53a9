<script setup lang="ts">
import { type NextCheck, type NextStep, QUESTIONS } from '#core'

const { checkName, checkWhy, inSentence, say } = useWords()

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
  question.value
    ? say('case.next-box.askTheKeeper')
    : props.next && inSentence(checkName(props.next.check)),
)
</script>

<template>
  <div v-if="next" class="next">
    <h2>{{ say('case.next-box.next', { title }) }}</h2>
    <p v-if="question" class="small">
      {{ say('case.next-box.theAnswerSettlesMostFor', { question }) }}
    </p>
    <p v-else class="small">
      {{
        say('case.next-box.min', {
          minutes: next.minutes,
          phase: next.phase === 'cold' ? say('case.next-box.onlyWhileItIsCold') : '',
        })
      }}
      <template v-if="next.locates">{{ preferences.say(next.locates) }}</template>
      <template v-else>{{
        say('case.next-box.itSettlesMostForIts', { why: checkWhy(next.check) })
      }}</template>
    </p>
    <v-btn class="solid" block @click="open.goTo(next.check)">{{
      say('case.next-box.goThere')
    }}</v-btn>
  </div>
  <div v-else-if="nothingIsLeft" class="next">
    <h2>{{ say('case.next-box.coldWorkIsDone') }}</h2>
    <p class="small">
      {{ say('case.next-box.noColdCheckThatIs')
      }}<template v-if="later">
        {{
          say('case.next-box.onceItIsWarmMin', {
            check: inSentence(checkName(later.check)),
            minutes: later.minutes,
          })
        }}</template
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
}
h2 {
  font-size: 19px;
}
</style>
