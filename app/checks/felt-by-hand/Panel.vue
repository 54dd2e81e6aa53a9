<script setup lang="ts">
import { feltByHandCheck } from '#core'
</script>

<template>
  <RecordForm :check="feltByHandCheck" kind="felt-by-hand.feel" />
</template>
