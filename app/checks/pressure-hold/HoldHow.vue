<script setup lang="ts">
import type { HoldStart } from '#core'

/** How a hold is made: what was shut off for it, and on a hot engine through what it is pressed. */
export type ShutOff = 'none' | NonNullable<HoldStart['isolated']>[number]
export type Relief = 'kept' | 'none'
defineProps<{ hot: boolean }>()
const shutOff = defineModel<ShutOff>('shutOff', { required: true })
const relief = defineModel<Relief | undefined>('relief', { required: true })
const { say } = useWords()
</script>

<template>
  <ChoiceRow
    v-if="hot"
    v-model="relief"
    :label="say('pressure-hold.hold-how.relief')"
    :options="[
      { value: 'kept', text: say('pressure-hold.hold-how.reliefKept') },
      { value: 'none', text: say('pressure-hold.hold-how.reliefNone') },
    ]"
  />
  <ChoiceRow
    v-model="shutOff"
    :label="say('pressure-hold.hold-how.shutOff')"
    :options="[
      { value: 'none', text: say('pressure-hold.hold-how.nothingShutOff') },
      { value: 'heater-core', text: say('pressure-hold.hold-how.heaterCore') },
      { value: 'coolers', text: say('pressure-hold.hold-how.coolers') },
    ]"
  />
</template>
