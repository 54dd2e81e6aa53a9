<script setup lang="ts">
import { DateTime } from 'luxon'
import { levelFollowUpCheck } from '#core'
import type { DueFollowUp } from '../../composables/use-board'

const { say } = useWords()

/** Repairs whose level is to be looked at again now, closed cases among them. */
defineProps<{ due: readonly DueFollowUp[] }>()
const since = (ms: number) => DateTime.fromMillis(ms).toFormat('d LLL')
</script>

<template>
  <section v-if="due.length > 0" class="sheet due" :aria-label="say('board.followUps')">
    <h2>{{ say('board.followUps') }}</h2>
    <ul>
      <li v-for="one in due" :key="one.id">
        <NuxtLink :to="`/cases/${one.id}?check=${levelFollowUpCheck.id}`">{{
          say('board.followUp', {
            vehicle: [one.vehicle, one.plate].filter(Boolean).join(' '),
            day: one.day,
            since: since(one.dueMs),
          })
        }}</NuxtLink>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.due {
  border-left: 6px solid var(--warn, var(--hot));
}
h2 {
  font-size: 19px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 0 24px;
}
a {
  display: inline-flex;
  align-items: center;
  min-height: 44px;
  font-weight: 600;
  color: inherit;
}
</style>
