<script setup lang="ts">
import { type Instrument, type QuantityRecord, vacuumDecayCheck } from '#core'

const { last, outcome, mayRecord, keep, takeBack } = useCheck(vacuumDecayCheck, 'vacuum-decay.test')
const drawn = ref<QuantityRecord | undefined>(last.value?.data.drawn)
const end = ref<QuantityRecord | undefined>(last.value?.data.end)
const minutes = ref<number | undefined>(last.value?.data.minutes)
const gauge = ref<Instrument>()
const problem = ref('')
const LIMITS = { min: -100, max: 0 }
async function save() {
  problem.value = ''
  if (!drawn.value || drawn.value.si >= 0)
    return void (problem.value =
      'A vacuum lies below zero on the gauge: type it with a minus, like −80.')
  if (!end.value) return void (problem.value = 'Type what the gauge shows at the end.')
  if (end.value.si < drawn.value.si)
    return void (problem.value =
      'It cannot hold more vacuum than was drawn: look at the two figures again.')
  if (minutes.value === undefined) return void (problem.value = 'Say how many minutes it stood.')
  await keep({ drawn: drawn.value, end: end.value, minutes: minutes.value }, last.value?.id)
}
</script>

<template>
  <div class="stack">
    <p>Cold and emptied, before a refill: suction opens what pressure shuts.</p>
    <CheckResult
      :outcome="outcome"
      :shown="[
        { path: 'lostKPa', label: 'Lost', kind: 'pressure' },
        { path: 'kPaPerMinute', label: 'Per minute', kind: 'pressureRate' },
      ]"
    />
    <div class="row top">
      <QuantityField
        v-model="drawn"
        label="Vacuum drawn"
        kind="pressure"
        :instrument="gauge"
        :limits="LIMITS"
        hint="Below zero, like −80"
      />
      <QuantityField
        v-model="end"
        label="At the end"
        kind="pressure"
        :instrument="gauge"
        :limits="LIMITS"
      />
      <NumberField v-model="minutes" label="Stood for" unit="min" :min="0.5" :max="240" />
      <InstrumentPick
        v-model="gauge"
        :kinds="['pressure-tester']"
        :start="last?.data.drawn.instrument"
      />
    </div>
    <CheckTimer
      check="vacuum-decay"
      :minutes="10"
      label="Drawn and shut"
      @stopped="minutes = Math.max(0.5, Math.round($event * 2) / 2)"
    />
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <v-btn class="solid" :disabled="!mayRecord" @click="save">Keep the vacuum test</v-btn>
    <div v-if="last" class="row">
      <v-btn :disabled="!mayRecord" @click="takeBack(last.id)">Take it back</v-btn>
    </div>
  </div>
</template>

<style scoped>
.top {
  align-items: flex-start;
  gap: 16px;
}
</style>
