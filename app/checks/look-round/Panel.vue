<script setup lang="ts">
import {
  type AirSideLook,
  capCheck,
  latestLooks,
  lookRoundCheck,
  outcomesOf,
  type Part,
  type PartLook,
  partsOf,
  type Wear,
} from '#core'

import TraceOfPart from './TraceOfPart.vue'
import { useFoundAt } from './use-found-at'

const { say, partName } = useWords()
const foundAt = useFoundAt()

/** Part by part, in regions as one walks round: what is wet, what is worn, a photograph; what was not looked at stays open. */
const open = useOpenCase()
const shop = useShop()
const preferences = usePreferences()
const air = useCheck(lookRoundCheck, 'look-round.air-side')
const REGIONS: { id: string; name: string; parts: readonly Part[] }[] = [
  { id: 'front', name: say('look-round.front'), parts: ['radiator', 'lower-hose'] },
  {
    id: 'top',
    name: say('look-round.top'),
    parts: ['upper-hose', 'expansion-tank', 'cap', 'thermostat', 'bypass-hose'],
  },
  {
    id: 'engine',
    name: say('look-round.engine'),
    parts: ['engine', 'pump', 'oil-cooler', 'egr-cooler', 'turbo-line'],
  },
  { id: 'cabin', name: say('look-round.bulkheadAndCabin'), parts: ['heater-hoses', 'heater-core'] },
]
const parts = computed(() =>
  partsOf(open.input.value?.vehicle.profile ?? {}).filter((p) => p !== 'fan'),
)
const regions = computed(() =>
  REGIONS.map((r) => ({ ...r, parts: r.parts.filter((p) => (parts.value as Part[]).includes(p)) })),
)
const looks = computed(() => latestLooks(open.state.value?.recent ?? []))
const pressed = ref<'yes' | 'no'>('no')
watch(
  () => open.state.value?.has('pressed') ?? false,
  (held) => {
    if (held) pressed.value = 'yes'
  },
  { immediate: true },
)
const OPTIONS = [
  { value: 'dry', text: say('look-round.dry') },
  { value: 'stained', text: say('look-round.stained') },
  { value: 'wet', text: say('look-round.wet') },
  { value: 'dried-and-wet-again', text: say('look-round.driedWetAgain') },
  { value: 'issuing', text: say('look-round.seenIssuing') },
] as const
const HOSE: Wear[] = ['soft', 'cracked', 'hard', 'swollen', 'collapsed', 'crunches', 'clamp-loose']
const WEARS: Partial<Record<Part, Wear[]>> = {
  'upper-hose': HOSE,
  'lower-hose': HOSE,
  'heater-hoses': HOSE,
  'bypass-hose': HOSE,
  'turbo-line': ['cracked', 'corroded', 'clamp-loose'],
  'expansion-tank': ['cracked', 'bulged'],
  radiator: ['cracked', 'bulged', 'corroded'],
  cap: ['cracked', 'corroded'],
  thermostat: ['cracked', 'corroded'],
  pump: ['corroded'],
  engine: ['corroded'],
}
const chosen = computed(() => open.part.value ?? parts.value[0]!)
const current = computed(() => looks.value.get(chosen.value)?.data)
const keep = (part: Part, change: Partial<PartLook>) => {
  const old = looks.value.get(part)
  const now = pressed.value === 'yes'
  const same = old && old.data.pressed === now
  return shop.addRecord(
    open.id,
    'look-round.part',
    {
      part,
      seen: old?.data.seen ?? 'dry',
      ...(old?.data.wear ? { wear: old.data.wear } : {}),
      ...(old && change.seen === undefined && { trace: old.data.trace, smell: old.data.smell }),
      ...change,
      pressed: now,
    },
    same ? { supersedes: old.id } : {},
  )
}
const wear = (w: Wear) => {
  const has = current.value?.wear ?? []
  return keep(chosen.value, { wear: has.includes(w) ? has.filter((x) => x !== w) : [...has, w] })
}
/** A cap that was tested was in somebody's hands. */
const isTested = (part: Part) =>
  part === 'cap' && (open.state.value?.done.has(capCheck.id) ?? false)
const isKnown = (part: Part) => looks.value.has(part) || isTested(part)
async function allDry(list: readonly Part[]) {
  for (const part of list) if (!isKnown(part)) await keep(part, { seen: 'dry' })
}
const AIR: { key: keyof AirSideLook; name: string }[] = [
  { key: 'fins', name: say('look-round.finsFromTheFront') },
  { key: 'stack', name: say('look-round.betweenCondenserAndRadiator') },
  { key: 'shroud', name: say('look-round.shroud') },
  { key: 'blades', name: say('look-round.fanBladesCounted') },
  { key: 'duct', name: say('look-round.airDuctUndertray') },
]
const airSeen = computed<AirSideLook>(() => air.last.value?.data ?? {})
const setAir = (key: string, value: string) =>
  air.amend({ ...airSeen.value, [key]: value } as AirSideLook)
const allAir = () =>
  air.amend({
    ...airSeen.value,
    ...Object.fromEntries(
      AIR.filter((a) => airSeen.value[a.key] === undefined).map((a) => [a.key, 'good']),
    ),
  })
