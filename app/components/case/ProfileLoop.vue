<script setup lang="ts">
import {
  knownValue,
  type Part,
  PART_NAMES,
  profileAdvice,
  type QuantityRecord,
  type SystemProfile,
} from '#core'

/** The system of a vehicle, chosen on its own drawing: tap a part, say which kind it is; the loop follows. */
const model = defineModel<SystemProfile>({ required: true })
const props = defineProps<{ templates?: readonly { name: string; profile: SystemProfile }[] }>()
const preferences = usePreferences()
const part = ref<Part>('thermostat')

type Key = keyof SystemProfile
interface Choice {
  key: Key
  label: string
  options: { value: string; text: string }[]
}
interface Figure {
  key: 'thermostatRatingC' | 'systemRatingKPa' | 'capacityLitres' | 'fanOnC' | 'fanOffC'
  label: string
  kind: 'temperature' | 'pressure' | 'volume'
  min: number
  max: number
}
const yesNo = [
  { value: 'yes', text: 'Yes' },
  { value: 'no', text: 'No' },
]
const flag = (key: Key, label: string): Choice => ({ key, label, options: yesNo })
const CHOICES: Partial<Record<Part, Choice[]>> = {
  thermostat: [
    {
      key: 'thermostatSide',
      label: 'Where it sits',
      options: [
        { value: 'outlet', text: 'Engine outlet' },
        { value: 'inlet', text: 'Engine inlet' },
      ],
    },
    flag('mapThermostat', 'Map-controlled'),
    flag('heatModule', 'Heat-management module'),
  ],
  'expansion-tank': [
    {
      key: 'vessel',
      label: 'Vessel',
      options: [
        { value: 'pressurised-tank', text: 'Pressurised tank' },
        { value: 'overflow-bottle', text: 'Overflow bottle' },
      ],
    },
    {
      key: 'coolant',
      label: 'Coolant',
      options: [
        { value: 'ethylene-glycol', text: 'Ethylene glycol' },
        { value: 'propylene-glycol', text: 'Propylene glycol' },
        { value: 'water', text: 'Water' },
      ],
    },
  ],
  fan: [
    {
      key: 'fan',
      label: 'Fan',
      options: [
        { value: 'viscous-clutch', text: 'Viscous clutch' },
        { value: 'electric-relay', text: 'Electric, relay' },
        { value: 'electric-module', text: 'Electric, module' },
        { value: 'thermo-switch', text: 'Thermo-switch' },
      ],
    },
    flag('electroViscous', 'Clutch controlled electrically'),
  ],
  pump: [
    {
      key: 'pumpDrive',
      label: 'Driven by',
      options: [
        { value: 'accessory-belt', text: 'Accessory belt' },
        { value: 'timing-belt', text: 'Timing belt' },
        { value: 'gear', text: 'Gear' },
        { value: 'electric', text: 'Electric motor' },
      ],
    },
    flag('switchablePump', 'Can be switched off'),
  ],
  engine: [
    {
      key: 'engineOrientation',
      label: 'Stands',
      options: [
        { value: 'lengthwise', text: 'Lengthwise' },
        { value: 'crosswise', text: 'Crosswise' },
      ],
    },
    flag('heavyDiesel', 'Heavy diesel'),
  ],
  'heater-core': [
    flag('rearHeater', 'Rear heater'),
    flag('heaterValve', 'Heater valve'),
    flag('auxHeaterPump', 'Auxiliary pump'),
  ],
  radiator: [
    flag('transmissionCooler', 'Gearbox cooler in it'),
    flag('grilleShutter', 'Grille shutter'),
  ],
  'oil-cooler': [flag('oilCooler', 'Oil cooler on the coolant')],
  'egr-cooler': [flag('egrCooler', 'EGR cooler')],
  'turbo-line': [flag('turboCooled', 'Coolant-cooled turbo')],
}
const FIGURES: Partial<Record<Part, Figure[]>> = {
  thermostat: [
    { key: 'thermostatRatingC', label: 'Rating', kind: 'temperature', min: 50, max: 130 },
  ],
  'expansion-tank': [
    { key: 'capacityLitres', label: 'Coolant in the system', kind: 'volume', min: 1, max: 200 },
  ],
  fan: [
    { key: 'fanOnC', label: 'Starts at', kind: 'temperature', min: 60, max: 130 },
    { key: 'fanOffC', label: 'Stops at', kind: 'temperature', min: 60, max: 130 },
  ],
  cap: [
    {
      key: 'systemRatingKPa',
      label: 'The system is made for',
      kind: 'pressure',
      min: 10,
      max: 250,
    },
  ],
}
const SAME_PLACE: Partial<Record<Part, Part>> = {
  'heater-hoses': 'heater-core',
  'upper-hose': 'radiator',
  'lower-hose': 'radiator',
  'bypass-hose': 'engine',
}
const shown = computed<Part>(() => SAME_PLACE[part.value] ?? part.value)
const ABSENT: Part[] = ['oil-cooler', 'egr-cooler', 'turbo-line']
const set = (change: Partial<SystemProfile>) => {
  model.value = { ...model.value, ...change }
}
const isFlag = (c: Choice) => c.options === yesNo
const valueOf = (c: Choice) => {
  const v = model.value[c.key]
  return v === undefined
    ? undefined
    : v === 'unknown'
      ? 'unknown'
      : isFlag(c)
        ? v
          ? 'yes'
          : 'no'
        : String(v)
}
const choose = (c: Choice, value: string) =>
  set({ [c.key]: value === 'unknown' ? 'unknown' : isFlag(c) ? value === 'yes' : value })
