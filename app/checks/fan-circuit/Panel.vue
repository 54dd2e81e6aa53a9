<script setup lang="ts">
import {
  type CircuitLink,
  type FanCircuit,
  fanCircuitCheck,
  knownValue,
  type QuantityRecord,
} from '#core'
import CircuitDrawing from './CircuitDrawing.vue'
import { linkNames, stepsOf } from './circuit-steps'

const { inSentence, say } = useWords()

const { open, last, outcome, mayRecord, amend, takeBack, figures } = useCheck(
  fanCircuitCheck,
  'fan-circuit.walk',
)
const preferences = usePreferences()
const walk = computed<FanCircuit>(() => last.value?.data ?? {})
const fan = computed(() => knownValue(open.input.value?.vehicle.profile.fan) ?? 'electric-relay')
const STEPS = computed(() => stepsOf(fan.value, say))
const chosen = ref<keyof FanCircuit>()
const step = computed(
  () =>
    STEPS.value.find(
      (s) => s.field === (chosen.value ?? figures.value?.next ?? 'switchingPlace'),
    ) ?? STEPS.value[0]!,
)
const done = (field: keyof FanCircuit) => walk.value[field] !== undefined
const place = ref<QuantityRecord | undefined>(
  walk.value.switchingPlace as QuantityRecord | undefined,
)
const switches = ref<QuantityRecord | undefined>(
  (walk.value.switchesAt as QuantityRecord | undefined) ?? fromProfile(),
)
const battery = ref<number | undefined>(walk.value.batteryVolts)
const supply = ref<number | undefined>(walk.value.supplyVolts)
const ground = ref<number | undefined>(walk.value.groundDropVolts)
const problem = ref('')
function fromProfile(): QuantityRecord | undefined {
  const c = knownValue(open.input.value?.vehicle.profile.fanOnC)
  return c === undefined ? undefined : { typed: String(c), value: c, unit: '°C', coreValue: c }
}
/** A link that this fan is not measured at is measured at its plug. */
function choose(field: keyof FanCircuit) {
  chosen.value = STEPS.value.some((s) => s.field === field) ? field : 'supplyVolts'
}
async function set(change: Partial<FanCircuit>) {
  problem.value = ''
  // Before it is kept: a link that is chosen meanwhile stays chosen.
  chosen.value = undefined
  await amend({ ...walk.value, ...change })
}
function keepPlace() {
  if (!place.value || !switches.value)
    return void (problem.value = say('fan-circuit.bothAreNeededHowHot'))
  return set({ switchingPlace: place.value, switchesAt: switches.value })
}
function keepSupply() {
  if (supply.value === undefined) return void (problem.value = say('fan-circuit.typeTheVoltsAtThe'))
  if (battery.value !== undefined && supply.value > battery.value + 0.3)
    return void (problem.value = say('fan-circuit.moreAtThePlugThan'))
  return set({
    supplyVolts: supply.value,
    ...(battery.value === undefined ? {} : { batteryVolts: battery.value }),
  })
}
const answerTo = (field: keyof FanCircuit) => {
  const was = walk.value[field]
  return typeof was === 'string' && was !== 'not-known' ? was : undefined
}
const NAMES = computed(() => linkNames(fan.value, say))
const left = computed(
  () =>
    new Set(
      figures.value?.left ??
        (['fuse', 'wire', 'relay', 'motor', 'ground', 'control'] as CircuitLink[]),
    ),
)
const namesLeft = computed(() => [...left.value].map((l) => inSentence(NAMES.value[l])).join(', '))
const says = computed(
  () =>
    ({
      switchingPlace: walk.value.switchingPlace
        ? `${preferences.show('temperature', walk.value.switchingPlace.coreValue)}${figures.value?.switchingPlaceHot === false ? say('fan-circuit.notHotEnough') : ''}`
        : '',
      supplyVolts:
        walk.value.supplyVolts === undefined
          ? ''
          : say('fan-circuit.supplyAndLost', {
              supply: walk.value.supplyVolts,
              lost: (figures.value?.feedDropVolts ?? 0).toFixed(1),
            }),
      groundDropVolts:
        walk.value.groundDropVolts === undefined
          ? ''
          : say('fan-circuit.dropped', { volts: walk.value.groundDropVolts }),
      bridged: walk.value.bridged ?? '',
      command: walk.value.command ?? '',
      directFeed: walk.value.directFeed ?? '',
      relay: walk.value.relay ?? '',
      fuse: walk.value.fuse ?? '',
      speeds:
        walk.value.speeds === 'one-missing' ? say('fan-circuit.one') : (walk.value.speeds ?? ''),
      airDirection: walk.value.airDirection ?? '',
    }) as Partial<Record<keyof FanCircuit, string>>,
)
</script>

