<script setup lang="ts">
import { capCheck, type CheckOutcome, outcomesOf } from '#core'

const { say, stateWords } = useWords()

/** Every test of a cap: what it is, what it opens at and holds, and what that takes off the boiling point. */
const props = defineProps<{ outcomes: readonly CheckOutcome[] }>()
const preferences = usePreferences()
const caps = computed(() => outcomesOf(props.outcomes, capCheck))
</script>

<template>
  <section v-if="caps.length > 0">
    <h2>{{ say('cap.report.cap') }}</h2>
    <p v-for="cap in caps" :key="cap.source">
      {{
        say('cap.report.cap2', {
          states: stateWords(capCheck.id, cap.states, 'recorded.').toLowerCase().replace(/\.$/, ''),
        })
      }}<template v-if="cap.figures.openingKPaGauge !== undefined">{{
        say('cap.report.opensAt', {
          openingKPaGauge: preferences.show('pressure', cap.figures.openingKPaGauge),
        })
      }}</template
      ><template v-if="cap.figures.heldKPaGauge !== undefined">{{
        say('cap.report.holdsAfterAMinute', {
          heldKPaGauge: preferences.show('pressure', cap.figures.heldKPaGauge),
        })
      }}</template
      ><template v-if="cap.figures.boilingPointC !== undefined"
        >{{
          say('cap.report.coolantBoilsAtWithIt', {
            boilingPointC: preferences.show('temperature', cap.figures.boilingPointC),
          })
        }}<template v-if="(cap.figures.marginLostK ?? 0) > 0.5">{{
          say('cap.report.lessThanWithASound', {
            marginLostK: preferences.show('temperatureDifference', cap.figures.marginLostK!),
          })
        }}</template></template
      >{{
        say('cap.report.notClearedByThis', {
          doesNotProve: cap.figures.doesNotProve.map(preferences.say).join('; '),
        })
      }}
    </p>
  </section>
</template>
