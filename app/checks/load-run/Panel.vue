<script setup lang="ts">
import { keeperSaidYes, loadRunCheck, ofKind, roadsTold } from '#core'
import LoadCompare from './LoadCompare.vue'

const { listed, say } = useWords()
const { open, all, figures } = useCheck(loadRunCheck, 'load-run.run')
const told = computed(() => {
  const roads = roadsTold(keeperSaidYes(open.records.value)).map((road) =>
    say(`load-run.told.${road}`),
  )
  return roads.length > 0 ? listed(roads) : undefined
})
/** The last drive before the last work on the vehicle, and the newest since. */
const runs = computed(() => {
  const since = new Set(all.value)
  const before = ofKind(open.records.value, 'load-run.run').findLast((run) => !since.has(run))
  const now = all.value.at(-1)
  return before && now ? { before, now } : undefined
})
</script>

<template>
  <p v-if="told" class="small">{{ say('load-run.driveAs', { roads: told }) }}</p>
  <RecordForm
    :check="loadRunCheck"
    kind="load-run.run"
    :shown="[
      { path: 'leastMarginK', kind: 'temperatureDifference' },
      { path: 'boilingPointC', kind: 'temperature' },
      { path: 'withAirConditioningK', kind: 'temperatureDifference' },
    ]"
  />
  <LoadCompare v-if="runs" v-bind="runs" :boils-c="figures?.boilingPointC" />
</template>
