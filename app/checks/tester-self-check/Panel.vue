<script setup lang="ts">
import {
  DEFAULT_TESTER_VOLUME_ML,
  type Instrument,
  type QuantityRecord,
  testerSelfCheckCheck,
} from '#core'

const { say, stateWords } = useWords()

const { open, last, figures: analysis } = useCheck(testerSelfCheckCheck, 'tester-self-check.test')
const shop = useShop()
const preferences = usePreferences()
const editing = ref(false)
const startPressure = ref<QuantityRecord>()
const endPressure = ref<QuantityRecord>()
const duration = ref<QuantityRecord | undefined>({
  typed: '1',
  value: 1,
  unit: 'min',
  coreValue: 60,
})
const step = ref<QuantityRecord | undefined>({ typed: '1', value: 1, unit: 'kPa', coreValue: 1 })
const enclosed = ref<QuantityRecord>()
const gauge = ref<Instrument>()
watch(gauge, (tester) => {
  if (tester?.resolutionInCoreUnit)
    step.value = {
      typed: String(tester.resolutionInCoreUnit),
      value: tester.resolutionInCoreUnit,
      unit: 'kPa',
      coreValue: tester.resolutionInCoreUnit,
    }
  if (tester?.enclosedML)
    enclosed.value = {
      typed: String(tester.enclosedML),
      value: tester.enclosedML,
      unit: 'mL',
      coreValue: tester.enclosedML,
    }
})
const problem = ref('')

const setDuration = (elapsed: number) => {
  const minutes = Math.max(0.1, Math.round(elapsed * 10) / 10)
  duration.value = { typed: String(minutes), value: minutes, unit: 'min', coreValue: minutes * 60 }
}
function change() {
  const d = last.value!.data
  startPressure.value = d.startPressure
  endPressure.value = d.endPressure
  duration.value = {
    typed: String(d.durationSeconds / 60),
    value: d.durationSeconds / 60,
    unit: 'min',
    coreValue: d.durationSeconds,
  }
  editing.value = true
}
async function keep() {
  problem.value = ''
  if (!startPressure.value || !endPressure.value || !duration.value || !step.value)
    return void (problem.value = say('tester-self-check.bothPressuresTheTimeAnd'))
  if (endPressure.value.coreValue > startPressure.value.coreValue + step.value.coreValue)
    return void (problem.value = say('tester-self-check.thePressureCannotRiseWhile'))
  await shop.addRecord(
    open.id,
    'tester-self-check.test',
    {
      startPressure: startPressure.value,
      endPressure: endPressure.value,
      durationSeconds: duration.value.coreValue,
      resolutionKPa: step.value.coreValue,
      enclosedML: enclosed.value?.coreValue,
    },
    editing.value && last.value ? { supersedes: last.value.id, corrects: true } : {},
  )
  editing.value = false
}
</script>

<template>
  <div class="stack">
    <p class="caution">
      {{ say('tester-self-check.closeTheTesterOnItself') }}
    </p>
    <template v-if="last && !editing">
      <p class="figure small-figure">
        {{ analysis ? stateWords(testerSelfCheckCheck.id, [analysis.state]) : '…' }}
      </p>
      <p v-if="analysis">
        {{
          say('tester-self-check.byItselfItFallsIn', {
            ownFallKPaPerMinute: preferences.show(
              'pressureRate',
              analysis.ownFallKPaPerMinute.value,
            ),
            flowMLPerMinute: preferences.show('flow', analysis.flowMLPerMinute.value),
            high: preferences.show('flow', analysis.flowMLPerMinute.high),
            inVehicleKPaPerMinute: preferences.show('pressureRate', analysis.inVehicleKPaPerMinute),
          })
        }}
      </p>
      <p>
        <strong>{{ say('tester-self-check.thisDoesNotClear') }}</strong>
        {{ analysis?.doesNotProve.map(preferences.say).join('; ') }}.
      </p>
      <div class="row">
        <v-btn :disabled="!open.mayRecord.value" @click="change">{{
          say('tester-self-check.correctIt')
        }}</v-btn><v-btn
          :disabled="!open.mayRecord.value"
          @click="shop.withdraw(open.id, last.id)"
          >{{ say('tester-self-check.takeItBack') }}</v-btn
        >
      </div>
    </template>
    <template v-else>
      <div class="row top">
        <QuantityField
          v-model="startPressure"
          :label="say('tester-self-check.pumpedTo')"
          kind="pressure"
          :instrument="gauge"
          :limits="{ min: 1, max: 400 }"
        />
        <QuantityField
          v-model="endPressure"
          :label="say('tester-self-check.thenShows')"
          kind="pressure"
          :instrument="gauge"
          :limits="{ min: 0, max: 400 }"
        />
        <QuantityField
          v-model="duration"
          :label="say('tester-self-check.after')"
          kind="duration"
          start-unit="min"
          :limits="{ min: 5, max: 7200 }"
        />
      </div>
      <div class="row top">
        <InstrumentPick
          v-model="gauge"
          :kinds="['pressure-tester']"
          :label="say('tester-self-check.tester')"
          :start="last?.data.startPressure.instrument"
        />
        <QuantityField
          v-model="step"
          :label="say('tester-self-check.smallestStepOfTheGauge')"
          kind="pressure"
          :limits="{ min: 0.01, max: 50 }"
        />
        <QuantityField
          v-model="enclosed"
          :label="say('tester-self-check.volumeOfHoseAndGauge')"
          kind="smallVolume"
          :limits="{ min: 1, max: 2000 }"
          optional
          :hint="
            say('tester-self-check.ifKnownElse20To', {
              low: { kind: 'smallVolume', coreValue: DEFAULT_TESTER_VOLUME_ML.low },
              high: { kind: 'smallVolume', coreValue: DEFAULT_TESTER_VOLUME_ML.high },
            })
          "
        />
      </div>
      <CheckTimer
        check="tester-self-check"
        :minutes="2"
        :label="say('tester-self-check.pumpedUpAndShut')"
        @stopped="setDuration"
      />
      <KeepRow :problem="problem">
        <v-btn
          class="solid"
          aria-keyshortcuts="k"
          :disabled="!open.mayRecord.value"
          @click="keep"
          >{{ say('tester-self-check.keepTheSelfCheck') }}</v-btn><v-btn
          v-if="editing"
          @click="editing = false"
          >{{ say('tester-self-check.leaveAsItWas') }}</v-btn
        >
      </KeepRow>
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
