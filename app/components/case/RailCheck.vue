<script setup lang="ts">
import type { CheckId } from '#core'

const { checkName, say } = useWords()

/** One check on the rail: done or not, and whether it is the one in work. */
defineProps<{ check: CheckId; done: boolean; active: boolean }>()
const emit = defineEmits<{ choose: [] }>()
</script>

<template>
  <button
    type="button"
    :aria-current="active ? 'step' : undefined"
    :data-check="check"
    @click="emit('choose')"
  >
    <span class="box" :class="{ done, here: active }" aria-hidden="true">{{
      done ? '✓' : ''
    }}</span>{{ checkName(check)
    }}<span v-if="done" class="sr">{{ say('case.thermal-rail.done') }}</span>
  </button>
</template>

<style scoped>
button {
  display: flex;
  align-items: center;
  gap: 9px;
  min-height: 48px;
  background: none;
  border: 2px solid transparent;
  border-radius: 4px;
  font: inherit;
  font-weight: 500;
  color: inherit;
  text-align: left;
  cursor: pointer;
  padding: 0 6px;
  line-height: 1.1;
}
button[aria-current] {
  background: var(--sheet);
  border-color: var(--ink);
  font-weight: 600;
}
.box {
  width: 18px;
  height: 18px;
  border: 2px solid var(--ink-2);
  display: grid;
  place-items: center;
  font-size: 14px;
  flex: none;
  background: var(--sheet);
}
.box.done {
  background: var(--cool);
  border-color: var(--cool);
  color: var(--sheet);
}
.box.here:not(.done) {
  background: var(--ink);
  border-color: var(--ink);
}
.sr {
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
}
</style>
