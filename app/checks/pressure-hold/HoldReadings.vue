<script setup lang="ts">
import { correctedSi } from '#core'
import { formatClock } from '../../../words/format'
import type { HoldReadingRecord } from './use-hold'

/** Every reading of the hold, to be looked at and corrected, and the set-up with them. */
defineProps<{ readings: readonly HoldReadingRecord[] }>()
const emit = defineEmits<{ correct: [reading: HoldReadingRecord]; setUp: [] }>()
const open = useOpenCase()
const shop = useShop()
const preferences = usePreferences()
</script>

<template>
  <details v-if="readings.length > 0" class="readings">
    <summary>{{ readings.length }} readings: look, correct</summary>
    <ul>
      <li v-for="r in readings" :key="r.id">
        <span>{{ formatClock(r.data.elapsedSeconds) }}</span><strong>{{
          preferences.show('pressure', correctedSi(r.data.pressure))
        }}</strong
        ><span class="quiet small"
          >typed {{ r.data.pressure.typed }}{{ shop.isWaiting(r.id) ? ' · kept' : ' · sent' }}</span
        ><button
          type="button"
          class="plain-button"
          :disabled="!open.mayRecord.value"
          @click="emit('correct', r)"
        >
          Correct
        </button>
      </li>
    </ul>
    <button
      type="button"
      class="plain-button"
      :disabled="!open.mayRecord.value"
      @click="emit('setUp')"
    >
      Correct the set-up
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
  grid-template-columns: 60px 110px 1fr auto;
  gap: 10px;
  align-items: center;
  border-bottom: 1px solid var(--line);
  min-height: 48px;
}
summary {
  cursor: pointer;
  min-height: 44px;
  display: flex;
  align-items: center;
  font-weight: 600;
}
</style>
