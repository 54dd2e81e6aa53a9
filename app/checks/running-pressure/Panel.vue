<script setup lang="ts">
import { runningPressureCheck } from '#core'
</script>

<template>
  <RecordForm
    :check="runningPressureCheck"
    kind="running-pressure.run"
    :shown="[
      { path: 'atSixtyKPa', kind: 'pressure' },
      { path: 'highestKPa', kind: 'pressure' },
    ]"
  />
</template>
