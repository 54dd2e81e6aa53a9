<script setup lang="ts">
import { gasAnalyserCheck } from '#core'
</script>

<template>
  <RecordForm
    :check="gasAnalyserCheck"
    kind="gas-analyser.test"
    :shown="[{ path: 'aboveBackgroundPpm', unit: 'ppm', decimals: 0 }]"
  />
</template>
