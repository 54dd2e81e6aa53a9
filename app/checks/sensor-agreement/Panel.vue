<script setup lang="ts">
import { sensorAgreementCheck } from '#core'
</script>

<template>
  <RecordForm :check="sensorAgreementCheck" kind="sensor-agreement.compare" />
</template>
