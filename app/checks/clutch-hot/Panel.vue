<script setup lang="ts">
import { clutchHotCheck } from '#core'
</script>

<template>
  <RecordForm :check="clutchHotCheck" kind="clutch-hot.test" />
</template>
