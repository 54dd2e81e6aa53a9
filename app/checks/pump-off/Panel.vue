<script setup lang="ts">
import { pumpOffCheck } from '#core'
</script>

<template>
  <RecordForm :check="pumpOffCheck" kind="pump-off.look" />
</template>
