<script setup lang="ts">
import {
  type EngineOrientation,
  knownValue,
  LEAK_PLACES,
  leakTraceCheck,
  positionOf,
  traceWithSuspects,
} from '#core'
import { formatChance } from '../../../words/format'
import ElsewhereList from './ElsewhereList.vue'
import PlaceList from './PlaceList.vue'
import type { Seen } from './seen-choices'
import TrayDrawing from './TrayDrawing.vue'
import { placeLabels, takenOnTray } from './tray-labels'
import { useDraftTrace } from './use-draft-trace'

const { say } = useWords()

/** The tray from above: drips set by tap and dragged, each counted with a tap a drop; what stands above each, and what was seen there. */
const { open, last, outcome, mayRecord, amend, takeBack } = useCheck(
  leakTraceCheck,
  'leak-trace.trace',
)
const preferences = usePreferences()
const { draft, change, waits } = useDraftTrace({ last, mayRecord, amend })
const picked = ref<number>()
const narrow = useMediaQuery('(max-width: 700px)')
const W = computed(() => (narrow.value ? 340 : 600))
const H = computed(() => (narrow.value ? 330 : 300))

const orientation = computed<EngineOrientation>(
  () =>
    draft.value.orientation ??
    knownValue(open.input.value?.vehicle.profile.engineOrientation) ??
    'lengthwise',
)
const chances = computed(
  () =>
    new Map(
      (open.answer.value?.ranked.ranking.suspects ?? []).map((s) => [s.fault, s.probability]),
    ),
)
const seen = computed(() => new Map(draft.value.places.map((p) => [p.place, p.seen])))
const analysis = computed(() => traceWithSuspects(draft.value, orientation.value, chances.value))
const candidates = computed(() => analysis.value.candidates)
const name = (id: string) => LEAK_PLACES.find((p) => p.id === id)!.name
const spot = (id: string) => {
  const p = positionOf(
    LEAK_PLACES.find((l) => l.id === id)!,
    orientation.value,
  )
  return { x: p.x * W.value, y: p.y * H.value }
}
const NAMED_FROM = 0.06
const circles = computed(() =>
  candidates.value
    .slice(0, 5)
    .map((c) => ({ ...c, ...spot(c.place), r: 5 + 22 * Math.sqrt(c.share) })),
)
const labels = computed(() =>
  placeLabels(
    circles.value
      .filter((c) => c.share > NAMED_FROM)
      .map((c) => ({ id: c.place, text: name(c.place), x: c.x, y: c.y, r: c.r })),
    takenOnTray(W.value, H.value, engine.value, circles.value, draft.value.drips),
    W.value,
    H.value,
  ),
)

/** where it was seen to come out, listed or not */
const sources = computed(() => [
  ...analysis.value.found.map(name),
  ...analysis.value.foundElsewhere,
])
const watchedFalling = (i: number, falling: boolean) =>
  change({ drips: draft.value.drips.map((d, j) => (i === j ? { ...d, falling } : d)) })
const move = (i: number, to: { x: number; y: number }) =>
  change({ drips: draft.value.drips.map((d, j) => (i === j ? { ...d, ...to } : d)) })
function add(place: { x: number; y: number }) {
  if (draft.value.drips.length >= 40) return
  change({ drips: [...draft.value.drips, place] })
  picked.value = draft.value.drips.length - 1
  taps.value = []
}
function drop(i: number) {
  change({ drips: draft.value.drips.filter((_, j) => j !== i) })
  picked.value = undefined
}
const taps = ref<number[]>([])
const { now } = useTimers()
watch(picked, () => {
  taps.value = []
})
const counted = computed(() =>
  taps.value.length < 2
    ? undefined
    : ((taps.value.length - 1) * 60_000) / (taps.value.at(-1)! - taps.value[0]!),
)
const since = computed(() =>
  taps.value.length === 0 ? 0 : Math.max(0, Math.round((now.value - taps.value[0]!) / 1000)),
)
function tapDrop() {
  taps.value = [...taps.value, Date.now()]
  if (counted.value !== undefined && picked.value !== undefined) {
    const perMinute = Math.min(600, Math.round(counted.value * 10) / 10)
    change({
      drips: draft.value.drips.map((d, j) => (j === picked.value ? { ...d, perMinute } : d)),
    })
  }
}
const HEIGHTS = [
  { value: '0.9', text: say('leak-trace.top') },
  { value: '0.7', text: say('leak-trace.high') },
  { value: '0.5', text: say('leak-trace.middle') },
  { value: '0.3', text: say('leak-trace.low') },
  { value: '0.1', text: say('leak-trace.floor') },
]
const height = computed(() =>
  draft.value.highestWet === undefined
    ? undefined
    : HEIGHTS.reduce((best, h) =>
        Math.abs(Number(h.value) - draft.value.highestWet!) <
        Math.abs(Number(best.value) - draft.value.highestWet!)
          ? h
          : best,
      ).value,
)
const set = (place: string, value: Seen) =>
  change({
    places: [...draft.value.places.filter((p) => p.place !== place), { place, seen: value }],
  })
