<script setup lang="ts">
import { DateTime } from 'luxon'
import type { FoundCase } from '../../composables/use-shop-search'

/** Cases of the shop that do not stand on this device; one that is opened is fetched. */
defineProps<{
  found: readonly FoundCase[]
  more: boolean
  searching: boolean
  problem: unknown
  /** closed cases are not looked for */
  isOpenOnly: boolean
}>()
defineEmits<{ more: []; closedToo: [] }>()

const { say, sayProblem } = useWords()
const dayOf = (moment: string) => DateTime.fromISO(moment).toFormat('d LLL yyyy')
</script>

<template>
  <section class="stack" :aria-label="say('board.wholeShop')" :aria-busy="searching">
    <h2>{{ say('board.wholeShop') }}</h2>
    <p v-if="problem" class="problem" role="alert">
      {{ say('board.notSearched', { problem: sayProblem(problem) }) }}
    </p>
    <p v-else-if="searching && found.length === 0" class="quiet">{{ say('board.searching') }}</p>
    <p v-else-if="found.length === 0" class="quiet">
      {{ say(isOpenOnly ? 'board.noneElsewhereOpen' : 'board.noneElsewhere') }}
    </p>
    <ul v-if="found.length > 0" class="sheet list">
      <li v-for="one in found" :key="one.case.id">
        <NuxtLink :to="`/cases/${one.case.id}`">
          <strong>{{ one.vehicle.name }}</strong>
          <span v-if="one.vehicle.plate" class="plate">{{ one.vehicle.plate }}</span>
          <span class="what"
            >{{ say(`complaint.${one.case.complaint}`) }} · {{ one.case.title }}</span
          >
          <span class="quiet when">{{
            say(one.isOpen ? 'board.openedOn' : 'board.closedOpenedOn', {
              day: dayOf(one.case.openedAt),
            })
          }}</span>
        </NuxtLink>
      </li>
    </ul>
    <v-btn v-if="isOpenOnly" class="more" @click="$emit('closedToo')">{{
      say('board.closedToo')
    }}</v-btn>
    <v-btn v-if="more" :loading="searching" class="more" @click="$emit('more')">{{
      say('board.searchMore')
    }}</v-btn>
  </section>
</template>

<style scoped>
.list {
  list-style: none;
  margin: 0;
  padding: 0;
}
li + li {
  border-top: 1px solid var(--line);
}
a {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 12px;
  align-items: baseline;
  padding: 12px 16px;
  min-height: 52px;
  color: inherit;
  text-decoration: none;
}
a:hover {
  background: var(--rail);
}
.plate {
  font-weight: 600;
  border: 1.5px solid var(--ink-2);
  border-radius: 3px;
  padding: 0 6px;
  font-size: 15px;
  white-space: nowrap;
}
.what {
  flex: 1 1 200px;
}
.when {
  white-space: nowrap;
}
.more {
  align-self: flex-start;
}
</style>