const UNIT = { temperature: '°C', pressure: 'kPa', volume: 'L' } as const
const asQuantity = (f: { kind: Figure['kind'] }, value: unknown): QuantityRecord | undefined =>
  typeof value === 'number'
    ? { typed: String(value), value, unit: UNIT[f.kind], si: value }
    : undefined
const caps = computed(() => model.value.caps ?? [])
const PLACES = [
  { value: 'tank', text: 'On the tank' },
  { value: 'radiator-neck', text: 'On the radiator' },
] as const
function setCap(i: number, change: object) {
  const list =
    caps.value.length > i
      ? caps.value.map((c, j) => (i === j ? { ...c, ...change } : c))
      : [
          ...caps.value,
          {
            place:
              knownValue(model.value.vessel) === 'overflow-bottle'
                ? ('radiator-neck' as const)
                : ('tank' as const),
            ...change,
          },
        ]
  set({ caps: list })
}
const advice = computed(() => profileAdvice(model.value))
const text = (key: Key): string => {
  const v = model.value[key]
  if (v === undefined || v === 'unknown') return ''
  const list = Object.values(CHOICES)
    .flat()
    .find((c) => c.key === key)
  return list?.options.find((o) => o.value === String(v))?.text ?? String(v)
}
const labels = computed(
  () =>
    new Map<Part, string>([
      [
        'thermostat',
        [
          text('thermostatSide').replace('Engine ', ''),
          knownValue(model.value.thermostatRatingC)
            ? preferences.show('temperature', knownValue(model.value.thermostatRatingC)!)
            : '',
        ]
          .filter(Boolean)
          .join(', ') || 'which side?',
      ],
      ['expansion-tank', text('vessel') || 'which kind?'],
      ['pump', text('pumpDrive') || 'driven by?'],
      [
        'cap',
        knownValue(caps.value[0]?.ratingKPa)
          ? preferences.show('pressure', knownValue(caps.value[0]!.ratingKPa)!, 0)
          : 'rating?',
      ],
      [
        'engine',
        knownValue(model.value.cylinders)
          ? `${knownValue(model.value.cylinders)} cylinders`
          : 'cylinders?',
      ],
      ['heater-core', model.value.rearHeater === true ? 'and rear heater' : ''],
      ['radiator', ''],
      ['upper-hose', ''],
      ['lower-hose', ''],
      ['heater-hoses', ''],
      ['bypass-hose', ''],
      ['fan', ''],
      ['oil-cooler', model.value.oilCooler === undefined ? 'has it one?' : ''],
      ['egr-cooler', model.value.egrCooler === undefined ? 'has it one?' : ''],
      ['turbo-line', model.value.turboCooled === undefined ? 'cooled?' : ''],
    ]),
)
const known = computed(
  () =>
    new Map<Part, 'good'>(
      [...labels.value]
        .filter(([p, t]) => !t.endsWith('?') && (CHOICES[p] || p === 'cap'))
        .map(([p]) => [p, 'good']),
    ),
)
const cylinders = computed({
  get: () => knownValue(model.value.cylinders),
  set: (n) => set({ cylinders: n }),
})
const from = computed({
  get: () => model.value.figuresFrom ?? '',
  set: (t) => set({ figuresFrom: t.trim() === '' ? undefined : t }),
})
</script>

