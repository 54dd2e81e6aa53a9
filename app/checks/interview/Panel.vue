<script setup lang="ts">
import {
  earlierWorkCheck,
  interviewCheck,
  lossTold,
  ofKind,
  outcomesOf,
  patternOf,
  QUESTIONS,
  type ReportedLoss,
} from '#core'
import { worthAsking } from './worth-asking'
import InterviewQuestions from './InterviewQuestions.vue'
import LossField from './LossField.vue'
import TopUps from './TopUps.vue'
import TroubleCodes from './TroubleCodes.vue'

const { say } = useWords()

/** One question at a time, the most telling first; what was said already stays below and can be corrected. */
const open = useOpenCase()
const shop = useShop()
const preferences = usePreferences()
const complaint = computed(() => open.input.value!.case.complaint)
const answers = computed(
  () => new Map(ofKind(open.records.value, 'interview.answer').map((a) => [a.data.question, a])),
)
const given = computed(() => new Map([...answers.value].map(([q, a]) => [q, a.data.answer])))
const loss = computed(() => ofKind(open.records.value, 'interview.loss').at(-1))
const newLoss = ref<ReportedLoss | undefined>()
const changing = ref(false)
const usage = computed(() => ofKind(open.records.value, 'interview.usage').at(-1))
const hours = ref(String(usage.value?.data.hoursPerWeek ?? ''))
const problem = ref('')
const words = computed(() => ofKind(open.records.value, 'interview.words').at(-1)?.data.text)
const advice = computed(() => {
  const drive = open.answer.value?.ranked.assessment.drive
  return drive?.may === 'not' ? drive.why : undefined
})
const week = computed(() =>
  lossTold(outcomesOf(open.answer.value?.ranked.assessment.outcomes ?? [], interviewCheck)),
)
const { last: drive } = useCheck(interviewCheck, 'interview.hot-drive')
const hasDrive = computed(() => drive.value !== undefined)
const pattern = computed(() => patternOf(complaint.value, given.value))
const worth = computed(() =>
  worthAsking(open.answer.value?.ranked.questions ?? [], given.value, pattern.value),
)
/** What is asked stays where it is until it is answered: nothing jumps away under a finger; freed places fill with the most telling. */
const asked = ref<string[]>([])
watch(
  [worth, given],
  () => {
    const stays = asked.value.filter((id) => !given.value.has(id))
    const fresh = worth.value.filter((id) => !stays.includes(id))
    asked.value = [...stays, ...fresh].slice(0, 3)
  },
  { immediate: true },
)
const next = computed(() =>
  asked.value.filter((id) => !given.value.has(id)).map((id) => QUESTIONS.find((q) => q.id === id)!),
)
const OPTIONS = [
  { value: 'yes', text: say('interview.yes') },
  { value: 'no', text: say('interview.no') },
  { value: 'not-known', text: say('interview.notKnown2') },
] as const

const answer = (question: string, value: 'yes' | 'no' | 'not-known') => {
  const old = answers.value.get(question)
  return shop.addRecord(
    open.id,
    'interview.answer',
    { question, answer: value },
    old ? { supersedes: old.id } : {},
  )
}
async function keepLoss() {
  if (!newLoss.value) return
  await shop.addRecord(
    open.id,
    'interview.loss',
    newLoss.value,
    loss.value ? { supersedes: loss.value.id } : {},
  )
  changing.value = false
}
async function keepHours() {
  problem.value = ''
  const value = Number(hours.value.replace(',', '.'))
  if (!(value >= 0.1 && value <= 168))
    return void (problem.value = say('interview.hoursAWeekMustBe'))
  await shop.addRecord(
    open.id,
    'interview.usage',
    { ...usage.value?.data, hoursPerWeek: value },
    usage.value ? { supersedes: usage.value.id } : {},
  )
}
</script>