const engine = computed(() =>
  orientation.value === 'lengthwise'
    ? { x: 0.34, y: 0.24, w: 0.32, h: 0.46 }
    : { x: 0.2, y: 0.26, w: 0.6, h: 0.3 },
)
const perMinute = computed(() => draft.value.drips.reduce((s, d) => s + (d.perMinute ?? 0), 0))
/** What moves a drip before it lands, as the summary says it. */
const stands = computed(() => ({
  engine: orientation.value,
  air: draft.value.airFlow ? 'blew' : 'still',
}))
/** How many drips, and how fast those that were counted fall. */
const drips = computed(() => {
  const { length } = draft.value.drips
  if (length === 0) return say('leak-trace.noDripMarkedYet')
  const { mLPerMinute } = analysis.value
  if (mLPerMinute === undefined) return say('leak-trace.notCounted', { drips: length })
  const rated = draft.value.drips.filter((d) => d.perMinute !== undefined).length
  const isPartly = rated < length
  return say(isPartly ? 'leak-trace.partlyCounted' : 'leak-trace.dropsAMinuteAbout', {
    counted: rated,
    drips: length,
    perMinute: perMinute.value.toFixed(0),
    mLPerMinute: preferences.show('flow', mLPerMinute),
  })
})
</script>

<template>
  <div class="stack" :data-waits="waits">
    <Cautions :ids="['stands']" />
    <details class="unfold">
      <summary>{{ say('leak-trace.howItStands', stands) }}</summary>
      <div class="row">
        <ChoiceRow
          :label="say('leak-trace.engineStands')"
          :options="[
            { value: 'lengthwise', text: say('leak-trace.lengthwise') },
            { value: 'crosswise', text: say('leak-trace.crosswise') },
          ]"
          :model-value="orientation"
          :disabled="!mayRecord"
          @update:model-value="change({ orientation: $event })"
        />
        <ChoiceRow
          :label="say('leak-trace.didAirBlowAcrossIt')"
          :options="[
            { value: 'no', text: say('leak-trace.no') },
            { value: 'yes', text: say('leak-trace.fanOrRoadDid') },
          ]"
          :model-value="draft.airFlow ? 'yes' : 'no'"
          :disabled="!mayRecord"
          @update:model-value="change({ airFlow: $event === 'yes' })"
        />
      </div>
    </details>
    <p>{{ say('leak-trace.theTrayFromAboveFront') }}</p>
    <TrayDrawing
      v-model:picked="picked"
      :drips="draft.drips"
      :circles="circles"
      :labels="labels"
      :engine="engine"
      :name="name"
      :W="W"
      :H="H"
      @add="add"
      @move="move"
    />
    <div class="row">
      <v-btn :disabled="!mayRecord" @click="add({ x: 0.5, y: 0.5 })">{{
        say('leak-trace.addADripInThe')
      }}</v-btn>
      <span class="grow" role="status">{{ drips }}</span>
      <ChoiceRow
        :label="say('leak-trace.theHighestWetPointSeen')"
        :options="HEIGHTS"
        :model-value="height"
        :disabled="!mayRecord"
        @update:model-value="change({ highestWet: Number($event) })"
      />
    </div>
    <section
      v-if="picked !== undefined && draft.drips[picked]"
      class="now"
      :aria-label="say('leak-trace.drip', { picked: picked + 1 })"
    >
      <h3>{{ say('leak-trace.drip', { picked: picked + 1 }) }}</h3>
      <p>
        <strong>{{ say('leak-trace.aboveIt') }}</strong>
        {{
          analysis.byDrip[picked]
            ?.filter((c) => c.share > 0.08)
            .map((c) => `${name(c.place)} (${formatChance(c.share)})`)
            .join(', ') || say('leak-trace.nothingStandsOut')
        }}
      </p>
      <div class="row">
        <v-btn class="solid count" aria-keyshortcuts="k" :disabled="!mayRecord" @click="tapDrop">{{
          say('leak-trace.tapAtEveryDrop', {
            since: taps.length > 0 ? say('leak-trace.inS', { taps: taps.length, since }) : '',
          })
        }}</v-btn>
        <strong v-if="draft.drips[picked]!.perMinute">{{
          say('leak-trace.aMinute', { perMinute: draft.drips[picked]!.perMinute })
        }}</strong>
        <v-checkbox
          :model-value="draft.drips[picked]!.falling === true"
          :label="say('leak-trace.seenFalling')"
          :disabled="!mayRecord"
          hide-details
          @update:model-value="watchedFalling(picked, $event === true)"
        />
        <button type="button" class="plain-button" :disabled="!mayRecord" @click="drop(picked)">
          {{ say('leak-trace.takeThisDripAway') }}
        </button>
      </div>
    </section>
    <PlaceList
      :candidates="candidates"
      :seen="seen"
      :name="name"
      :may-record="mayRecord"
      @seen="set"
    />
    <ElsewhereList
      :places="draft.elsewhere ?? []"
      :may-record="mayRecord"
      @change="change({ elsewhere: $event })"
    />
    <CheckResult v-if="last" :outcome="outcome" />
    <p v-if="sources.length > 1" class="caution">
      {{
        say('leak-trace.sourcesSeenRepairBothThe', {
          found: sources.length,
          name: sources.join(', '),
        })
      }}
    </p>
    <div v-if="last" class="row">
      <v-btn aria-keyshortcuts="t" :disabled="!mayRecord" @click="takeBack(last.id)">{{
        say('leak-trace.takeItBack')
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
.count {
  min-height: 64px !important;
}
.plain-button {
  margin-top: 8px;
}
</style>
