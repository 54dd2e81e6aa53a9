<script setup lang="ts">
import { loadRunCheck } from '#core'
</script>

<template>
  <RecordForm
    :check="loadRunCheck"
    kind="load-run.run"
    :shown="[
      { path: 'leastMarginK', kind: 'temperatureDifference' },
      { path: 'boilingPointC', kind: 'temperature' },
      { path: 'withAirConditioningK', kind: 'temperatureDifference' },
    ]"
  />
</template>
