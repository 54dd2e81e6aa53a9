<script setup lang="ts">
import { DateTime } from 'luxon'
import type { Instrument, QuantityKind, QuantityRecord } from '#core'

const { say } = useWords()

/** The shop's instruments: what each is, what it is known to be off by, its smallest step, and when it was last compared. */
const shop = useShop()
const session = useSession()
const preferences = usePreferences()
const KINDS: Record<
  Instrument['kind'],
  { name: string; kind: QuantityKind; step: { min: number; max: number }; unit: string }
> = {
  'pressure-tester': {
    name: say('instruments.pressureTester'),
    kind: 'pressure',
    step: { min: 0.01, max: 50 },
    unit: 'kPa',
  },
  'cap-adapter': {
    name: say('instruments.capAdapter'),
    kind: 'pressure',
    step: { min: 0.01, max: 50 },
    unit: 'kPa',
  },
  thermometer: {
    name: say('instruments.thermometer'),
    kind: 'temperatureDifference',
    step: { min: 0.01, max: 20 },
    unit: '°C',
  },
  infrared: {
    name: say('instruments.infraredGun'),
    kind: 'temperatureDifference',
    step: { min: 0.01, max: 20 },
    unit: '°C',
  },
  'scan-tool': {
    name: say('instruments.scanTool'),
    kind: 'temperatureDifference',
    step: { min: 0.01, max: 20 },
    unit: '°C',
  },
  other: {
    name: say('instruments.other'),
    kind: 'temperatureDifference',
    step: { min: 0.001, max: 1000 },
    unit: '°C',
  },
}
const STALE_DAYS = 365
const list = computed(() =>
  shop
    .instrumentsOf(Object.keys(KINDS) as Instrument['kind'][])
    .sort((a, b) => a.kind.localeCompare(b.kind)),
)
const mayRecord = computed(() => session.current?.may.record === true)
const editing = ref<string>()
const kind = ref<Instrument['kind']>('pressure-tester')
const name = ref('')
const compared = ref<'yes' | 'no'>('no')
const offset = ref<QuantityRecord>()
const step = ref<QuantityRecord>()
const problem = ref('')
const kinds = Object.entries(KINDS).map(([value, k]) => ({
  value: value as Instrument['kind'],
  text: k.name,
}))
const asQuantity = (
  of: Instrument['kind'],
  coreValue: number | undefined,
): QuantityRecord | undefined =>
  coreValue === undefined
    ? undefined
    : { typed: String(coreValue), value: coreValue, unit: KINDS[of].unit, coreValue }
function edit(i: Instrument | undefined) {
  editing.value = i?.id ?? 'new'
  kind.value = i?.kind ?? 'pressure-tester'
  name.value = i?.name ?? ''
  compared.value = typeof i?.offsetInCoreUnit === 'number' ? 'yes' : 'no'
  offset.value = asQuantity(
    kind.value,
    typeof i?.offsetInCoreUnit === 'number' ? i.offsetInCoreUnit : undefined,
  )
  step.value = asQuantity(kind.value, i?.resolutionInCoreUnit)
  problem.value = ''
}
async function keep() {
  problem.value = ''
  if (!name.value.trim()) return void (problem.value = say('instruments.giveTheInstrumentAName'))
  if (compared.value === 'yes' && !offset.value)
    return void (problem.value = say('instruments.typeWhatItReadsToo'))
  const mine = editing.value
  const old = mine === 'new' ? undefined : shop.instruments.get(mine!)
  await shop.addInstrument(
    {
      kind: kind.value,
      name: name.value.trim(),
      offsetInCoreUnit: compared.value === 'yes' ? offset.value!.coreValue : 'not-known',
      ...(step.value ? { resolutionInCoreUnit: step.value.coreValue } : {}),
      ...(old?.strokeVolumeML ? { strokeVolumeML: old.strokeVolumeML } : {}),
      ...(old?.enclosedML ? { enclosedML: old.enclosedML } : {}),
      ...(compared.value === 'yes'
        ? { checkedAt: new Date().toISOString() }
        : old?.checkedAt
          ? { checkedAt: old.checkedAt }
          : {}),
    },
    old?.id,
  )
  // Somebody may have begun to change another one meanwhile.
  if (editing.value === mine) editing.value = undefined
}
const age = (i: Instrument) =>
  i.checkedAt ? DateTime.now().diff(DateTime.fromISO(i.checkedAt), 'days').days : undefined