const airOf = (key: keyof AirSideLook) => {
  const was = airSeen.value[key]
  return was === 'not-known' ? undefined : was
}
const left = (list: readonly Part[]) => list.filter((p) => !isKnown(p)).length
const said = (part: Part) => {
  const look = looks.value.get(part)?.data
  if (!look) return say(isTested(part) ? 'look-round.tested' : 'look-round.notLookedAtYet')
  return [OPTIONS.find((o) => o.value === look.seen)!.text, ...foundAt(look)].join(', ')
}
const capWrong = computed(() =>
  outcomesOf(open.answer.value?.ranked.assessment.outcomes ?? [], capCheck).some((c) =>
    c.figures.states.includes('wrong-for-place'),
  ),
)
</script>

<template>
  <div class="stack">
    <Cautions :ids="['engineOffKeyOut', 'stands']" />
    <ChoiceRow
      v-model="pressed"
      :label="say('look-round.isTheSystemUnderThe')"
      :options="[
        { value: 'yes', text: say('look-round.yesPressed') },
        { value: 'no', text: say('look-round.no') },
      ]"
    />
    <div class="now">
      <h3>{{ partName(chosen) }}</h3>
      <ChoiceRow
        :key="chosen"
        hide-label
        :disabled="!open.mayRecord.value"
        :label="partName(chosen)"
        :options="OPTIONS"
        :model-value="current?.seen"
        @update:model-value="keep(chosen, { seen: $event })"
      />
      <TraceOfPart
        v-if="current && (current.seen === 'stained' || current.seen === 'wet')"
        :key="`t-${chosen}`"
        :look="current"
        :disabled="!open.mayRecord.value"
        @keep="keep(chosen, $event)"
      />
      <div
        v-if="WEARS[chosen]"
        class="choice"
        role="group"
        :aria-label="say('look-round.wearOf', { chosen: partName(chosen) })"
      >
        <button
          v-for="w in WEARS[chosen]"
          :key="w"
          type="button"
          :disabled="!open.mayRecord.value"
          :aria-pressed="current?.wear?.includes(w) ?? false"
          @click="wear(w)"
        >
          {{ say(`look-round.wear.${w}`) }}
        </button>
      </div>
      <p v-if="chosen === 'cap' && capWrong" class="problem">
        {{ say('look-round.theCapTestSaysNot') }}
      </p>
      <PhotoStrip :key="`p-${chosen}`" :part="chosen" check="look-round" />
    </div>
    <section v-for="region in regions" :key="region.id" :aria-label="region.name">
      <div class="row head">
        <h3 class="grow">{{ region.name }}</h3>
        <span class="small quiet">{{
          left(region.parts) === 0
            ? say('look-round.allLookedAt')
            : say('look-round.notLookedAt', { parts: left(region.parts) })
        }}</span><v-btn
          :disabled="!open.mayRecord.value || left(region.parts) === 0"
          @click="allDry(region.parts)"
          >{{ say('look-round.allTheRestDry') }}</v-btn
        >
      </div>
      <div class="parts" role="group" :aria-label="say('look-round.parts', { name: region.name })">
        <button
          v-for="part in region.parts"
          :key="part"
          type="button"
          class="plain-button"
          :class="{ chosen: part === chosen, open: !isKnown(part) }"
          @click="open.part.value = part"
        >
          {{ partName(part) }}<span class="small">{{ said(part) }}</span>
        </button>
      </div>
      <template v-if="region.id === 'front'">
        <div class="row head">
          <strong class="grow">{{ say('look-round.airSide') }}</strong><v-btn
            :disabled="!open.mayRecord.value || AIR.every((a) => airSeen[a.key] !== undefined)"
            @click="allAir"
            >{{ say('look-round.allTheRestGood') }}</v-btn
          >
        </div>
        <div class="air">
          <ChoiceRow
            v-for="a in AIR"
            :key="a.key"
            :label="a.name"
            :disabled="!open.mayRecord.value"
            :options="[
              { value: 'good', text: say('look-round.good') },
              { value: 'bad', text: say('look-round.bad') },
            ]"
            :model-value="airOf(a.key)"
            @update:model-value="setAir(a.key, $event)"
          />
        </div>
        <p v-for="note in air.outcome.value?.notes ?? []" :key="note.id" class="small">
          {{ preferences.say(note) }}
        </p>
      </template>
    </section>
    <p>
      <strong>{{ say('look-round.thisDoesNotClear') }}</strong>
      {{ say('look-round.leaksThatOpenOnlyHot') }}
    </p>
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
.head {
  margin: 6px 0;
  flex-wrap: nowrap;
}
.parts {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(140px, 1fr));
  gap: 8px;
}
.parts button {
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  padding: 4px 10px;
  line-height: 1.2;
  text-align: left;
}
.parts button span {
  color: var(--ink-2);
  font-weight: 400;
}
.parts .open {
  border-style: dashed;
}
.parts .chosen {
  border-color: var(--ink);
  background: var(--warn-soft);
  color: var(--ink);
}
.air {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(200px, 1fr));
  gap: 12px;
}
</style>
