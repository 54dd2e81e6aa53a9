<script setup lang="ts">
import { refillCheck } from '#core'
</script>

<template>
  <RecordForm
    :check="refillCheck"
    kind="refill.fill"
    :shown="[
      { path: 'fractionAfter', percent: true },
      { path: 'residualShare', percent: true },
    ]"
  />
</template>
