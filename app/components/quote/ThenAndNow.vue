<script setup lang="ts">
import { faultName, type QuoteDrawn, type Suspect } from '#core'
import { formatChance } from '../../../words/format'

const { say } = useWords()

/** How the suspects were ranked when the quote was drawn up, and how they are now. */
const props = defineProps<{ quote: QuoteDrawn; suspects: readonly Suspect[] }>()
const SHOWN = 4
const rows = computed(() => {
  const then = new Map(props.quote.ranked.map(({ fault, probability }) => [fault, probability]))
  const now = new Map(props.suspects.map(({ fault, probability }) => [fault, probability]))
  const faults = [
    ...new Set([
      ...props.quote.ranked.map(({ fault }) => fault),
      ...props.suspects.slice(0, 3).map(({ fault }) => fault),
    ]),
  ]
  const chance = (value: number | undefined) => (value === undefined ? '–' : formatChance(value))
  return faults.slice(0, SHOWN).map((fault) => ({
    fault,
    name: faultName(fault),
    then: chance(then.get(fault)),
    now: chance(now.get(fault)),
  }))
})
</script>

<template>
  <section v-if="rows.length > 0" class="sheet" :aria-label="say('quote.thenAndNow')">
    <table>
      <thead>
        <tr>
          <th scope="col">{{ say('quote.suspect') }}</th>
          <th scope="col">{{ say('quote.rankedThen') }}</th>
          <th scope="col">{{ say('quote.rankedNow') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.fault">
          <th scope="row">{{ row.name }}</th>
          <td>{{ row.then }}</td>
          <td>{{ row.now }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
table {
  width: 100%;
  border-collapse: collapse;
}
th,
td {
  text-align: left;
  padding: 6px 12px 6px 0;
  border-bottom: 1px solid var(--line);
}
tbody th {
  font-weight: 500;
}
</style>
