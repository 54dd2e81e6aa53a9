<script setup lang="ts">
import {
  type CircuitLink,
  type FanCircuit,
  fanCircuitCheck,
  knownValue,
  type QuantityRecord,
} from '#core'

const { open, last, outcome, mayRecord, amend, takeBack, figures } = useCheck(
  fanCircuitCheck,
  'fan-circuit.walk',
)
const preferences = usePreferences()
const walk = computed<FanCircuit>(() => last.value?.data ?? {})
const fan = computed(() => knownValue(open.input.value?.vehicle.profile.fan) ?? 'electric-relay')
const RELAY = computed(
  () =>
    ({
      'electric-module': 'Module',
      'thermo-switch': 'Relay',
      'electric-relay': 'Relay',
      'viscous-clutch': 'Relay',
    })[fan.value],
)
const CONTROL = computed(
  () =>
    ({
      'electric-module': 'Command line',
      'thermo-switch': 'Switch in the radiator',
      'electric-relay': 'Control of the relay',
      'viscous-clutch': 'Control',
    })[fan.value],
)

interface Step {
  field: keyof FanCircuit
  title: string
  how: string
  link?: CircuitLink
}
const STEPS = computed<Step[]>(() => [
  {
    field: 'switchingPlace',
    title: 'Place that switches it',
    how: `Measure where it is switched: ${fan.value === 'thermo-switch' ? 'the radiator at the switch' : 'the coolant sensor, by scan tool'}. A fan that is not called for is not faulty.`,
  },
  {
    field: 'supplyVolts',
    title: 'Supply at the fan’s plug',
    how: 'Fan called for, plug on: battery and supply, in volts.',
    link: 'wire',
  },
  {
    field: 'bridged',
    title: fan.value === 'thermo-switch' ? 'Switch bridged' : `${RELAY.value} bridged`,
    how: `Bridge the ${fan.value === 'thermo-switch' ? 'switch' : RELAY.value.toLowerCase()}: does the fan run?`,
    link: 'relay',
  },
  {
    field: 'command',
    title: CONTROL.value,
    how:
      fan.value === 'electric-module'
        ? 'Commanded on by the scan tool: is the command at the plug?'
        : 'Called for: does the control side pull the relay?',
    link: 'control',
  },
  {
    field: 'groundDropVolts',
    title: 'Ground, under load',
    how: 'Between the fan’s ground pin and the battery’s, fan called for.',
    link: 'ground',
  },
  {
    field: 'directFeed',
    title: 'Fan fed directly',
    how: 'Through a fuse, from the battery.',
    link: 'motor',
  },
  {
    field: 'relay',
    title: `${RELAY.value} by itself`,
    how: 'Energised on the bench: does it pass?',
    link: 'relay',
  },
  { field: 'fuse', title: 'Fuse', how: 'Look and measure; a fuse can look whole.', link: 'fuse' },
  { field: 'speeds', title: 'Speeds', how: 'Does it run at every speed it has?' },
  { field: 'airDirection', title: 'Air', how: 'Does it draw through the radiator, the right way?' },
])
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
  return c === undefined ? undefined : { typed: String(c), value: c, unit: '°C', si: c }
}
async function set(change: Partial<FanCircuit>) {
  problem.value = ''
  await amend({ ...walk.value, ...change })
  chosen.value = undefined
}
function keepPlace() {
  if (!place.value || !switches.value)
    return void (problem.value = 'Both are needed: how hot it is there, and when it should switch.')
  return set({ switchingPlace: place.value, switchesAt: switches.value })
}
function keepSupply() {
  if (supply.value === undefined) return void (problem.value = 'Type the volts at the fan’s plug.')
  if (battery.value !== undefined && supply.value > battery.value + 0.3)
    return void (problem.value = 'More at the plug than at the battery: measure both again.')
  return set({
    supplyVolts: supply.value,
    ...(battery.value === undefined ? {} : { batteryVolts: battery.value }),
  })
}
const ran = (field: 'bridged' | 'directFeed') => {
  const was = walk.value[field]
  return was === 'not-tried' ? undefined : was
}
const NODES: { link: CircuitLink; x: number; y: number; field: keyof FanCircuit }[] = [
  { link: 'fuse', x: 92, y: 40, field: 'fuse' },
  { link: 'wire', x: 196, y: 40, field: 'supplyVolts' },
  { link: 'relay', x: 300, y: 40, field: 'relay' },
  { link: 'motor', x: 430, y: 40, field: 'directFeed' },
  { link: 'ground', x: 542, y: 40, field: 'groundDropVolts' },
  { link: 'control', x: 300, y: 122, field: 'command' },
]
const NAMES = computed<Record<CircuitLink, string>>(() => ({
  fuse: 'Fuse',
  wire: 'Wire',
  relay: RELAY.value,
  motor: 'Fan',
  ground: 'Ground',
  control: fan.value === 'thermo-switch' ? 'Switch' : 'Control',
}))
const open6 = computed(
  () =>
    new Set(
      figures.value?.left ??
        (['fuse', 'wire', 'relay', 'motor', 'ground', 'control'] as CircuitLink[]),
    ),
)
const says = computed(
  () =>
    ({
      switchingPlace: walk.value.switchingPlace
        ? `${preferences.show('temperature', walk.value.switchingPlace.si)}${figures.value?.switchingPlaceHot === false ? ', not hot enough' : ''}`
        : '',
      supplyVolts:
        walk.value.supplyVolts === undefined
          ? ''
          : `${walk.value.supplyVolts} V, ${(figures.value?.feedDropVolts ?? 0).toFixed(1)} V lost`,
      groundDropVolts:
        walk.value.groundDropVolts === undefined ? '' : `${walk.value.groundDropVolts} V dropped`,
      bridged: walk.value.bridged ?? '',
      command: walk.value.command ?? '',
      directFeed: walk.value.directFeed ?? '',
      relay: walk.value.relay ?? '',
      fuse: walk.value.fuse ?? '',
      speeds: walk.value.speeds === 'one-missing' ? 'one missing' : (walk.value.speeds ?? ''),
      airDirection: walk.value.airDirection ?? '',
    }) as Partial<Record<keyof FanCircuit, string>>,
)
</script>

