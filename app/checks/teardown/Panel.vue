<script setup lang="ts">
import { teardownCheck } from '#core'
</script>

<template>
  <RecordForm
    :check="teardownCheck"
    kind="teardown.measure"
    each="what"
    :shown="[
      { path: 'worstGapMm', kind: 'length', decimals: 2 },
      { path: 'flatnessMm', kind: 'length', decimals: 2 },
    ]"
  />
</template>
