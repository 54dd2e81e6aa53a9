<script setup lang="ts">
import { correctedValue } from '#core'
import { formatClock } from '../../../words/format'
import type { HoldReadingRecord } from './use-hold'

const { say } = useWords()

/** Every reading of the hold, to be looked at and corrected, and the set-up with them. */
defineProps<{ readings: readonly HoldReadingRecord[] }>()
const emit = defineEmits<{ correct: [reading: HoldReadingRecord]; setUp: [] }>()
const open = useOpenCase()
const shop = useShop()
const preferences = usePreferences()
</script>

<template>
  <details v-if="readings.length > 0" class="readings">
    <summary>
      {{ say('pressure-hold.hold-readings.readingsLookCorrect', { readings: readings.length }) }}
    </summary>
    <ul>
      <li v-for="r in readings" :key="r.id">
        <span>{{ formatClock(r.data.elapsedSeconds) }}</span><strong>{{
          preferences.show('pressure', correctedValue(r.data.pressure))
        }}</strong
        ><span class="quiet small">{{
          say('pressure-hold.hold-readings.typed', {
            typed: r.data.pressure.typed,
            id: shop.isWaiting(r.id)
              ? say('pressure-hold.hold-readings.kept')
              : say('pressure-hold.hold-readings.sent'),
          })
        }}</span
        ><button
          type="button"
          class="plain-button"
          :disabled="!open.mayRecord.value"
          @click="emit('correct', r)"
        >
          {{ say('pressure-hold.hold-readings.correct') }}</button
        ><button
          type="button"
          class="plain-button"
          :disabled="!open.mayRecord.value"
          @click="shop.withdraw(open.id, r.id)"
        >
          {{ say('pressure-hold.hold-readings.takeBack') }}
        </button>
      </li>
    </ul>
    <button
      type="button"
      class="plain-button"
      :disabled="!open.mayRecord.value"
      @click="emit('setUp')"
    >
      {{ say('pressure-hold.hold-readings.correctTheSetUp') }}
    </button>
  </details>
</template>

<style scoped>
.readings ul {
  list-style: none;
  margin: 6px 0 0;
  padding: 0;
}
.readings li {
  display: grid;
  grid-template-columns: 60px 110px 1fr auto auto;
  gap: 10px;
  align-items: center;
  border-bottom: 1px solid var(--line);
  min-height: 48px;
}
@media (max-width: 700px) {
  .readings li {
    grid-template-columns: 48px 1fr auto auto;
    gap: 6px;
    padding: 6px 0;
  }
  .readings .plain-button {
    padding: 6px 10px;
    white-space: nowrap;
  }
  .readings li > .small {
    grid-area: 2 / 2 / 3 / -1;
  }
}
summary {
  cursor: pointer;
  min-height: 44px;
  display: flex;
  align-items: center;
  font-weight: 600;
}
</style>
