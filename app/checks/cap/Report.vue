<script setup lang="ts">
import { capCheck, type CheckOutcome, outcomesOf } from '#core'
import { stateWords } from '../../../words/states'

/** Every test of a cap: what it is, what it opens at and holds, and what that takes off the boiling point. */
const props = defineProps<{ outcomes: readonly CheckOutcome[] }>()
const preferences = usePreferences()
const caps = computed(() => outcomesOf(props.outcomes, capCheck))
</script>

<template>
  <section v-if="caps.length > 0">
    <h2>Cap</h2>
    <p v-for="cap in caps" :key="cap.source">
      Cap: {{ stateWords(capCheck.id, cap.states, 'recorded.').toLowerCase().replace(/\.$/, '')
      }}<template v-if="cap.figures.openingKPaGauge !== undefined"
        >; opens at {{ preferences.show('pressure', cap.figures.openingKPaGauge) }}</template
      ><template v-if="cap.figures.heldKPaGauge !== undefined"
        >, holds {{ preferences.show('pressure', cap.figures.heldKPaGauge) }} after a
        minute</template
      ><template v-if="cap.figures.boilingPointC !== undefined"
        >. Coolant boils at {{ preferences.show('temperature', cap.figures.boilingPointC) }} with
        it<template v-if="(cap.figures.marginLostK ?? 0) > 0.5"
          >, {{ preferences.show('temperatureDifference', cap.figures.marginLostK!) }} less than
          with a sound one</template
        ></template
      >. Not cleared by this: {{ cap.figures.doesNotProve.map(preferences.say).join('; ') }}.
    </p>
  </section>
</template>
