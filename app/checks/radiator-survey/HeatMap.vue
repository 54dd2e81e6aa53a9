<script setup lang="ts">
const { say } = useWords()
const preferences = usePreferences()

/** The face of the core as it was read, rows from the top: the colder a reading beside the others, the bluer. */
const props = defineProps<{ gridC: readonly (readonly number[])[] }>()
const all = computed(() => props.gridC.flat())
const low = computed(() => Math.min(...all.value))
const span = computed(() => Math.max(1, Math.max(...all.value) - low.value))
/** Share of the hot colour, per cent. */
const heat = (celsius: number) => Math.round(((celsius - low.value) / span.value) * 100)
</script>

<template>
  <table class="map">
    <caption class="small quiet">
      {{
        say('radiator-survey.face')
      }}
    </caption>
    <tbody>
      <tr v-for="(row, r) in gridC" :key="r">
        <td v-for="(celsius, c) in row" :key="c" :style="{ '--heat': `${heat(celsius)}%` }">
          {{ preferences.show('temperature', celsius, 0) }}
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.map {
  border-collapse: separate;
  border-spacing: 2px;
}
caption {
  text-align: left;
  padding-bottom: 4px;
}
td {
  background: color-mix(in srgb, var(--hot) var(--heat), var(--cool));
  color: var(--sheet);
  font-weight: 600;
  text-align: center;
  padding: 4px 10px;
  min-width: 52px;
}
</style>
