<script setup lang="ts">
import {
  AGREES_WITHIN_K,
  type ColdSoak,
  coldSoakCheck,
  correctedValue,
  type Instrument,
  type QuantityRecord,
  SOAK_HOURS,
} from '#core'

const { say } = useWords()

const { last, outcome, mayRecord, keep, takeBack, figures } = useCheck(
  coldSoakCheck,
  'cold-soak.test',
)
const { last: resistance } = useCheck(coldSoakCheck, 'cold-soak.resistance')
const hasResistance = computed(() => resistance.value !== undefined)
const { last: signal } = useCheck(coldSoakCheck, 'cold-soak.voltage')
const hasSignal = computed(() => signal.value !== undefined)
const preferences = usePreferences()
const hours = ref<number | undefined>(last.value?.data.hoursStood)
const coolant = ref<QuantityRecord | undefined>(last.value?.data.coolant)
const ambient = ref<QuantityRecord | undefined>(last.value?.data.ambient)
const intakeAir = ref<QuantityRecord | undefined>(last.value?.data.intakeAir)
const wiring = ref<ColdSoak['wiring']>(last.value?.data.wiring ?? 'not-known')
const scanTool = ref<Instrument>()
const thermometer = ref<Instrument>()
const problem = ref('')
const readings = computed(() => {
  const data = last.value?.data
  if (!data) return []
  return [
    { name: say('cold-soak.coolantSensor'), q: data.coolant },
    { name: say('cold-soak.airOutside'), q: data.ambient },
    { name: say('cold-soak.intakeAir'), q: data.intakeAir },
  ].flatMap(({ name, q }) => (q ? [{ name, c: correctedValue(q as QuantityRecord) }] : []))
})
const span = computed(() => {
  const all = readings.value.map((r) => r.c)
  const low = Math.floor((Math.min(...all) - 3) / 5) * 5
  return { low, width: Math.ceil((Math.max(...all) + 3) / 5) * 5 - low }
})
const ticks = computed(() => {
  const step = span.value.width > 30 ? 10 : 5
  return Array.from(
    { length: Math.floor(span.value.width / step) + 1 },
    (_, i) => span.value.low + i * step,
  )
})
const place = (c: number) => ((c - span.value.low) / span.value.width) * 100
async function save() {
  problem.value = ''
  if (hours.value === undefined) return void (problem.value = say('cold-soak.sayHowManyHoursIt'))
  if (!coolant.value) return void (problem.value = say('cold-soak.typeTheCoolantSensorsReading'))
  if (!ambient.value && !intakeAir.value)
    return void (problem.value = say('cold-soak.typeTheAirOutsideOr'))
  await keep(
    {
      hoursStood: hours.value,
      coolant: coolant.value,
      ambient: ambient.value,
      intakeAir: intakeAir.value,
      wiring: wiring.value,
    },
    last.value?.id,
  )
}
</script>

