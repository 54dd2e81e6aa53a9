<script setup lang="ts">
import type { Hold } from './use-hold'

const { say } = useWords()

/** Beside the reading of a hold: the pad, another time than now, what else happened, and its end. */
const { hold } = defineProps<{ hold: Hold; padShown: boolean }>()
const atShown = defineModel<boolean>('atShown', { required: true })
/** minutes and seconds after the start, as typed */
const at = defineModel<string>('at', { required: true })
const emit = defineEmits<{ pad: []; end: [] }>()
</script>

<template>
  <div class="row">
    <button v-if="!padShown" type="button" class="plain-button" @click="emit('pad')">
      {{ say('pressure-hold.hold-entry.numericPad') }}
    </button>
    <button type="button" class="plain-button" :aria-expanded="atShown" @click="atShown = !atShown">
      {{ say('pressure-hold.hold-entry.atAnotherTime') }}
    </button>
    <v-text-field
      v-if="atShown"
      v-model="at"
      :label="say('pressure-hold.hold-entry.minutesAndSecondsLike4')"
      class="at"
    />
    <template v-if="hold.running.value">
      <button
        v-if="hold.readings.value.length < 2"
        type="button"
        class="plain-button"
        @click="hold.remark('target-not-reached')"
      >
        {{ say('pressure-hold.hold-entry.targetNeverReached') }}
      </button>
      <button
        v-if="hold.readings.value.length > 0"
        type="button"
        class="plain-button"
        @click="hold.remark('pressed-again')"
      >
        {{ say('pressure-hold.hold-entry.pressedAgain') }}
      </button>
      <button type="button" class="plain-button" @click="emit('end')">
        {{ say('pressure-hold.hold-entry.endTheHold') }}
      </button>
    </template>
  </div>
</template>

<style scoped>
.at {
  max-width: 240px;
}
</style>
