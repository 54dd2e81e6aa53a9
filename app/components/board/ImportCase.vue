<script setup lang="ts">
import { MAX_FILE_BYTES } from '#core'
import { ask } from '../../local-store/api'

/** Takes in the file of a case; says what came of it through `said` and `failed`. */
const emit = defineEmits<{ said: [sentence: string]; failed: [sentence: string] }>()

const { say, sayProblem } = useWords()
const shop = useShop()
const picker = useTemplateRef<HTMLInputElement>('picker')
/** An import may take longer than other requests, ms. */
const IMPORT_LIMIT_MS = 60_000

async function takeIn(file: File) {
  if (file.size > MAX_FILE_BYTES)
    return emit(
      'failed',
      say('board.isTooLargeACase', {
        name: file.name,
        max_file_bytes: MAX_FILE_BYTES / 1048576,
      }),
    )
  try {
    const done = await ask<{ case: string; added: number; already: number }>(
      'POST',
      '/api/cases/import',
      await file.text(),
      IMPORT_LIMIT_MS,
    )
    emit(
      'said',
      done.added > 0
        ? say('board.entriesTakenIn', { name: file.name, added: done.added })
        : say('board.wasHereAlreadyNothingChanged', { name: file.name }),
    )
    await shop.synchronise()
  } catch (error) {
    emit('failed', `${file.name}: ${sayProblem(error)}`)
  }
}

async function chosen() {
  const file = picker.value?.files?.[0]
  if (!file) return
  emit('said', '')
  emit('failed', '')
  await takeIn(file)
  if (picker.value) picker.value.value = ''
}
</script>

<template>
  <input
    ref="picker"
    type="file"
    accept="application/json,.json"
    class="hidden-input"
    :aria-label="say('board.caseFileToImport')"
    @change="chosen"
  />
  <v-btn @click="picker?.click()">{{ say('board.importACase') }}</v-btn>
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
