<script setup lang="ts">
import type { QuantityRecord } from '#core'

const { say } = useWords()

/** A gauge that the shop's list does not have yet: what must be known of it before it reads a hold. */
const name = defineModel<string>('name', { required: true })
const step = defineModel<QuantityRecord | undefined>('step')
const offset = defineModel<QuantityRecord | undefined>('offset')
const strokeVolume = defineModel<QuantityRecord | undefined>('strokeVolume')
</script>

<template>
  <div class="row top new">
    <v-text-field
      v-model="name"
      :label="say('pressure-hold.hold-setup.nameOfTheGauge')"
      maxlength="80"
    />
    <QuantityField
      v-model="step"
      :label="say('pressure-hold.hold-setup.smallestStep')"
      kind="pressure"
      :limits="{ min: 0.01, max: 50 }"
    />
    <QuantityField
      v-model="offset"
      :label="say('pressure-hold.hold-setup.readsTooHighBy')"
      kind="pressure"
      :limits="{ min: -60, max: 60 }"
      optional
      :hint="say('pressure-hold.hold-setup.2WhenItReads2')"
    />
    <QuantityField
      v-model="strokeVolume"
      :label="say('pressure-hold.hold-setup.pumpPerStroke')"
      kind="smallVolume"
      :limits="{ min: 1, max: 2000 }"
      optional
    />
  </div>
</template>

<style scoped>
.top {
  align-items: flex-start;
  gap: 16px;
}
.new {
  border-left: 6px solid var(--line);
  padding-left: 12px;
}
.new > :first-child {
  min-width: 180px;
  margin-top: 26px;
}
</style>
