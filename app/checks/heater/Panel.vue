<script setup lang="ts">
import { heaterCheck } from '#core'
</script>

<template>
  <RecordForm
    :check="heaterCheck"
    kind="heater.test"
    :shown="[
      { path: 'dropK', kind: 'temperatureDifference' },
      { path: 'inletBelowEngineK', kind: 'temperatureDifference' },
      { path: 'ventBelowInletK', kind: 'temperatureDifference' },
    ]"
  />
</template>
