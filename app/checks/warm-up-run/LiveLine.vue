<script setup lang="ts">
import { MODE_01, type VehicleValue } from '#core'
import { type LiveState, OWN_PORT } from './live-source'

const { say } = useWords()

/** The vehicle read live: which adapter, what it says now, and what stands in the way. */
const props = defineProps<{
  adapters: readonly string[]
  /** this browser reads serial ports */
  hasPorts: boolean
  followed: string | undefined
  state: LiveState
  garbled: number
  latest: ReadonlyMap<VehicleValue, number>
  disabled: boolean
}>()
const emit = defineEmits<{ follow: [adapter: string]; followPort: []; stop: [] }>()
const preferences = usePreferences()
const SHOWN = ['engine-speed', 'road-speed', 'intake-air', 'module-voltage', 'ambient'] as const
const coolant = computed(() => props.latest.get('coolant'))
const calledFrom = computed(() =>
  props.followed === OWN_PORT ? say('warm-up-run.live.ownPort') : (props.followed ?? ''),
)
const isReading = computed(() => props.state === 'reading')

function text(name: VehicleValue, value: number) {
  const { unit } = MODE_01[name]
  return unit === '°C'
    ? preferences.show('temperature', value, 0)
    : `${value.toFixed(unit === 'V' ? 1 : 0)} ${unit}`
}
const beside = computed(() =>
  SHOWN.flatMap((name) => {
    const value = props.latest.get(name)
    return value === undefined ? [] : [{ name, text: text(name, value) }]
  }),
)
</script>

<template>
  <div v-if="followed === undefined" class="row">
    <v-btn
      v-for="name in adapters"
      :key="name"
      :disabled="disabled"
      @click="emit('follow', name)"
      >{{ say('warm-up-run.live.read', { name }) }}</v-btn
    >
    <v-btn v-if="hasPorts" :disabled="disabled" @click="emit('followPort')">{{
      say('warm-up-run.live.readPort')
    }}</v-btn>
  </div>
  <div v-else class="live" :class="{ off: !isReading }">
    <strong class="coolant" data-live-coolant>{{
      coolant === undefined ? '–' : text('coolant', coolant)
    }}</strong>
    <div class="grow said">
      <p role="status">
        {{ say(`warm-up-run.live.state.${state}`, { name: calledFrom }) }}
      </p>
      <p class="small quiet values">
        <span v-for="one in beside" :key="one.name"
          >{{ say(`warm-up-run.live.value.${one.name}`) }} {{ one.text }}</span
        >
        <span v-if="garbled > 0">{{ say('warm-up-run.live.garbled', { lines: garbled }) }}</span>
      </p>
    </div>
    <v-btn @click="emit('stop')">{{ say('warm-up-run.live.stop') }}</v-btn>
  </div>
</template>

<style scoped>
.live {
  display: flex;
  align-items: center;
  gap: 14px;
  border-left: 6px solid var(--cool);
  background: var(--rail);
  padding: 8px 12px;
}
.live.off {
  border-color: var(--hot);
}
.coolant {
  font-size: 40px;
  line-height: 1;
  min-width: 104px;
}
.said {
  min-width: 0;
}
.values {
  display: flex;
  flex-wrap: wrap;
  gap: 0 14px;
}
</style>
