<script setup lang="ts">
import {
  capCheck,
  type CheckOutcome,
  latestLooks,
  lookRoundCheck,
  outcomesOf,
  type PartLook,
  PART_NAMES,
  partsOf,
} from '#core'

const { say, stateWords } = useWords()

/** What was seen part by part, what nobody looked at, and the air side. */
const props = defineProps<{ outcomes: readonly CheckOutcome[] }>()
const { input, records } = useOpenCase()
const preferences = usePreferences()
const looks = computed(() => [...latestLooks(records.value).values()].map((l) => l.data))
const looked = computed(() => new Set(looks.value.map((look) => look.part)))
const cap = computed(() => props.outcomes.some((o) => o.check === capCheck.id))
const notLooked = computed(() =>
  partsOf(input.value?.vehicle.profile ?? {})
    .filter((p) => p !== 'fan' && !looked.value.has(p) && !(p === 'cap' && cap.value))
    .map((p) => PART_NAMES[p]),
)
const airSide = computed(() =>
  outcomesOf(props.outcomes, lookRoundCheck).filter((o) => o.heatMatters),
)
const SEEN: Readonly<Record<PartLook['seen'], string>> = {
  dry: 'dry',
  stained: 'stained',
  wet: 'wet',
  'dried-and-wet-again': 'dried, wet again',
  issuing: 'coolant seen issuing',
}
</script>

<template>
  <section v-if="looks.length > 0 || airSide.length > 0">
    <h2>{{ say('look-round.report.lookRound') }}</h2>
    <p v-if="looks.length > 0">
      {{ looks.map((look) => `${PART_NAMES[look.part]}: ${SEEN[look.seen]}`).join('; ') }}.
    </p>
    <p v-if="notLooked.length > 0">
      <strong>{{ say('look-round.report.notLookedAt') }}</strong> {{ notLooked.join(', ') }}.
    </p>
    <template v-for="o in airSide" :key="o.source">
      <p>
        {{
          say('look-round.report.airSideAndSoftParts', {
            states: stateWords(o.check, o.states, 'nothing bad of what was looked at.'),
          })
        }}
      </p>
      <p v-for="note in o.notes" :key="note.id" class="small">{{ preferences.say(note) }}</p>
      <p class="small">
        <strong>{{ say('look-round.report.notClearedByThis') }}</strong>
        {{ o.doesNotProve.map(preferences.say).join('; ') }}.
      </p>
    </template>
  </section>
</template>
