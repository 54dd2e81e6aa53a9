<script setup lang="ts">
import { type Instrument, type QuantityRecord, vacuumDecayCheck } from '#core'

const { say } = useWords()

const { last, outcome, mayRecord, keep, takeBack } = useCheck(vacuumDecayCheck, 'vacuum-decay.test')
const drawn = ref<QuantityRecord | undefined>(last.value?.data.drawn)
const end = ref<QuantityRecord | undefined>(last.value?.data.end)
const minutes = ref<number | undefined>(last.value?.data.minutes)
const gauge = ref<Instrument>()
const problem = ref('')
const LIMITS = { min: -100, max: 0 }
async function save() {
  problem.value = ''
  if (!drawn.value || drawn.value.coreValue >= 0)
    return void (problem.value = say('vacuum-decay.aVacuumLiesBelowZero'))
  if (!end.value) return void (problem.value = say('vacuum-decay.typeWhatTheGaugeShows'))
  if (end.value.coreValue < drawn.value.coreValue)
    return void (problem.value = say('vacuum-decay.itCannotHoldMoreVacuum'))
  if (minutes.value === undefined)
    return void (problem.value = say('vacuum-decay.sayHowManyMinutesIt'))
  await keep({ drawn: drawn.value, end: end.value, minutes: minutes.value }, last.value?.id)
}
</script>

<template>
  <div class="stack">
    <p>{{ say('vacuum-decay.coldAndEmptiedBeforeA') }}</p>
    <CheckResult
      :outcome="outcome"
      :shown="[
        { path: 'lostKPa', label: say('vacuum-decay.lost'), kind: 'pressure' },
        { path: 'kPaPerMinute', label: say('vacuum-decay.perMinute'), kind: 'pressureRate' },
      ]"
    />
    <div class="row top">
      <QuantityField
        v-model="drawn"
        :label="say('vacuum-decay.vacuumDrawn')"
        kind="pressure"
        :instrument="gauge"
        :limits="LIMITS"
        :hint="say('vacuum-decay.belowZeroLike80')"
      />
      <QuantityField
        v-model="end"
        :label="say('vacuum-decay.atTheEnd')"
        kind="pressure"
        :instrument="gauge"
        :limits="LIMITS"
      />
      <NumberField
        v-model="minutes"
        :label="say('vacuum-decay.stoodFor')"
        unit="min"
        :min="0.5"
        :max="240"
      />
      <InstrumentPick
        v-model="gauge"
        :kinds="['pressure-tester']"
        :start="last?.data.drawn.instrument"
      />
    </div>
    <CheckTimer
      check="vacuum-decay"
      :minutes="10"
      :label="say('vacuum-decay.drawnAndShut')"
      @stopped="minutes = Math.max(0.5, Math.round($event * 2) / 2)"
    />
    <KeepRow :problem="problem">
      <v-btn class="solid" aria-keyshortcuts="k" :disabled="!mayRecord" @click="save">{{
        say('vacuum-decay.keepTheVacuumTest')
      }}</v-btn>
    </KeepRow>
    <div v-if="last" class="row">
      <v-btn aria-keyshortcuts="t" :disabled="!mayRecord" @click="takeBack(last.id)">{{
        say('vacuum-decay.takeItBack')
      }}</v-btn>
    </div>
  </div>
</template>

<style scoped>
.top {
  align-items: flex-start;
  gap: 16px;
}
</style>