<template>
  <div class="stack">
    <Cautions :ids="['fansStart', 'fusedFeed']" />
    <p v-if="fan === 'viscous-clutch'" class="caution">
      This vehicle is said to have a viscous clutch: a circuit walk is for an electric fan. Correct
      the system profile if it has one.
    </p>
    <div class="wide-drawing">
      <svg
        viewBox="0 -4 630 156"
        class="circuit"
        role="group"
        aria-label="Circuit of the fan: tap a link to measure it"
      >
        <path d="M20 40H610M300 58V104" class="wire" />
        <text x="8" y="14" class="end">battery +</text>
        <text x="622" y="14" class="end right">battery −</text>
        <g
          v-for="n in NODES"
          :key="n.link"
          class="node"
          :class="{ out: !open6.has(n.link), here: step.field === n.field }"
          role="button"
          tabindex="0"
          :aria-label="`${NAMES[n.link]}: ${open6.has(n.link) ? 'the break could still be here' : 'cleared'}`"
          :data-link="n.link"
          @click="chosen = n.field"
          @keydown.enter="chosen = n.field"
          @keydown.space.prevent="chosen = n.field"
        >
          <rect :x="n.x - 44" :y="n.y - 22" width="88" height="44" rx="3" />
          <text :x="n.x" :y="n.y + 6">{{ NAMES[n.link] }}</text>
          <path v-if="!open6.has(n.link)" class="tick" :d="`M${n.x + 26} ${n.y - 14}l4 5l8 -9`" />
        </g>
      </svg>
    </div>
    <p role="status">
      <strong v-if="open6.size === 1"
        >The break is at: {{ [...open6].map((l) => NAMES[l].toLowerCase()).join() }}.</strong
      ><strong v-else-if="open6.size === 0"
        >These measurements contradict one single break: measure again, or look for two.</strong
      ><template v-else
        >{{ open6.size }} links are left:
        {{ [...open6].map((l) => NAMES[l].toLowerCase()).join(', ') }}.</template
      >
    </p>
    <section class="now" :aria-label="step.title">
      <h3>{{ figures?.next === step.field && !chosen ? 'Measure next: ' : '' }}{{ step.title }}</h3>
      <p>{{ step.how }}</p>
      <div v-if="step.field === 'switchingPlace'" class="row top">
        <QuantityField
          v-model="place"
          label="It is there"
          kind="temperature"
          :limits="{ min: -40, max: 200 }"
        />
        <QuantityField
          v-model="switches"
          label="It should switch at"
          kind="temperature"
          :limits="{ min: 40, max: 130 }"
        />
        <v-btn class="solid low" :disabled="!mayRecord" @click="keepPlace">Keep</v-btn>
      </div>
      <div v-else-if="step.field === 'supplyVolts'" class="row top">
        <NumberField v-model="battery" label="Battery" unit="V" :min="0" :max="60" />
        <NumberField v-model="supply" label="At the plug" unit="V" :min="0" :max="60" />
        <v-btn class="solid low" :disabled="!mayRecord" @click="keepSupply">Keep</v-btn>
      </div>
      <div v-else-if="step.field === 'groundDropVolts'" class="row top">
        <NumberField v-model="ground" label="Dropped to ground" unit="V" :min="0" :max="60" />
        <v-btn
          class="solid low"
          :disabled="!mayRecord"
          @click="
            ground === undefined
              ? (problem = 'Type the volts dropped.')
              : set({ groundDropVolts: ground })
          "
          >Keep</v-btn
        >
      </div>
      <ChoiceRow
        v-else-if="step.field === 'bridged' || step.field === 'directFeed'"
        hide-label
        :label="step.title"
        :disabled="!mayRecord"
        :options="[
          { value: 'runs', text: 'It runs' },
          { value: 'dead', text: 'Dead' },
        ]"
        :model-value="ran(step.field)"
        @update:model-value="set({ [step.field]: $event })"
      />
      <ChoiceRow
        v-else-if="step.field === 'command'"
        hide-label
        :label="step.title"
        :disabled="!mayRecord"
        :options="[
          { value: 'present', text: 'Command present' },
          { value: 'absent', text: 'No command' },
        ]"
        :model-value="walk.command"
        @update:model-value="set({ command: $event })"
      />
      <ChoiceRow
        v-else-if="step.field === 'relay'"
        hide-label
        :label="step.title"
        :disabled="!mayRecord"
        :options="[
          { value: 'passes', text: 'Passes' },
          { value: 'fails', text: 'Fails' },
        ]"
        :model-value="walk.relay"
        @update:model-value="set({ relay: $event })"
      />
      <ChoiceRow
        v-else-if="step.field === 'fuse'"
        hide-label
        :label="step.title"
        :disabled="!mayRecord"
        :options="[
          { value: 'good', text: 'Good' },
          { value: 'blown', text: 'Blown' },
        ]"
        :model-value="walk.fuse"
        @update:model-value="set({ fuse: $event })"
      />
      <ChoiceRow
        v-else-if="step.field === 'speeds'"
        hide-label
        :label="step.title"
        :disabled="!mayRecord"
        :options="[
          { value: 'all', text: 'All speeds' },
          { value: 'one-missing', text: 'One is missing' },
        ]"
        :model-value="walk.speeds"
        @update:model-value="set({ speeds: $event })"
      />
      <ChoiceRow
        v-else
        hide-label
        :label="step.title"
        :disabled="!mayRecord"
        :options="[
          { value: 'right', text: 'Right way' },
          { value: 'wrong', text: 'Wrong way' },
        ]"
        :model-value="walk.airDirection"
        @update:model-value="set({ airDirection: $event })"
      />
      <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    </section>
    <div class="steps" role="group" aria-label="Measurements">
      <button
        v-for="s in STEPS"
        :key="s.field"
        type="button"
        class="plain-button"
        :class="{ open: !done(s.field), chosen: s.field === step.field }"
        @click="chosen = s.field"
      >
        {{ s.title }}<span class="small">{{ done(s.field) ? says[s.field] : 'not measured' }}</span>
      </button>
    </div>
    <CheckResult
      v-if="last"
      :outcome="outcome"
      :shown="[{ path: 'feedDropVolts', label: 'Lost on the way', unit: 'V', decimals: 1 }]"
    />
    <div v-if="last" class="row">
      <v-btn :disabled="!mayRecord" @click="takeBack(last.id)">Take it back</v-btn>
    </div>
  </div>
</template>

<style scoped>
.circuit {
  width: 100%;
  height: auto;
  max-height: 190px;
}
.wire {
  fill: none;
  stroke: var(--ink-2);
  stroke-width: 3;
}
.end {
  font-size: 14px;
  fill: var(--ink-2);
}
.end.right {
  text-anchor: end;
}
.node {
  cursor: pointer;
  outline-offset: 2px;
}
.node rect {
  fill: var(--sheet);
  stroke: var(--hot);
  stroke-width: 3;
  stroke-dasharray: 7 4;
}
.node.out rect {
  stroke: var(--cool);
  stroke-dasharray: none;
}
.node.here rect {
  fill: var(--warn-soft);
}
.node text {
  text-anchor: middle;
  font-size: 16px;
  font-weight: 600;
  fill: var(--ink);
}
.tick {
  fill: none;
  stroke: var(--cool);
  stroke-width: 3;
}
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
