<script setup lang="ts">
import {
  knownValue,
  type Part,
  profileAdvice,
  type QuantityRecord,
  type SystemProfile,
  USUAL_RATING_KPA,
} from '#core'
import { type Choice, type Figure, type Key, profileFields, SAME_PLACE } from './profile-choices'

const { say, partName } = useWords()
const { choices: CHOICES, figures: FIGURES, yesNo, isFlag } = profileFields(say)

/** The system of a vehicle, chosen on its own drawing: tap a part, say which kind it is; the loop follows. */
const model = defineModel<SystemProfile>({ required: true })
defineProps<{ templates?: readonly { name: string; profile: SystemProfile }[] }>()
const preferences = usePreferences()
const part = ref<Part>('thermostat')

const shown = computed<Part>(() => SAME_PLACE[part.value] ?? part.value)
const ABSENT: Part[] = ['oil-cooler', 'egr-cooler', 'turbo-line']
const set = (change: Partial<SystemProfile>) => {
  model.value = { ...model.value, ...change }
}
const valueOf = (c: Choice) => {
  const v = model.value[c.key]
  return v === undefined
    ? undefined
    : v === 'not-known'
      ? 'not-known'
      : isFlag(c)
        ? v
          ? 'yes'
          : 'no'
        : String(v)
}
const choose = (c: Choice, value: string) =>
  set({ [c.key]: value === 'not-known' ? 'not-known' : isFlag(c) ? value === 'yes' : value })
const UNIT = { temperature: '°C', pressure: 'kPa', volume: 'L' } as const
const asQuantity = (f: { kind: Figure['kind'] }, value: unknown): QuantityRecord | undefined =>
  typeof value === 'number'
    ? { typed: String(value), value, unit: UNIT[f.kind], coreValue: value }
    : undefined
const caps = computed(() => model.value.caps ?? [])
const PLACES = [
  { value: 'tank', text: say('case.profile-loop.onTheTank') },
  { value: 'radiator-neck', text: say('case.profile-loop.onTheRadiator') },
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
  if (v === undefined || v === 'not-known') return ''
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
          knownValue(model.value.thermostatSide)
            ? say(`case.profile-loop.side.${knownValue(model.value.thermostatSide)}`)
            : '',
          knownValue(model.value.thermostatRatingC)
            ? preferences.show('temperature', knownValue(model.value.thermostatRatingC)!)
            : '',
        ]
          .filter(Boolean)
          .join(', ') || say('case.profile-loop.whichSide'),
      ],
      ['expansion-tank', text('vessel') || say('case.profile-loop.whichKind')],
      ['pump', text('pumpDrive') || say('case.profile-loop.drivenBy')],
      [
        'cap',
        knownValue(caps.value[0]?.ratingKPa)
          ? preferences.show('pressure', knownValue(caps.value[0]!.ratingKPa)!, 0)
          : say('case.profile-loop.rating'),
      ],
      [
        'engine',
        knownValue(model.value.cylinders)
          ? say('case.profile-loop.howManyCylinders', {
              cylinders: knownValue(model.value.cylinders),
            })
          : say('case.profile-loop.askCylinders'),
      ],
      [
        'heater-core',
        model.value.rearHeater === true ? say('case.profile-loop.andRearHeater') : '',
      ],
      ['radiator', ''],
      ['upper-hose', ''],
      ['lower-hose', ''],
      ['heater-hoses', ''],
      ['bypass-hose', ''],
      ['fan', ''],
      ['oil-cooler', model.value.oilCooler === undefined ? say('case.profile-loop.hasItOne') : ''],
      ['egr-cooler', model.value.egrCooler === undefined ? say('case.profile-loop.hasItOne') : ''],
      ['turbo-line', model.value.turboCooled === undefined ? say('case.profile-loop.cooled') : ''],
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
    <SameSystem
      v-if="templates && templates.length > 0"
      :templates="templates"
      @choose="model = $event"
    />
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
      <span class="quiet">{{ say('case.profile-loop.notOnThisVehicle') }}</span>
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
        {{ partName(p) }}
      </button>
    </div>
    <p v-for="a in advice" :key="a.id" class="problem" role="alert">{{ preferences.say(a) }}</p>
    <section class="now" :aria-label="partName(shown)">
      <h3>{{ partName(shown) }}</h3>
      <p v-if="!CHOICES[shown] && !FIGURES[shown] && shown !== 'cap'" class="quiet">
        {{ say('case.profile-loop.nothingToChooseHere') }}
      </p>
      <ChoiceRow
        v-for="c in CHOICES[shown] ?? []"
        :key="c.key"
        :label="c.label"
        :options="[...c.options, { value: 'not-known', text: say('case.profile-loop.notKnown') }]"
        :model-value="valueOf(c)"
        @update:model-value="choose(c, $event)"
      />
      <template v-if="shown === 'cap'">
        <div v-for="i in Math.max(1, caps.length)" :key="i" class="row top">
          <ChoiceRow
            :label="
              caps.length > 1 ? say('case.profile-loop.cap', { i }) : say('case.profile-loop.cap2')
            "
            :options="PLACES"
            :model-value="caps[i - 1]?.place"
            @update:model-value="setCap(i - 1, { place: $event })"
          />
          <QuantityField
            :label="
              say('case.profile-loop.marked', {
                i: caps.length > 1 ? say('case.profile-loop.cap3', { i }) : '',
              })
            "
            kind="pressure"
            :limits="{ min: 10, max: 250 }"
            :usual="USUAL_RATING_KPA"
            optional
            :model-value="asQuantity({ kind: 'pressure' }, caps[i - 1]?.ratingKPa)"
            @update:model-value="setCap(i - 1, { ratingKPa: $event?.coreValue })"
          />
          <ChoiceRow
            :label="say('case.profile-loop.vented')"
            :options="yesNo"
            :model-value="
              caps[i - 1]?.vented === undefined || caps[i - 1]?.vented === 'not-known'
                ? undefined
                : caps[i - 1]!.vented
                  ? 'yes'
                  : 'no'
            "
            @update:model-value="setCap(i - 1, { vented: $event === 'yes' })"
          />
        </div>
        <v-btn v-if="caps.length > 0 && caps.length < 4" @click="setCap(caps.length, {})">{{
          say('case.profile-loop.anotherCap')
        }}</v-btn>
      </template>
      <div class="row top">
        <NumberField
          v-if="shown === 'engine'"
          v-model="cylinders"
          :label="say('case.profile-loop.cylinders')"
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
          :usual="f.usual"
          optional
          :model-value="asQuantity(f, model[f.key])"
          @update:model-value="set({ [f.key]: $event?.coreValue })"
        />
      </div>
    </section>
    <v-text-field
      v-model="from"
      :label="say('case.profile-loop.whereTheseFiguresComeFrom')"
      maxlength="120"
      :placeholder="say('case.profile-loop.makersManualPlateUnderThe')"
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
