<script setup lang="ts">
const { say } = useWords()

/** Keys large enough for wet gloves; what they write is the text of the reading. */
const text = defineModel<string>({ required: true })
/** a reading is being typed; else what stands is the one before, and the first digit takes its place */
const typing = defineModel<boolean>('typing', { required: true })
const emit = defineEmits<{ close: [] }>()

const LONGEST = 12
const KEYS = ['7', '8', '9', '⌫', '4', '5', '6', 'C', '1', '2', '3', '.', '0'] as const
const named = (key: string) =>
  key === '⌫'
    ? say('pressure-hold.hold-entry.delete')
    : key === 'C'
      ? say('pressure-hold.hold-entry.clear')
      : key
function press(key: string) {
  const before = typing.value ? text.value : ''
  typing.value = true
  if (key === '⌫') text.value = text.value.slice(0, -1)
  else if (key === 'C') text.value = ''
  else if (before.length < LONGEST) text.value = before + key
}
</script>

<template>
  <div class="pad number-pad" role="group" :aria-label="say('pressure-hold.hold-entry.numericPad')">
    <button
      v-for="key in KEYS"
      :key="key"
      type="button"
      class="plain-button"
      :aria-label="named(key)"
      @click="press(key)"
    >
      {{ key }}
    </button>
    <button type="button" class="plain-button wide" @click="emit('close')">
      {{ say('pressure-hold.hold-entry.closePad') }}
    </button>
  </div>
</template>

<style scoped>
.pad {
  display: grid;
  grid-template-columns: repeat(4, minmax(56px, 90px));
  gap: 8px;
}
.pad button {
  font-size: 24px;
  min-height: 56px;
}
.pad .wide {
  grid-column: span 3;
  font-size: 17px;
}
</style>
