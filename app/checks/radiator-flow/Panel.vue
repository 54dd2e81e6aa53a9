<script setup lang="ts">
import { radiatorFlowCheck } from '#core'
</script>

<template>
  <RecordForm :check="radiatorFlowCheck" kind="radiator-flow.test" />
</template>
