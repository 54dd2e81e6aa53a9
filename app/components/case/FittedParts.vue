<script setup lang="ts">
import { mdiDeleteOutline } from '@mdi/js'

/** Parts that went in with a repair, each with the batch that stands on it. */
export interface Fitted {
  part: string
  batch: string
}
const parts = defineModel<Fitted[]>({ required: true })
defineProps<{ disabled: boolean }>()
const { say } = useWords()
const MOST_PARTS = 20
const change = (at: number, field: keyof Fitted, text: string) =>
  (parts.value = parts.value.map((one, i) => (i === at ? { ...one, [field]: text } : one)))
</script>

<template>
  <div v-for="(one, at) in parts" :key="at" class="fitted" role="group" :aria-label="`${at + 1}`">
    <v-text-field
      :model-value="one.part"
      :label="say('case.fitted.part')"
      :disabled="disabled"
      maxlength="100"
      hide-details
      @update:model-value="change(at, 'part', $event)"
    />
    <v-text-field
      :model-value="one.batch"
      :label="say('case.fitted.batch')"
      :disabled="disabled"
      maxlength="60"
      hide-details
      @update:model-value="change(at, 'batch', $event)"
    />
    <v-btn
      :icon="mdiDeleteOutline"
      :aria-label="say('case.fitted.takeOut', { at: at + 1 })"
      :disabled="disabled"
      @click="parts = parts.filter((_, i) => i !== at)"
    />
  </div>
  <v-btn
    v-if="parts.length < MOST_PARTS"
    :disabled="disabled"
    @click="parts = [...parts, { part: '', batch: '' }]"
    >{{ say('case.fitted.add') }}</v-btn
  >
</template>

<style scoped>
.fitted {
  display: grid;
  grid-template-columns: 1fr 1fr auto;
  gap: 8px;
}
</style>
