<script setup lang="ts">
import { ofKind } from '../../../../core/casefile/records'
import type { ReportedLoss } from '../../../../core/checks/interview/record'

const open = useOpenCase()
const bench = useBench()
const preferences = usePreferences()
const answers = computed(() => new Map(ofKind(open.records.value, 'interview.answer').map((a) => [a.data.question, a])))
const given = computed(() => new Map([...answers.value].map(([q, a]) => [q, a.data.answer])))
const loss = computed(() => ofKind(open.records.value, 'interview.loss').at(-1))
const newLoss = ref<ReportedLoss | undefined>()
const changing = ref(false)
const usage = computed(() => ofKind(open.records.value, 'interview.usage').at(-1))
const hours = ref(String(usage.value?.data.hoursPerWeek ?? ''))
const problem = ref('')
const words = computed(() => ofKind(open.records.value, 'interview.words').at(-1)?.data.text)
const advice = computed(() => open.answer.value?.ranked.assessment.advice)
const week = computed(() => open.answer.value?.ranked.assessment.lossPerWeek)

const answer = (question: string, value: 'yes' | 'no' | 'not-known') => {
  const old = answers.value.get(question)
  return bench.addRecord(open.id, 'interview.answer', { question, answer: value }, old ? { supersedes: old.id } : {})
}
async function keepLoss() {
  if (!newLoss.value) return
  await bench.addRecord(open.id, 'interview.loss', newLoss.value, loss.value ? { supersedes: loss.value.id } : {})
  changing.value = false
}
async function keepHours() {
  problem.value = ''
  const value = Number(hours.value.replace(',', '.'))
  if (!(value >= 0.1 && value <= 168)) return void (problem.value = 'Hours a week must be between 0.1 and 168.')
  await bench.addRecord(open.id, 'interview.usage', { ...usage.value?.data, hoursPerWeek: value }, usage.value ? { supersedes: usage.value.id } : {})
}
</script>

<template>
  <div class="stack">
    <p v-if="advice" class="caution">{{ preferences.say(advice) }}</p>
    <p v-if="words">“{{ words }}”</p>
    <div v-if="open.input.value?.case.complaint === 'coolant-loss'" class="loss">
      <template v-if="loss && !changing">
        <p class="grow"><strong>Tops up:</strong> {{ loss.data.amount === 'not-known' ? 'not known' : week ? `about ${preferences.show('volume', week.litresPerWeek, 2)} a week` : `${loss.data.amount.typed} ${loss.data.amount.unit}` }}</p>
        <v-btn :disabled="!open.mayRecord.value" @click="changing = true">Correct it</v-btn>
      </template>
      <template v-else>
        <LossField v-model="newLoss" />
        <v-btn class="solid" :disabled="!newLoss || !open.mayRecord.value" @click="keepLoss">Keep</v-btn>
      </template>
    </div>
    <div class="row">
      <v-text-field v-model="hours" label="Hours driven a week" inputmode="decimal" class="hours" />
      <v-btn :disabled="!open.mayRecord.value || hours === ''" @click="keepHours">Keep hours</v-btn>
      <span v-if="problem" class="problem" role="alert">{{ problem }}</span>
    </div>
    <InterviewQuestions v-if="open.input.value" :complaint="open.input.value.case.complaint" :answers="given" :disabled="!open.mayRecord.value" @answer="answer" />
  </div>
</template>

<style scoped>
.loss { display: flex; gap: 12px; align-items: flex-end; flex-wrap: wrap; }
.hours { max-width: 220px; }
</style>