<template>
  <div class="stack">
    <p v-if="advice" class="caution">{{ preferences.say(advice) }}</p>
    <p v-if="words">“{{ words }}”</p>
    <p v-if="pattern" class="pattern" role="status">
      <span class="small quiet">{{ say('interview.thePatternSoFar') }}</span><strong>{{
        preferences.say(pattern.message)
      }}</strong>
    </p>
    <section v-if="next.length > 0" class="ask" :aria-label="say('interview.askNext')">
      <h3>{{ say('interview.askNext') }}</h3>
      <div v-for="(q, i) in next" :key="q.id" class="question" :class="{ first: i === 0 }">
        <span>{{ q.asks }}</span>
        <ChoiceRow
          hide-label
          :disabled="!open.mayRecord.value"
          :label="q.asks"
          :options="OPTIONS"
          :model-value="given.get(q.id)"
          @update:model-value="answer(q.id, $event)"
        />
      </div>
      <p class="small quiet">
        {{
          say('interview.canStillMoveTheRanking', {
            worth: worth.length,
            worth2: worth.length === 1 ? 'question' : 'questions',
          })
        }}
      </p>
    </section>
    <p v-else-if="open.answer.value" role="status">
      <strong>{{ say('interview.nothingMoreToAskThat') }}</strong>
    </p>
    <div v-if="complaint === 'coolant-loss'" class="loss">
      <template v-if="loss && !changing">
        <p class="grow">
          <strong>{{ say('interview.topsUp') }}</strong>
          {{
            loss.data.amount === 'not-known'
              ? say('interview.notKnown')
              : week !== undefined
                ? say('interview.aboutAWeek', { week: preferences.show('volume', week, 2) })
                : `${loss.data.amount.typed} ${loss.data.amount.unit}`
          }}
        </p>
        <v-btn :disabled="!open.mayRecord.value" @click="changing = true">{{
          say('interview.correctIt')
        }}</v-btn>
      </template>
      <template v-else>
        <LossField v-model="newLoss" />
        <v-btn
          class="solid"
          aria-keyshortcuts="k"
          :disabled="!newLoss || !open.mayRecord.value"
          @click="keepLoss"
          >{{ say('interview.keep') }}</v-btn
        >
      </template>
    </div>
    <TopUps v-if="complaint === 'coolant-loss'" :key="open.id" />
    <div class="row">
      <v-text-field
        v-model="hours"
        :label="say('interview.hoursDrivenAWeek')"
        inputmode="decimal"
        class="hours"
      />
      <v-btn :disabled="!open.mayRecord.value || hours === ''" @click="keepHours">{{
        say('interview.keepHours')
      }}</v-btn>
      <span v-if="problem" class="problem" role="alert">{{ problem }}</span>
    </div>

    <details class="unfold" :open="hasDrive">
      <summary>{{ say('interview.howHotItGot') }}</summary>
      <RecordForm
        :check="interviewCheck"
        kind="interview.hot-drive"
        told
        :shown="[
          { path: 'boilsAtC', kind: 'temperature' },
          { path: 'boilsOpenAtC', kind: 'temperature' },
        ]"
      />
    </details>
    <TroubleCodes />
    <p class="row">
      <span class="grow">{{ say('interview.renewedBefore') }}</span>
      <v-btn @click="open.goTo(earlierWorkCheck.id)">{{ say('interview.noteEarlierWork') }}</v-btn>
    </p>
    <details class="rest unfold" :open="next.length === 0">
      <summary>{{ say('interview.saidSoFarAndAll') }}</summary>
      <InterviewQuestions
        :complaint="complaint"
        :answers="given"
        :skip="next.map((q) => q.id)"
        :disabled="!open.mayRecord.value"
        @answer="answer"
      />
    </details>
  </div>
</template>

<style scoped>
.loss {
  display: flex;
  gap: 12px;
  align-items: flex-end;
  flex-wrap: wrap;
}
.hours {
  max-width: 220px;
}
.pattern {
  border-left: 6px solid var(--ink);
  padding: 4px 12px;
  display: flex;
  flex-direction: column;
  font-size: 19px;
}
.ask {
  display: flex;
  flex-direction: column;
  gap: 2px;
}
.question {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 8px 16px;
  flex-wrap: wrap;
  padding: 8px 0;
  border-bottom: 1px solid var(--line);
}
.question > span {
  flex: 1 1 280px;
  font-weight: 500;
}
.question.first > span {
  font-size: 22px;
  font-weight: 600;
  line-height: 1.2;
}
.question.first :deep(button) {
  min-height: 60px;
  font-size: 19px;
}
</style>
