<script setup lang="ts">
import { chemicalGasTestCheck } from '#core'
</script>

<template>
  <RecordForm :check="chemicalGasTestCheck" kind="chemical-gas-test.test" />
</template>
