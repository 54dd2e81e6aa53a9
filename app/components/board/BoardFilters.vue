<script setup lang="ts">
import { mdiMagnify, mdiTune } from '@mdi/js'
import { COMPLAINTS } from '#core'
import { type BoardFilter, EVERYTHING_OPEN, isNarrowed } from '../../shop/filters'

/** Which cases the board shows: by words, complaint, bay, person, and whether they are open. */
const filter = defineModel<BoardFilter>({ required: true })
defineProps<{
  bays: readonly string[]
  people: readonly { id: string; name: string }[]
}>()

const { say } = useWords()
const field = <K extends keyof BoardFilter>(name: K) =>
  computed<BoardFilter[K]>({
    get: () => filter.value[name],
    set: (value) => (filter.value = { ...filter.value, [name]: value }),
  })
const [text, complaint, bay, person, state] = [
  field('text'),
  field('complaint'),
  field('bay'),
  field('person'),
  field('state'),
]
/** on a narrow screen the choices stand behind a button, so that the first case is seen */
const isUnfolded = ref(false)
const isChanged = computed(() => isNarrowed(filter.value) || filter.value.state !== 'open')
</script>

<template>
  <form class="filters" role="search" :aria-label="say('board.find')" @submit.prevent>
    <label class="search"
      ><v-icon :icon="mdiMagnify" size="24" aria-hidden="true" /><input
        v-model="text"
        type="search"
        aria-keyshortcuts="f"
        maxlength="80"
        :aria-label="say('board.search')"
        :placeholder="say('board.search')"
    /></label>
    <button
      type="button"
      class="fold"
      :aria-expanded="isUnfolded"
      :aria-label="say('board.filter')"
      @click="isUnfolded = !isUnfolded"
    >
      <v-icon :icon="mdiTune" size="26" />
    </button>
    <div class="choices" :class="{ unfolded: isUnfolded }">
      <select v-model="complaint" :aria-label="say('board.complaint')">
        <option :value="undefined">{{ say('board.anyComplaint') }}</option>
        <option v-for="value in COMPLAINTS" :key="value" :value="value">
          {{ say(`complaint.${value}`) }}
        </option>
      </select>
      <select v-model="bay" :aria-label="say('board.bay')">
        <option :value="undefined">{{ say('board.anyBay') }}</option>
        <option v-for="value in bays" :key="value" :value="value">{{ value }}</option>
      </select>
      <select v-model="person" :aria-label="say('board.person')">
        <option :value="undefined">{{ say('board.anybody') }}</option>
        <option v-for="one in people" :key="one.id" :value="one.id">{{ one.name }}</option>
      </select>
      <select v-model="state" :aria-label="say('board.state')">
        <option value="open">{{ say('board.stateOpen') }}</option>
        <option value="closed">{{ say('board.stateClosed') }}</option>
        <option value="all">{{ say('board.stateAll') }}</option>
      </select>
    </div>
    <button
      v-if="isChanged"
      type="button"
      class="plain-button"
      @click="filter = { ...EVERYTHING_OPEN }"
    >
      {{ say('board.clear') }}
    </button>
  </form>
</template>

<style scoped>
.filters {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
}
.choices {
  display: contents;
}
.fold {
  display: none;
}
.search {
  flex: 1 1 260px;
  display: flex;
  align-items: center;
  gap: 8px;
  padding: 0 12px;
}
.search input {
  flex: 1;
  min-width: 0;
  font: inherit;
  color: inherit;
  background: none;
  border: 0;
  outline: 0;
  min-height: 44px;
}
.search,
select {
  min-height: 48px;
  border: 1.5px solid var(--line);
  border-radius: 4px;
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
}
.search:focus-within {
  border-color: var(--ink);
}
select {
  flex: 0 1 auto;
  padding: 0 10px;
  max-width: 100%;
}
@media (max-width: 700px) {
  .search {
    flex: 1 1 200px;
  }
  .fold {
    display: grid;
    place-items: center;
    min-width: 52px;
    min-height: 48px;
    border: 1.5px solid var(--line);
    border-radius: 4px;
    background: var(--sheet);
  }
  .choices {
    display: none;
    flex: 1 1 100%;
    flex-wrap: wrap;
    gap: 8px;
  }
  .choices.unfolded {
    display: flex;
  }
  select {
    flex: 1 1 40%;
    min-width: 0;
  }
}
</style>
