<script setup lang="ts">
import { thermostatBathCheck } from '#core'
</script>

<template>
  <RecordForm
    :check="thermostatBathCheck"
    kind="thermostat-bath.test"
    :shown="[{ path: 'opensAtC', kind: 'temperature' }]"
  />
</template>
