<script setup lang="ts">
import { actuatorsCheck } from '#core'
</script>

<template>
  <RecordForm :check="actuatorsCheck" kind="actuators.test" each="device" />
</template>
