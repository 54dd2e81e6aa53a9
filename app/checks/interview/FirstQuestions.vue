<script setup lang="ts">
import {
  type CaseInput,
  type Complaint,
  patternOf,
  QUESTIONS,
  type ReportedLoss,
  type SystemProfile,
} from '#core'
import { formatChance } from '../../../words/format'
import { worthAsking } from './worth-asking'

const { say } = useWords()

/**
 * The few questions that tell most, one at a time, before there is a case; and beside them the pattern and the first
 * suspects, as they move.
 */
type Answer = 'yes' | 'no' | 'not-known'
const props = defineProps<{
  complaint: Complaint
  profile: SystemProfile
  answers: ReadonlyMap<string, Answer>
  loss: ReportedLoss | undefined
}>()
const emit = defineEmits<{ answer: [question: string, answer: Answer] }>()
const preferences = usePreferences()
const session = useSession()

/** After so many answers the rest can be asked in the case. */
const ENOUGH = 4
const SUSPECTS_SHOWN = 3
/** A case that nobody opened yet. */
const NOT_YET = 'not-opened'
const begun = new Date().toISOString()

const plain = <T,>(value: T): T => JSON.parse(JSON.stringify(value)) as T

const input = computed<CaseInput>(() => {
  const stamp = { by: NOT_YET, observedAt: begun }
  const said = [...props.answers].map(([question, answer]) => ({
    id: `${question} ${answer}`,
    ...stamp,
    kind: 'interview.answer' as const,
    data: { question, answer },
  }))
  const lost = props.loss
    ? [
        {
          id: JSON.stringify(props.loss),
          ...stamp,
          kind: 'interview.loss' as const,
          data: plain(props.loss),
        },
      ]
    : []
  return {
    case: {
      id: NOT_YET,
      vehicle: NOT_YET,
      complaint: props.complaint,
      title: NOT_YET,
      openedAt: begun,
      openedBy: NOT_YET,
    },
    // As plain data: what goes to the worker is copied, and what the page watches cannot be.
    vehicle: { id: NOT_YET, name: NOT_YET, profile: plain(props.profile) },
    site: { elevationMetres: session.current?.shop.elevationMetres ?? 0 },
    records: [...said, ...lost],
    events: [],
    ...(session.policy ? { policy: session.policy } : {}),
    ...(session.experience ? { experience: session.experience } : {}),
  }
})
const { answer } = useRanking(() => input.value)
const pattern = computed(() => patternOf(props.complaint, new Map(props.answers)))
const worth = computed(() =>
  worthAsking(answer.value?.ranked.questions ?? [], props.answers, pattern.value),
)
const askMore = ref(false)
/** What is asked stays until it is answered: nothing changes under a finger. */
const asked = ref<string>()
watch(
  [worth, () => props.answers, () => props.complaint],
  () => {
    if (asked.value && !props.answers.has(asked.value)) return
    asked.value = worth.value[0]
  },
  { immediate: true },
)
watch(
  () => props.complaint,
  () => {
    asked.value = undefined
    askMore.value = false
  },
)
const question = computed(() => QUESTIONS.find(({ id }) => id === asked.value))
const isEnough = computed(() => props.answers.size >= ENOUGH && !askMore.value)
const suspects = computed(
  () => answer.value?.ranked.ranking.suspects.slice(0, SUSPECTS_SHOWN) ?? [],
)
const OPTIONS = [
  { value: 'yes', text: say('interview.interview-questions.yes') },
  { value: 'no', text: say('interview.interview-questions.no') },
  { value: 'not-known', text: say('interview.interview-questions.notKnown') },
] as const
</script>

<template>
  <div class="first">
    <section class="ask" :aria-label="say('interview.first.asked')">
      <template v-if="isEnough">
        <p class="question">{{ say('interview.first.enough') }}</p>
        <v-btn v-if="question" @click="askMore = true">{{ say('interview.first.askOn') }}</v-btn>
      </template>
      <template v-else-if="question">
        <p class="question">{{ question.asks }}</p>
        <div class="answers">
          <v-btn
            v-for="option in OPTIONS"
            :key="option.value"
            size="x-large"
            @click="emit('answer', question.id, option.value)"
            >{{ option.text }}</v-btn
          >
        </div>
        <p class="small quiet">{{ say('interview.first.answered', { answers: answers.size }) }}</p>
      </template>
      <p v-else class="question quiet">{{ say('interview.first.nothingMore') }}</p>
    </section>
    <section class="so-far" :aria-label="say('interview.first.soFar')" aria-live="polite">
      <p v-if="pattern">
        <span class="small quiet">{{ say('interview.thePatternSoFar') }}</span><br /><strong>{{
          preferences.say(pattern.message)
        }}</strong>
      </p>
      <p v-for="(suspect, at) in suspects" :key="suspect.fault" class="suspect">
        <span>{{ suspect.name }}</span><span class="small">{{
          formatChance(suspect.probability)
        }}</span>
        <ChanceBar class="bar" :probability="suspect.probability" :leads="at === 0" />
      </p>
    </section>
  </div>
</template>

<style scoped>
.first {
  display: grid;
  grid-template-columns: 3fr 2fr;
  gap: 14px 24px;
}
.question {
  font-size: 24px;
  font-weight: 600;
  line-height: 1.2;
  min-height: 58px;
}
.answers {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin: 10px 0;
}
.answers > * {
  flex: 1 1 110px;
}
.suspect {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 2px 12px;
  margin-top: 8px;
  font-weight: 500;
}
.bar {
  grid-column: 1 / 3;
}
@media (max-width: 720px) {
  .first {
    grid-template-columns: 1fr;
  }
}
</style>
