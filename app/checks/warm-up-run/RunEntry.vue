<script setup lang="ts">
import type { Instrument, QuantityRecord, WarmUpMark } from '#core'
import { type HandChannel, READ_BY_HAND } from './run-lines'

const { say } = useWords()

/** Readings while walking round a car that warms up: which place, what it shows, kept at the moment of the tap. */
const props = defineProps<{
  latest: ReadonlyMap<string, number>
  marked: readonly WarmUpMark['mark'][]
  disabled: boolean
}>()
const emit = defineEmits<{
  reading: [channel: HandChannel, reading: QuantityRecord]
  mark: [mark: WarmUpMark['mark']]
}>()
const preferences = usePreferences()
const channel = ref<HandChannel>('scan-coolant')
const reading = ref<QuantityRecord>()
const instrument = ref<Instrument>()
const LIMITS = { min: -50, max: 200 }
const MARKS = ['opened', 'fan-on', 'fan-off', 'boiling', 'stopped'] as const

const places = computed(() =>
  READ_BY_HAND.map((value) => {
    const last = props.latest.get(value)
    const shown = last === undefined ? '' : ` ${preferences.show('temperature', last, 0)}`
    return { value, text: `${say(`warm-up-run.channel.${value}`)}${shown}` }
  }),
)
function keep() {
  if (!reading.value) return
  emit('reading', channel.value, reading.value)
  reading.value = undefined
}
</script>

<template>
  <form class="stack" @submit.prevent="keep">
    <ChoiceRow
      v-model="channel"
      :label="say('warm-up-run.readAt')"
      :options="places"
      :disabled="disabled"
    />
    <div class="row entry">
      <QuantityField
        v-model="reading"
        :label="say('warm-up-run.itShows')"
        kind="temperature"
        :limits="LIMITS"
        :instrument="instrument"
        optional
      />
      <v-btn
        class="solid grow"
        aria-keyshortcuts="k"
        type="submit"
        :disabled="disabled || !reading"
        >{{ say('warm-up-run.keepReading') }}</v-btn
      >
      <InstrumentPick v-model="instrument" :kinds="['infrared', 'thermometer', 'scan-tool']" />
    </div>
    <div class="row" role="group" :aria-label="say('warm-up-run.happened')">
      <v-btn
        v-for="mark in MARKS"
        :key="mark"
        :disabled="disabled || (mark === 'stopped' && marked.includes(mark))"
        @click="emit('mark', mark)"
        >{{ say(`warm-up-run.mark.${mark}`) }}</v-btn
      >
    </div>
  </form>
</template>

<style scoped>
.entry {
  align-items: flex-end;
  gap: 14px;
}
</style>
