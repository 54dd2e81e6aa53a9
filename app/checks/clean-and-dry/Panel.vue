<script setup lang="ts">
import {
  BOOK,
  cleanAndDryCheck,
  isIsolated,
  latestLooks,
  type Part,
  partsOf,
  pressureHoldCheck,
} from '#core'

const { inSentence, say, partName } = useWords()

const { open, last, mayRecord, amend, takeBack } = useCheck(cleanAndDryCheck, 'clean-and-dry.done')
const profile = computed(() => open.input.value?.vehicle.profile ?? {})
const parts = computed(() => partsOf(profile.value).filter((p) => p !== 'fan'))
const wiped = computed(() => new Set<Part>(last.value?.data.parts ?? []))
const left = computed(() => parts.value.filter((p) => !wiped.value.has(p)))
const states = computed(
  () =>
    new Map(
      parts.value.map((p) => [p, wiped.value.has(p) ? ('good' as const) : ('not-looked' as const)]),
    ),
)
const labels = computed(
  () => new Map(parts.value.map((p) => [p, wiped.value.has(p) ? 'wiped' : ''])),
)
const shop = useShop()
const session = useSession()
const alreadyWet = computed(() =>
  [...latestLooks(open.state.value?.recent ?? []).values()]
    .map((l) => l.data)
    .filter((l) => l.seen === 'issuing' || (l.seen === 'wet' && !l.pressed))
    .map((l) => l.part),
)
/** The likeliest fault of a part: what a repair of it is taken to have cured. */
const faultOf = (p: Part) =>
  open.answer.value?.ranked.ranking.suspects.find(
    (s) => BOOK.faults.find((f) => f.id === s.fault)?.part === p,
  )
const clamped = computed(
  () => new Set<Part>(parts.value.filter((p) => isIsolated(p, open.events.value))),
)
async function toggle(part: Part) {
  if (!mayRecord.value || part === 'fan') return
  const next = wiped.value.has(part)
    ? [...wiped.value].filter((p) => p !== part)
    : [...wiped.value, part]
  if (next.length > 0) await amend({ parts: next })
  else if (last.value) await takeBack(last.value.id)
}
</script>

<template>
  <div class="stack">
    <Cautions :ids="['engineOffKeyOut']" />
    <p>
      {{ say('clean-and-dry.wipeEveryJointDryBefore') }}
    </p>
    <div v-if="alreadyWet.length > 0" class="caution stack">
      <p>
        {{
          say('clean-and-dry.alreadySeenWetAGross', {
            p: alreadyWet.map((p) => inSentence(partName(p))).join(', '),
          })
        }}
      </p>
      <div v-for="p in alreadyWet" :key="p" class="row">
        <strong>{{ partName(p) }}</strong><template v-if="clamped.has(p)"
          ><span class="grow">{{ say('clean-and-dry.clampedOff') }}</span
          ><button
            type="button"
            class="plain-button"
            :disabled="!mayRecord"
            @click="shop.addEvent(open.id, 'released', { part: p })"
          >
            {{ say('clean-and-dry.clampTakenOff') }}
          </button></template
        ><template v-else
          ><button
            type="button"
            class="plain-button"
            :disabled="!mayRecord"
            @click="shop.addEvent(open.id, 'isolated', { part: p })"
          >
            {{ say('clean-and-dry.clampedOff2') }}</button
          ><button
            v-if="faultOf(p)"
            type="button"
            class="plain-button"
            :disabled="!session.current?.may.close"
            @click="
              shop.addEvent(open.id, 'repaired', {
                faults: [faultOf(p)!.fault],
                work: say('clean-and-dry.madeTight', { part: partName(p) }),
              })
            "
          >
            {{ say('clean-and-dry.repaired', { name: inSentence(faultOf(p)!.name) }) }}
          </button></template
        >
      </div>
    </div>
    <KeepRow>
      <v-btn
        class="solid"
        aria-keyshortcuts="k"
        :disabled="!mayRecord || left.length === 0"
        @click="amend({ parts })"
        >{{ say('clean-and-dry.allJointsWiped') }}</v-btn
      >
      <v-btn v-if="wiped.size > 0" @click="open.goTo(pressureHoldCheck.id)">{{
        say('clean-and-dry.pressItNow')
      }}</v-btn>
    </KeepRow>
    <div class="wide-drawing">
      <LoopDrawing
        :profile="profile"
        :states="states"
        :suspicion="new Map()"
        :labels="labels"
        @tap="toggle"
      />
    </div>
    <p role="status">
      <strong>{{ say('clean-and-dry.ofWiped', { size: wiped.size, parts: parts.length }) }}</strong>
      <template v-if="wiped.size > 0 && left.length > 0">{{
        say('clean-and-dry.notWipedWetThereMay', {
          p: left.map((p) => inSentence(partName(p))).join(', '),
        })
      }}</template>
    </p>
  </div>
</template>
