<script setup lang="ts">
import { type Instrument, type QuantityRecord, testerSelfCheckCheck } from '#core'

const { open, last, figures: analysis } = useCheck(testerSelfCheckCheck, 'tester-self-check.test')
const shop = useShop()
const preferences = usePreferences()
const editing = ref(false)
const startPressure = ref<QuantityRecord>()
const endPressure = ref<QuantityRecord>()
const duration = ref<QuantityRecord | undefined>({ typed: '1', value: 1, unit: 'min', si: 60 })
const step = ref<QuantityRecord | undefined>({ typed: '1', value: 1, unit: 'kPa', si: 1 })
const enclosed = ref<QuantityRecord>()
const gauge = ref<Instrument>()
watch(gauge, (tester) => {
  if (tester?.resolutionSi)
    step.value = {
      typed: String(tester.resolutionSi),
      value: tester.resolutionSi,
      unit: 'kPa',
      si: tester.resolutionSi,
    }
  if (tester?.enclosedML)
    enclosed.value = {
      typed: String(tester.enclosedML),
      value: tester.enclosedML,
      unit: 'mL',
      si: tester.enclosedML,
    }
})
const problem = ref('')
const WORDS = {
  sound: 'Sound.',
  'leaks-a-little': 'Leaks a little: taken off every hold.',
  unfit: 'Unfit: repair it before a hold.',
}

const setDuration = (elapsed: number) => {
  const minutes = Math.max(0.1, Math.round(elapsed * 10) / 10)
  duration.value = { typed: String(minutes), value: minutes, unit: 'min', si: minutes * 60 }
}
function change() {
  const d = last.value!.data
  startPressure.value = d.startPressure
  endPressure.value = d.endPressure
  duration.value = {
    typed: String(d.durationSeconds / 60),
    value: d.durationSeconds / 60,
    unit: 'min',
    si: d.durationSeconds,
  }
  editing.value = true
}
async function keep() {
  problem.value = ''
  if (!startPressure.value || !endPressure.value || !duration.value || !step.value)
    return void (problem.value = 'Both pressures, the time and the step of the gauge are needed.')
  if (endPressure.value.si > startPressure.value.si + step.value.si)
    return void (problem.value =
      'The pressure cannot rise while the tester is closed on itself; read it again.')
  await shop.addRecord(
    open.id,
    'tester-self-check.test',
    {
      startPressure: startPressure.value,
      endPressure: endPressure.value,
      durationSeconds: duration.value.si,
      resolutionKPa: step.value.si,
      enclosedML: enclosed.value?.si,
    },
    editing.value && last.value ? { supersedes: last.value.id, corrects: true } : {},
  )
  editing.value = false
}
</script>

<template>
  <div class="stack">
    <p class="caution">
      Close the tester on itself, pump it up, wait. Below its own rating; release before you open
      it.
    </p>
    <template v-if="last && !editing">
      <p class="figure small-figure">{{ analysis ? WORDS[analysis.state] : '…' }}</p>
      <p v-if="analysis">
        By itself it falls
        {{ preferences.show('pressureRate', analysis.ownFallKPaPerMinute.value) }} in its own small
        volume. That is {{ preferences.show('flow', analysis.flowMLPerMinute.value) }} (up to
        {{ preferences.show('flow', analysis.flowMLPerMinute.high) }}), or about
        {{ preferences.show('pressureRate', analysis.inVehicleKPaPerMinute) }} in an ordinary
        vehicle.
      </p>
      <p>
        <strong>This does not clear:</strong>
        {{ analysis?.doesNotProve.map(preferences.say).join('; ') }}.
      </p>
      <div class="row">
        <v-btn :disabled="!open.mayRecord.value" @click="change">Correct it</v-btn
        ><v-btn :disabled="!open.mayRecord.value" @click="shop.withdraw(open.id, last.id)"
          >Take it back</v-btn
        >
      </div>
    </template>
    <template v-else>
      <div class="row top">
        <QuantityField
          v-model="startPressure"
          label="Pumped to"
          kind="pressure"
          :instrument="gauge"
          :limits="{ min: 1, max: 400 }"
        />
        <QuantityField
          v-model="endPressure"
          label="Then shows"
          kind="pressure"
          :instrument="gauge"
          :limits="{ min: 0, max: 400 }"
        />
        <QuantityField
          v-model="duration"
          label="After"
          kind="duration"
          start-unit="min"
          :limits="{ min: 5, max: 7200 }"
        />
      </div>
      <div class="row top">
        <InstrumentPick
          v-model="gauge"
          :kinds="['pressure-tester']"
          label="Tester"
          :start="last?.data.startPressure.instrument"
        />
        <QuantityField
          v-model="step"
          label="Smallest step of the gauge"
          kind="pressure"
          :limits="{ min: 0.01, max: 50 }"
        />
        <QuantityField
          v-model="enclosed"
          label="Volume of hose and gauge"
          kind="smallVolume"
          :limits="{ min: 1, max: 2000 }"
          optional
          hint="If known; else 20 to 70 mL is taken"
        />
      </div>
      <CheckTimer
        check="tester-self-check"
        :minutes="2"
        label="Pumped up and shut"
        @stopped="setDuration"
      />
      <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
      <div class="row">
        <v-btn class="solid" :disabled="!open.mayRecord.value" @click="keep"
          >Keep the self-check</v-btn
        ><v-btn v-if="editing" @click="editing = false">Leave as it was</v-btn>
      </div>
    </template>
  </div>
</template>

<style scoped>
.top {
  align-items: flex-start;
}
.small-figure {
  font-size: 34px;
}
</style>