<template>
  <div class="stack">
    <Cautions :ids="['fansStart', fan === 'electric-module' ? 'ownElectronics' : 'fusedFeed']" />
    <p v-if="fan === 'viscous-clutch' || fan === 'engine-driven'" class="caution">
      {{ say('fan-circuit.thisVehicleIsSaidTo') }}
    </p>
    <CircuitDrawing :names="NAMES" :left="left" :here="step.field" @choose="choose" />
    <p role="status">
      <strong v-if="left.size === 1">{{
        say('fan-circuit.theBreakIsAt', { l: namesLeft })
      }}</strong><strong v-else-if="left.size === 0">{{
        say('fan-circuit.theseMeasurementsContradictOneSingle')
      }}</strong
      ><template v-else>{{
        say('fan-circuit.linksAreLeft', {
          size: left.size,
          l: namesLeft,
        })
      }}</template>
    </p>
    <section class="now" :aria-label="step.title">
      <h3>
        {{ figures?.next === step.field && !chosen ? say('fan-circuit.measureNext') : ''
        }}{{ step.title }}
      </h3>
      <p>{{ step.how }}</p>
      <div v-if="step.field === 'switchingPlace'" class="row top">
        <QuantityField
          v-model="place"
          :label="say('fan-circuit.itIsThere')"
          kind="temperature"
          :limits="{ min: -40, max: 200 }"
        />
        <QuantityField
          v-model="switches"
          :label="say('fan-circuit.itShouldSwitchAt')"
          kind="temperature"
          :limits="{ min: 40, max: 130 }"
        />
        <v-btn class="solid low" aria-keyshortcuts="k" :disabled="!mayRecord" @click="keepPlace">{{
          say('fan-circuit.keep')
        }}</v-btn>
      </div>
      <div v-else-if="step.field === 'supplyVolts'" class="row top">
        <NumberField
          v-model="battery"
          :label="say('fan-circuit.battery')"
          unit="V"
          :min="0"
          :max="60"
        />
        <NumberField
          v-model="supply"
          :label="say('fan-circuit.atThePlug')"
          unit="V"
          :min="0"
          :max="60"
        />
        <v-btn class="solid low" aria-keyshortcuts="k" :disabled="!mayRecord" @click="keepSupply">{{
          say('fan-circuit.keep')
        }}</v-btn>
      </div>
      <div v-else-if="step.field === 'groundDropVolts'" class="row top">
        <NumberField
          v-model="ground"
          :label="say('fan-circuit.droppedToGround')"
          unit="V"
          :min="0"
          :max="60"
        />
        <v-btn
          aria-keyshortcuts="k"
          class="solid low"
          :disabled="!mayRecord"
          @click="
            ground === undefined
              ? (problem = say('fan-circuit.typeTheVoltsDropped'))
              : set({ groundDropVolts: ground })
          "
          >{{ say('fan-circuit.keep') }}</v-btn
        >
      </div>
      <ChoiceRow
        v-else
        hide-label
        :label="step.title"
        :disabled="!mayRecord"
        :options="step.options ?? []"
        :model-value="answerTo(step.field)"
        @update:model-value="set({ [step.field]: $event })"
      />
      <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    </section>
    <div class="steps" role="group" :aria-label="say('fan-circuit.measurements')">
      <button
        v-for="s in STEPS"
        :key="s.field"
        type="button"
        class="plain-button"
        :class="{ open: !done(s.field), chosen: s.field === step.field }"
        @click="chosen = s.field"
      >
        {{ s.title
        }}<span class="small">{{
          done(s.field) ? says[s.field] : say('fan-circuit.notMeasured')
        }}</span>
      </button>
    </div>
    <CheckResult
      v-if="last"
      :outcome="outcome"
      :shown="[
        { path: 'feedDropVolts', label: say('fan-circuit.lostOnTheWay'), unit: 'V', decimals: 1 },
      ]"
    />
    <div v-if="last" class="row">
      <v-btn aria-keyshortcuts="t" :disabled="!mayRecord" @click="takeBack(last.id)">{{
        say('fan-circuit.takeItBack')
      }}</v-btn>
    </div>
  </div>
</template>

<style scoped>
.now {
  border-left: 6px solid var(--cool);
  padding-left: 12px;
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.top {
  align-items: flex-start;
}
.low {
  margin-top: 26px;
}
.steps {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
  gap: 8px;
}
.steps button {
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  padding: 4px 10px;
  line-height: 1.2;
  text-align: left;
}
.steps span {
  color: var(--ink-2);
  font-weight: 400;
}
.steps .open {
  border-style: dashed;
}
.steps .chosen {
  border-color: var(--ink);
  background: var(--warn-soft);
  color: var(--ink);
}
</style>
