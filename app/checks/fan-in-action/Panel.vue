<script setup lang="ts">
import { fanInActionCheck } from '#core'
</script>

<template>
  <RecordForm
    :check="fanInActionCheck"
    kind="fan-in-action.watch"
    :shown="[
      { path: 'lateByK', kind: 'temperatureDifference' },
      { path: 'hysteresisK', kind: 'temperatureDifference' },
    ]"
  />
</template>
