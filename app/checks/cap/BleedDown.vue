<script setup lang="ts">
import type { CapTest, Instrument, QuantityRecord } from '#core'

const { say } = useWords()

/** Readings of a cap after it has opened and closed, a line each: the seconds since then, and the pressure. */
defineProps<{ instrument?: Instrument }>()
type Reading = NonNullable<CapTest['bleedDown']>[number]
/** A line that may still lack its seconds or its pressure. */
export interface Line {
  id: number
  seconds?: number
  pressure?: QuantityRecord
}
const lines = defineModel<Line[]>({ required: true })
const LIMITS = { min: 0, max: 300 }
let next = 0
const add = () => {
  next = Math.max(next, ...lines.value.map(({ id }) => id + 1))
  lines.value = [...lines.value, { id: next }]
}
const set = (id: number, change: Partial<Line>) =>
  (lines.value = lines.value.map((line) => (line.id === id ? { ...line, ...change } : line)))

const isWhole = (line: Line): line is Line & Reading =>
  line.pressure !== undefined && line.seconds !== undefined
/** The readings as a record takes them, or what is wrong with them; nothing where none were begun. */
function readings(): Reading[] | { problem: string } | undefined {
  if (lines.value.length === 0) return undefined
  const whole = lines.value.filter(isWhole)
  const rises = whole.every((l, i) => i === 0 || l.seconds > whole[i - 1]!.seconds)
  if (whole.length < lines.value.length || !rises) return { problem: say('cap.timesMustRise') }
  if (whole.length < 2) return { problem: say('cap.oneReadingIsNone') }
  return whole.map(({ seconds, pressure }) => ({ seconds, pressure }))
}
defineExpose({ readings })
</script>

<template>
  <details class="unfold" :open="lines.length > 0">
    <summary>{{ say('cap.bleedDown') }}</summary>
    <div v-for="(line, at) in lines" :key="line.id" class="row" role="group">
      <NumberField
        :model-value="line.seconds"
        :label="say('cap.secondsAfter')"
        unit="s"
        :min="0"
        :max="1800"
        @update:model-value="set(line.id, { seconds: $event })"
      />
      <QuantityField
        :model-value="line.pressure"
        :label="say('cap.pressureThen')"
        kind="pressure"
        :instrument="instrument"
        :limits="LIMITS"
        @update:model-value="set(line.id, { pressure: $event })"
      />
      <button
        type="button"
        class="plain-button"
        :aria-label="say('cap.takeReadingOut', { at: at + 1 })"
        @click="lines = lines.filter(({ id }) => id !== line.id)"
      >
        ×
      </button>
    </div>
    <v-btn @click="add">{{ say('cap.readAgain') }}</v-btn>
  </details>
</template>

<style scoped>
.row {
  align-items: flex-end;
  margin-bottom: 8px;
}
</style>
