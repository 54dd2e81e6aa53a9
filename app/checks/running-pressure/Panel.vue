<script setup lang="ts">
import { runningPressureCheck } from '#core'
</script>

<template>
  <RecordForm
    :check="runningPressureCheck"
    kind="running-pressure.run"
    :shown="[
      { path: 'early.gainedKPa', kind: 'pressure' },
      { path: 'highestKPa', kind: 'pressure' },
    ]"
  />
</template>
