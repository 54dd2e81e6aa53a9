<script setup lang="ts">
/** Takes in the file of a case; says what came of it through `said` and `failed`. */
const emit = defineEmits<{ said: [sentence: string]; failed: [sentence: string] }>()

const { say } = useWords()
const picker = useTemplateRef<HTMLInputElement>('picker')
const { step, look, take, stop, leave } = useImport({
  said: (sentence) => emit('said', sentence),
  failed: (sentence) => emit('failed', sentence),
})

async function chosen() {
  const file = picker.value?.files?.[0]
  if (!file) return
  emit('said', '')
  emit('failed', '')
  await look(file)
  if (picker.value) picker.value.value = ''
}
</script>

<template>
  <input
    ref="picker"
    type="file"
    accept="application/json,.json,application/zip,.zip"
    class="hidden-input"
    :aria-label="say('board.caseFileToImport')"
    @change="chosen"
  />
  <v-btn @click="picker?.click()">{{ say('board.importACase') }}</v-btn>
  <ImportDialog v-if="step" :step="step" @take="take" @stop="stop" @leave="leave" />
</template>

<style scoped>
.hidden-input {
  position: absolute;
  width: 1px;
  height: 1px;
  opacity: 0;
  pointer-events: none;
}
</style>