const off = (i: Instrument) =>
  typeof i.offsetInCoreUnit !== 'number'
    ? say('instruments.notKnown')
    : i.offsetInCoreUnit === 0
      ? say('instruments.readsRight')
      : say('instruments.readsOff', {
          by: preferences.show(KINDS[i.kind].kind, Math.abs(i.offsetInCoreUnit)),
          direction: i.offsetInCoreUnit > 0 ? 'high' : 'low',
        })
</script>

<template>
  <main class="page stack">
    <div class="row">
      <h1 class="grow">{{ say('instruments.instruments') }}</h1>
      <v-btn class="solid" :disabled="!mayRecord" @click="edit(undefined)">{{
        say('instruments.anotherInstrument')
      }}</v-btn>
    </div>
    <p>
      {{ say('instruments.whatAnInstrumentIsOff') }}
    </p>
    <section v-if="editing" class="sheet stack" :aria-label="say('instruments.instrument')">
      <ChoiceRow v-model="kind" :label="say('instruments.kind')" :options="kinds" />
      <v-text-field v-model="name" :label="say('instruments.nameOnIt')" maxlength="80" />
      <ChoiceRow
        v-model="compared"
        :label="say('instruments.comparedWithABetterOne')"
        :options="[
          { value: 'yes', text: say('instruments.yes') },
          { value: 'no', text: say('instruments.no') },
        ]"
      />
      <div class="row top">
        <QuantityField
          v-if="compared === 'yes'"
          :key="`o-${kind}`"
          v-model="offset"
          :label="say('instruments.readsTooHighBy')"
          :kind="KINDS[kind].kind"
          :limits="{ min: -60, max: 60 }"
          :hint="say('instruments.2WhenItReads2')"
        />
        <QuantityField
          :key="`s-${kind}`"
          v-model="step"
          :label="say('instruments.smallestStep')"
          :kind="KINDS[kind].kind"
          :limits="KINDS[kind].step"
          optional
        />
      </div>
      <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
      <div class="row">
        <v-btn class="solid" @click="keep">{{ say('instruments.keepTheInstrument') }}</v-btn><v-btn
          @click="editing = undefined"
          >{{ say('instruments.leaveAsItWas') }}</v-btn
        >
      </div>
    </section>
    <p v-if="list.length === 0" class="sheet">
      {{ say('instruments.noInstrumentIsListedYet') }}
    </p>
    <ul v-else class="sheet list">
      <li v-for="i in list" :key="i.id">
        <div class="grow">
          <strong>{{ i.name }}</strong><span class="small quiet">{{ KINDS[i.kind].name }}</span>
        </div>
        <div>
          <span class="small quiet">{{ say('instruments.offBy') }}</span><span>{{ off(i) }}</span>
        </div>
        <div>
          <span class="small quiet">{{ say('instruments.smallestStep') }}</span><span>{{
            i.resolutionInCoreUnit === undefined
              ? say('instruments.notKnown')
              : preferences.show(KINDS[i.kind].kind, i.resolutionInCoreUnit)
          }}</span>
        </div>
        <div>
          <span class="small quiet">{{ say('instruments.lastCompared') }}</span><span
            :class="{ problem: (age(i) ?? 0) > STALE_DAYS }"
            >{{ i.checkedAt ? DateTime.fromISO(i.checkedAt).toFormat('d LLL yyyy') : 'never'
            }}<template v-if="(age(i) ?? 0) > STALE_DAYS">{{
              say('instruments.overAYear')
            }}</template></span
          >
        </div>
        <v-btn
          :disabled="!mayRecord"
          :aria-label="say('instruments.change', { name: i.name })"
          @click="edit(i)"
          >{{ say('instruments.change2') }}</v-btn
        >
      </li>
    </ul>
  </main>
</template>

<style scoped>
.page {
  max-width: 980px;
  width: 100%;
  margin: 0 auto;
  padding: 20px;
}
.top {
  align-items: flex-start;
}
.list {
  list-style: none;
  margin: 0;
  display: flex;
  flex-direction: column;
}
li {
  display: flex;
  gap: 12px 28px;
  align-items: center;
  flex-wrap: wrap;
  padding: 10px 0;
  border-bottom: 1px solid var(--line);
}
li:last-child {
  border-bottom: 0;
}
li > div {
  display: flex;
  flex-direction: column;
  min-width: 120px;
}
</style>