<template>
  <div class="stack">
    <div v-if="props.templates && props.templates.length > 0" class="row">
      <strong>Same system as:</strong
      ><v-btn v-for="t in props.templates" :key="t.name" @click="model = { ...t.profile }">{{
        t.name
      }}</v-btn>
    </div>
    <div class="wide-drawing">
      <LoopDrawing
        :profile="model"
        :states="known"
        :suspicion="new Map()"
        :labels="labels"
        :marked="part"
        @tap="part = $event"
      />
    </div>
    <div
      v-if="
        ABSENT.some(
          (p) =>
            !labels.has(p) ||
            (p === 'oil-cooler'
              ? model.oilCooler === false && model.transmissionCooler === false
              : p === 'egr-cooler'
                ? model.egrCooler === false
                : model.turboCooled === false),
        )
      "
      class="row small"
    >
      <span class="quiet">Not on this vehicle:</span>
      <button
        v-for="p in ABSENT.filter((a) =>
          a === 'oil-cooler'
            ? model.oilCooler === false && model.transmissionCooler === false
            : a === 'egr-cooler'
              ? model.egrCooler === false
              : model.turboCooled === false,
        )"
        :key="p"
        type="button"
        class="plain-button"
        @click="part = p"
      >
        {{ PART_NAMES[p] }}
      </button>
    </div>
    <p v-for="a in advice" :key="a.id" class="problem" role="alert">{{ preferences.say(a) }}</p>
    <section class="now" :aria-label="PART_NAMES[shown]">
      <h3>{{ PART_NAMES[shown] }}</h3>
      <p v-if="!CHOICES[shown] && !FIGURES[shown] && shown !== 'cap'" class="quiet">
        Nothing to choose here.
      </p>
      <ChoiceRow
        v-for="c in CHOICES[shown] ?? []"
        :key="c.key"
        :label="c.label"
        :options="[...c.options, { value: 'unknown', text: 'Not known' }]"
        :model-value="valueOf(c)"
        @update:model-value="choose(c, $event)"
      />
      <template v-if="shown === 'cap'">
        <div v-for="i in Math.max(1, caps.length)" :key="i" class="row top">
          <ChoiceRow
            :label="caps.length > 1 ? `Cap ${i}` : 'Cap'"
            :options="PLACES"
            :model-value="caps[i - 1]?.place"
            @update:model-value="setCap(i - 1, { place: $event })"
          />
          <QuantityField
            :label="`Marked${caps.length > 1 ? `, cap ${i}` : ''}`"
            kind="pressure"
            :limits="{ min: 10, max: 250 }"
            optional
            :model-value="asQuantity({ kind: 'pressure' }, caps[i - 1]?.ratingKPa)"
            @update:model-value="setCap(i - 1, { ratingKPa: $event?.si })"
          />
          <ChoiceRow
            label="Vented"
            :options="yesNo"
            :model-value="
              caps[i - 1]?.vented === undefined || caps[i - 1]?.vented === 'unknown'
                ? undefined
                : caps[i - 1]!.vented
                  ? 'yes'
                  : 'no'
            "
            @update:model-value="setCap(i - 1, { vented: $event === 'yes' })"
          />
        </div>
        <v-btn v-if="caps.length > 0 && caps.length < 4" @click="setCap(caps.length, {})"
          >Another cap</v-btn
        >
      </template>
      <div class="row top">
        <NumberField
          v-if="shown === 'engine'"
          v-model="cylinders"
          label="Cylinders"
          :min="1"
          :max="16"
          whole
        />
        <QuantityField
          v-for="f in FIGURES[shown] ?? []"
          :key="f.key"
          :label="f.label"
          :kind="f.kind"
          :limits="{ min: f.min, max: f.max }"
          optional
          :model-value="asQuantity(f, model[f.key])"
          @update:model-value="set({ [f.key]: $event?.si })"
        />
      </div>
    </section>
    <v-text-field
      v-model="from"
      label="Where these figures come from"
      maxlength="120"
      placeholder="Maker’s manual, plate under the hood, the old part"
    />
  </div>
</template>

<style scoped>
.now {
  border-left: 6px solid var(--cool);
  padding-left: 12px;
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.top {
  align-items: flex-start;
  gap: 16px;
}
</style>
