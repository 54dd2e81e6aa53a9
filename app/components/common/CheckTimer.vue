<script setup lang="ts">
import { formatClock } from '../../../words/format'
import type { CheckId } from '#core'

const { say } = useWords()

/** A time for a check that waits. It goes on when one walks away, shows in the header everywhere, and calls out when it is over. */
const props = defineProps<{ check: CheckId; minutes: number; label: string }>()
const emit = defineEmits<{ stopped: [minutes: number] }>()
const open = useOpenCase()
const { now, own, startTimer, stopTimer } = useTimers()
const mine = computed(() =>
  own.value.findLast((t) => t.caseId === open.id && t.check === props.check),
)
const elapsedMs = computed(() => (mine.value ? Math.max(0, now.value - mine.value.startedAt) : 0))
const isDue = computed(() => mine.value !== undefined && elapsedMs.value >= mine.value.plannedMs)
function stop() {
  const minutes = elapsedMs.value / 60_000
  stopTimer(mine.value!.id)
  emit('stopped', minutes)
}
</script>

<template>
  <div class="timer" :class="{ due: isDue }">
    <button
      v-if="!mine"
      type="button"
      class="plain-button"
      :disabled="!open.mayRecord.value"
      @click="startTimer(open.id, check, minutes)"
    >
      {{ say('common.check-timer.startMin', { label, minutes }) }}
    </button>
    <template v-else>
      <strong class="clock" role="timer">{{ formatClock(elapsedMs / 1000) }}</strong>
      <span>{{
        say('common.check-timer.of', {
          plannedMs: formatClock(mine.plannedMs / 1000),
          isDue: isDue ? say('common.check-timer.timeIsOverReadIt') : '',
        })
      }}</span>
      <button type="button" class="plain-button" @click="stop">
        {{ say('common.check-timer.stop') }}
      </button>
    </template>
  </div>
</template>

<style scoped>
.timer {
  display: flex;
  align-items: center;
  gap: 12px;
}
.clock {
  font-size: 30px;
  font-weight: 600;
}
.due {
  border-left: 6px solid var(--hot);
  background: var(--hot-soft);
  padding: 4px 12px;
}
</style>
