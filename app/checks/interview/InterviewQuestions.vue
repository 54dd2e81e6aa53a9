<script setup lang="ts">
import { type Complaint, QUESTIONS } from '#core'

const { say } = useWords()

/** The keeper's questions; those of the complaint first, the rest within reach. */
type Answer = 'yes' | 'no' | 'not-known'
const props = defineProps<{
  complaint: Complaint
  answers: ReadonlyMap<string, Answer>
  disabled?: boolean
  skip?: readonly string[]
}>()
const emit = defineEmits<{ answer: [question: string, answer: Answer] }>()
const options = [
  { value: 'yes', text: say('interview.interview-questions.yes') },
  { value: 'no', text: say('interview.interview-questions.no') },
  { value: 'not-known', text: say('interview.interview-questions.notKnown') },
] as const
const all = ref(false)
const shown = computed(() =>
  QUESTIONS.filter(
    (q) =>
      !props.skip?.includes(q.id) &&
      (all.value || q.for.includes(props.complaint) || props.answers.has(q.id)),
  ),
)
</script>

<template>
  <div class="questions">
    <div v-for="question in shown" :key="question.id" class="question">
      <span>{{ question.asks }}</span>
      <ChoiceRow
        hide-label
        :disabled="disabled"
        :label="question.asks"
        :options="options"
        :model-value="answers.get(question.id)"
        @update:model-value="emit('answer', question.id, $event)"
      />
    </div>
    <button v-if="!all" type="button" class="plain-button" @click="all = true">
      {{ say('interview.interview-questions.allQuestions') }}
    </button>
  </div>
</template>

<style scoped>
.questions {
  display: flex;
  flex-direction: column;
}
.question {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 8px 16px;
  flex-wrap: wrap;
  padding: 6px 0;
  border-bottom: 1px solid var(--line);
}
.question > span {
  flex: 1 1 260px;
  font-weight: 500;
}
.plain-button {
  align-self: flex-start;
  margin-top: 12px;
}
</style>
