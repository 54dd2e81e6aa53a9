<script setup lang="ts">
import { watchDebounced } from '@vueuse/core'
import { ask } from '../../local-store/api'
import type { ToldRows } from '../../local-store/rows'
import { passesWords } from '../../shop/filters'

/** A vehicle seen here before, by any of its words: those on this device at once, then those of the whole shop. */
const chosen = defineModel<string | undefined>({ required: true })

const { say, sayProblem } = useWords()
const shop = useShop()
const text = ref('')
const problem = ref('')
/** Most that are offered at once. */
const MOST = 8
/** Typing is over when nothing was typed for so long, ms. */
const TYPED_MS = 250

const vehicle = computed(() => (chosen.value ? shop.vehicles.get(chosen.value) : undefined))
const offered = computed(() =>
  [...shop.vehicles.values()]
    .filter(({ name, model, plate }) => passesWords(text.value, [name, model, plate]))
    .sort((a, b) => a.name.localeCompare(b.name)),
)

async function search() {
  problem.value = ''
  if (!text.value.trim()) return
  const asked = new URLSearchParams({ text: text.value.trim() })
  try {
    await shop.takeIn(await ask<ToldRows>('GET', `/api/vehicles?${asked.toString()}`))
  } catch (error) {
    problem.value = say('new.onlyVehiclesHere', { problem: sayProblem(error) })
  }
}
watchDebounced(text, () => void search(), { debounce: TYPED_MS })
</script>

<template>
  <div v-if="vehicle" class="row">
    <p class="grow">
      {{ say('new.vehicle') }}: <strong>{{ vehicle.name }}</strong>
      <template v-if="vehicle.plate"> · {{ vehicle.plate }}</template>
      <template v-if="vehicle.model"> · {{ vehicle.model }}</template>
    </p>
    <v-btn @click="chosen = undefined">{{ say('new.anotherVehicle') }}</v-btn>
  </div>
  <div v-else class="stack">
    <v-text-field
      v-model="text"
      type="search"
      maxlength="80"
      :label="say('new.seenBefore')"
      hide-details
    />
    <ul v-if="text.trim()" class="found" :aria-label="say('new.seenBefore')">
      <li v-for="one in offered.slice(0, MOST)" :key="one.id">
        <button type="button" @click="chosen = one.id">
          <strong>{{ one.name }}</strong> {{ one.plate }} <span class="quiet">{{ one.model }}</span>
        </button>
      </li>
      <li v-if="offered.length === 0" class="quiet">{{ say('new.noneOfThese') }}</li>
      <li v-if="offered.length > MOST" class="quiet">
        {{ say('new.moreVehicles', { more: offered.length - MOST }) }}
      </li>
    </ul>
    <p v-if="problem" class="quiet" role="status">{{ problem }}</p>
  </div>
</template>

<style scoped>
.found {
  list-style: none;
  margin: 0;
  padding: 0;
  border: 1.5px solid var(--line);
  border-radius: 4px;
}
.found li + li {
  border-top: 1px solid var(--line);
}
.found li.quiet {
  padding: 10px 12px;
}
.found button {
  width: 100%;
  min-height: 48px;
  padding: 0 12px;
  text-align: left;
}
.found button:hover {
  background: var(--rail);
}
</style>
