<script setup lang="ts">
import type { RankedCase } from '#core'
import { formatChance } from '../../../words/format'

const { say } = useWords()

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
    <h2>{{ say('report.suspect-table.whatIsLikelyAndWhat') }}</h2>
    <table>
      <thead>
        <tr>
          <th>{{ say('report.suspect-table.suspect') }}</th>
          <th>{{ say('report.suspect-table.howLikely') }}</th>
          <th>{{ say('report.suspect-table.notProvenYet') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="s in suspects" :key="s.fault">
          <td>
            {{ s.name
            }}<span v-if="s.role === 'consequence'">
              {{ say('report.suspect-table.consequence') }}</span
            >
          </td>
          <td>{{ formatChance(s.probability) }}</td>
          <td>
            {{
              s.open.join('; ') ||
              (s.guards.length > 0 ? say('report.suspect-table.nothingAllOfItIs') : '')
            }}
          </td>
        </tr>
      </tbody>
    </table>
    <p>
      {{
        say('report.suspect-table.nothingWrongAtAllSomething', {
          nothingWrong: formatChance(ranked.ranking.nothingWrong),
          notInTheBook: formatChance(ranked.ranking.notInTheBook),
        })
      }}
    </p>
  </section>
</template>
