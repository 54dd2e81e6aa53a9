<script setup lang="ts">
import type { RankedCase } from '#core'
import { formatChance } from '../../../words/format'

/** The likeliest suspects, and what is not proven of each. */
const props = defineProps<{ ranked: RankedCase }>()
const suspects = computed(() =>
  props.ranked.ranking.suspects.slice(0, 5).map((s) => ({
    ...s,
    open: s.guards.filter((g) => !g.met).map((g) => g.text),
  })),
)
</script>

<template>
  <section>
    <h2>What is likely, and what is not proven</h2>
    <table>
      <thead>
        <tr>
          <th>Suspect</th>
          <th>How likely</th>
          <th>Not proven yet</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="s in suspects" :key="s.fault">
          <td>{{ s.name }}<span v-if="s.role === 'consequence'"> (consequence)</span></td>
          <td>{{ formatChance(s.probability) }}</td>
          <td>
            {{ s.open.join('; ') || (s.guards.length > 0 ? 'nothing: all of it is shown' : '') }}
          </td>
        </tr>
      </tbody>
    </table>
    <p>
      Nothing wrong at all: {{ formatChance(ranked.ranking.nothingWrong) }}. Something the book does
      not list: {{ formatChance(ranked.ranking.notInTheBook) }}.
    </p>
  </section>
</template>
