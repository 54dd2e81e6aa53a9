<script setup lang="ts">
import { DateTime } from 'luxon'
import type { Instrument, QuantityKind, QuantityRecord } from '#core'

/** The shop's instruments: what each is, what it is known to be off by, its smallest step, and when it was last compared. */
const shop = useShop()
const session = useSession()
const preferences = usePreferences()
const KINDS: Record<
  Instrument['kind'],
  { name: string; kind: QuantityKind; step: { min: number; max: number }; unit: string }
> = {
  'pressure-tester': {
    name: 'Pressure tester',
    kind: 'pressure',
    step: { min: 0.01, max: 50 },
    unit: 'kPa',
  },
  'cap-adapter': {
    name: 'Cap adapter',
    kind: 'pressure',
    step: { min: 0.01, max: 50 },
    unit: 'kPa',
  },
  thermometer: {
    name: 'Thermometer',
    kind: 'temperatureDifference',
    step: { min: 0.01, max: 20 },
    unit: '°C',
  },
  infrared: {
    name: 'Infrared gun',
    kind: 'temperatureDifference',
    step: { min: 0.01, max: 20 },
    unit: '°C',
  },
  'scan-tool': {
    name: 'Scan tool',
    kind: 'temperatureDifference',
    step: { min: 0.01, max: 20 },
    unit: '°C',
  },
  other: {
    name: 'Other',
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
const asQuantity = (of: Instrument['kind'], si: number | undefined): QuantityRecord | undefined =>
  si === undefined ? undefined : { typed: String(si), value: si, unit: KINDS[of].unit, si }
function edit(i: Instrument | undefined) {
  editing.value = i?.id ?? 'new'
  kind.value = i?.kind ?? 'pressure-tester'
  name.value = i?.name ?? ''
  compared.value = typeof i?.offsetSi === 'number' ? 'yes' : 'no'
  offset.value = asQuantity(kind.value, typeof i?.offsetSi === 'number' ? i.offsetSi : undefined)
  step.value = asQuantity(kind.value, i?.resolutionSi)
  problem.value = ''
}
async function keep() {
  problem.value = ''
  if (!name.value.trim())
    return void (problem.value = 'Give the instrument a name that is written on it.')
  if (compared.value === 'yes' && !offset.value)
    return void (problem.value = 'Type what it reads too high by; 0 when it was right.')
  const old = editing.value === 'new' ? undefined : shop.instruments.get(editing.value!)
  await shop.addInstrument(
    {
      kind: kind.value,
      name: name.value.trim(),
      offsetSi: compared.value === 'yes' ? offset.value!.si : 'unknown',
      ...(step.value ? { resolutionSi: step.value.si } : {}),
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
  editing.value = undefined
}
const age = (i: Instrument) =>
  i.checkedAt ? DateTime.now().diff(DateTime.fromISO(i.checkedAt), 'days').days : undefined
const off = (i: Instrument) =>
  typeof i.offsetSi !== 'number'
    ? 'not known'
    : i.offsetSi === 0
      ? 'reads right'
      : `${preferences.show(KINDS[i.kind].kind, Math.abs(i.offsetSi))} ${i.offsetSi > 0 ? 'high' : 'low'}`
</script>

<template>
  <main class="page stack">
    <div class="row">
      <h1 class="grow">Instruments</h1>
      <v-btn class="solid" :disabled="!mayRecord" @click="edit(undefined)"
        >Another instrument</v-btn
      >
    </div>
    <p>
      What an instrument is off by is taken off every reading made with it from then on. Readings
      made before keep what was known then.
    </p>
    <section v-if="editing" class="sheet stack" aria-label="Instrument">
      <ChoiceRow v-model="kind" label="Kind" :options="kinds" />
      <v-text-field v-model="name" label="Name on it" maxlength="80" />
      <ChoiceRow
        v-model="compared"
        label="Compared with a better one today"
        :options="[
          { value: 'yes', text: 'Yes' },
          { value: 'no', text: 'No' },
        ]"
      />
      <div class="row top">
        <QuantityField
          v-if="compared === 'yes'"
          :key="`o-${kind}`"
          v-model="offset"
          label="Reads too high by"
          :kind="KINDS[kind].kind"
          :limits="{ min: -60, max: 60 }"
          hint="−2 when it reads 2 low"
        />
        <QuantityField
          :key="`s-${kind}`"
          v-model="step"
          label="Smallest step"
          :kind="KINDS[kind].kind"
          :limits="KINDS[kind].step"
          optional
        />
      </div>
      <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
      <div class="row">
        <v-btn class="solid" @click="keep">Keep the instrument</v-btn
        ><v-btn @click="editing = undefined">Leave as it was</v-btn>
      </div>
    </section>
    <p v-if="list.length === 0" class="sheet">
      No instrument is listed yet. A gauge named at a hold is listed by itself.
    </p>
    <ul v-else class="sheet list">
      <li v-for="i in list" :key="i.id">
        <div class="grow">
          <strong>{{ i.name }}</strong><span class="small quiet">{{ KINDS[i.kind].name }}</span>
        </div>
        <div>
          <span class="small quiet">Off by</span><span>{{ off(i) }}</span>
        </div>
        <div>
          <span class="small quiet">Smallest step</span
          ><span>{{
            i.resolutionSi === undefined
              ? 'not known'
              : preferences.show(KINDS[i.kind].kind, i.resolutionSi)
          }}</span>
        </div>
        <div>
          <span class="small quiet">Last compared</span
          ><span :class="{ problem: (age(i) ?? 0) > STALE_DAYS }"
            >{{ i.checkedAt ? DateTime.fromISO(i.checkedAt).toFormat('d LLL yyyy') : 'never'
            }}<template v-if="(age(i) ?? 0) > STALE_DAYS">: over a year</template></span
          >
        </div>
        <v-btn :disabled="!mayRecord" :aria-label="`Change ${i.name}`" @click="edit(i)"
          >Change</v-btn
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