<template>
  <div class="stack">
    <p>
      {{ say('cold-soak.beforeAnyStartAfterHours', { soak_hours: SOAK_HOURS }) }}
    </p>
    <CheckResult
      :outcome="outcome"
      :shown="[
        {
          path: 'biasK',
          label: say('cold-soak.coolantSensorAgainstTheAir'),
          kind: 'temperatureDifference',
          decimals: 1,
        },
      ]"
    />
    <div
      v-if="figures && readings.length > 1"
      class="line"
      role="img"
      :aria-label="
        readings.map((r) => `${r.name} ${preferences.show('temperature', r.c)}`).join(', ')
      "
    >
      <span v-for="t in ticks" :key="t" class="tick" :style="{ left: `${place(t)}%` }">{{
        preferences.show('temperature', t, 0)
      }}</span>
      <span
        v-for="(r, i) in readings"
        :key="r.name"
        class="dot"
        :class="{
          first: i === 0,
          off: i === 0 && figures.state === 'biased',
          flip: place(r.c) > 55,
        }"
        :style="{ left: `${place(r.c)}%`, top: `${i * 30}px` }"
        ><span class="says">{{ r.name }} {{ preferences.show('temperature', r.c) }}</span></span
      >
    </div>
    <p v-if="figures" class="small quiet">
      {{
        say('cold-soak.theyAgreeWhenTheyLie', {
          agrees_within_k: preferences.show('temperatureDifference', AGREES_WITHIN_K, 0),
        })
      }}
    </p>
    <div class="row top">
      <NumberField
        v-model="hours"
        :label="say('cold-soak.stoodFor')"
        unit="h"
        :min="0"
        :max="1000"
      />
      <QuantityField
        v-model="coolant"
        :label="say('cold-soak.coolantScanTool')"
        kind="temperature"
        :instrument="scanTool"
        :limits="{ min: -50, max: 200 }"
      />
      <QuantityField
        v-model="ambient"
        :label="say('cold-soak.airOutside')"
        kind="temperature"
        :instrument="thermometer"
        :limits="{ min: -50, max: 60 }"
        optional
      />
      <QuantityField
        v-model="intakeAir"
        :label="say('cold-soak.intakeAirScanTool')"
        kind="temperature"
        :instrument="scanTool"
        :limits="{ min: -50, max: 60 }"
        optional
      />
      <InstrumentPick
        v-model="scanTool"
        :kinds="['scan-tool']"
        :label="say('cold-soak.scanTool')"
        :start="last?.data.coolant.instrument"
      />
      <InstrumentPick
        v-model="thermometer"
        :kinds="['thermometer', 'infrared']"
        :label="say('cold-soak.airMeasuredWith')"
        :start="last?.data.ambient?.instrument"
      />
    </div>
    <ChoiceRow
      v-model="wiring"
      :label="say('cold-soak.readingWhilePlugAndWire')"
      :options="[
        { value: 'steady', text: say('cold-soak.steady') },
        { value: 'jumps', text: say('cold-soak.jumps') },
        { value: 'not-known', text: say('cold-soak.notTried') },
      ]"
    />
    <KeepRow :problem="problem">
      <v-btn class="solid" aria-keyshortcuts="k" :disabled="!mayRecord" @click="save">{{
        say('cold-soak.keepTheComparison')
      }}</v-btn>
    </KeepRow>
    <div v-if="last" class="row">
      <v-btn aria-keyshortcuts="t" :disabled="!mayRecord" @click="takeBack(last.id)">{{
        say('cold-soak.takeItBack')
      }}</v-btn>
    </div>
    <details class="unfold" :open="hasResistance">
      <summary>{{ say('cold-soak.theSensorByItself') }}</summary>
      <RecordForm :check="coldSoakCheck" kind="cold-soak.resistance" />
    </details>
    <details class="unfold" :open="hasSignal">
      <summary>{{ say('cold-soak.itsSignal') }}</summary>
      <RecordForm :check="coldSoakCheck" kind="cold-soak.voltage" />
    </details>
  </div>
</template>

<style scoped>
.top {
  align-items: flex-start;
  gap: 16px;
}
.line {
  position: relative;
  height: 116px;
  margin: 4px 26px 26px;
  border-bottom: 2px solid var(--ink-2);
}
.tick {
  position: absolute;
  top: 0;
  bottom: -26px;
  width: 60px;
  margin-left: -30px;
  display: flex;
  align-items: flex-end;
  justify-content: center;
  font-size: 14px;
  color: var(--ink-2);
}
.tick::before {
  content: '';
  position: absolute;
  left: 50%;
  top: 0;
  bottom: 26px;
  border-left: 1px solid var(--line);
}
.dot {
  position: absolute;
  height: 28px;
  font-weight: 600;
}
.says {
  position: absolute;
  left: 14px;
  top: 0;
  white-space: nowrap;
  background: var(--sheet);
  padding: 1px 4px;
}
.flip .says {
  left: auto;
  right: 14px;
}
.dot::before {
  content: '';
  position: absolute;
  left: -7px;
  top: 7px;
  width: 14px;
  height: 14px;
  background: var(--cool);
  transform: rotate(45deg);
}
.dot.first::before {
  border-radius: 50%;
  background: var(--ink);
  transform: none;
}
.dot.off::before {
  background: var(--hot);
}
</style>
