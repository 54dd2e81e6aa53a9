<script setup lang="ts">
import { pumpDeliveryCheck } from '#core'
</script>

<template>
  <RecordForm
    :check="pumpDeliveryCheck"
    kind="pump-delivery.test"
    :shown="[
      { path: 'share', percent: true },
      { path: 'madeKPa', kind: 'pressure' },
    ]"
  />
</template>
