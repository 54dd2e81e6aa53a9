<script setup lang="ts">
import {
  capCheck,
  type CheckOutcome,
  latestLooks,
  lookRoundCheck,
  outcomesOf,
  type PartLook,
  partsOf,
} from '#core'
import { useFoundAt } from './use-found-at'

const { say, stateWords, partName } = useWords()

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
    .map((p) => partName(p)),
)
const foundAt = useFoundAt()
const said = (look: PartLook) =>
  [
    say('look-round.report.seen', { part: partName(look.part), seen: look.seen }),
    ...foundAt(look),
  ].join(', ')
const airSide = computed(() =>
  outcomesOf(props.outcomes, lookRoundCheck).filter((o) => o.heatMatters),
)
</script>

<template>
  <section v-if="looks.length > 0 || airSide.length > 0">
    <h2>{{ say('look-round.report.lookRound') }}</h2>
    <p v-if="looks.length > 0">{{ looks.map((look) => said(look)).join('; ') }}.</p>
    <p v-if="notLooked.length > 0">
      <strong>{{ say('look-round.report.notLookedAt') }}</strong> {{ notLooked.join(', ') }}.
    </p>
    <template v-for="o in airSide" :key="o.source">
      <p>
        {{
          say('look-round.report.airSideAndSoftParts', {
            states: stateWords(o.check, o.states, say('look-round.report.nothingBad')),
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
