<script setup lang="ts">
import { levelCreepCheck } from '#core'
</script>

<template>
  <RecordForm
    :check="levelCreepCheck"
    kind="level-creep.watch"
    :shown="[
      { path: 'riseMm', kind: 'length' },
      { path: 'lateSlopeMmPerMinute.value', kind: 'lengthRate' },
    ]"
  />
</template>
