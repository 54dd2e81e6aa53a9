<script setup lang="ts">
/** Large answers, row by row; each tap is kept at once. */
export interface AnswerRow {
  key: string
  label: string
  options: readonly { value: string; text: string }[]
}
const props = defineProps<{
  rows: readonly AnswerRow[]
  values: Readonly<Record<string, unknown>>
  disabled?: boolean
}>()
const answerOf = (key: string) => {
  const value = props.values[key]
  return typeof value === 'string' ? value : undefined
}
const emit = defineEmits<{ set: [key: string, value: string] }>()
</script>

<template>
  <div class="rows">
    <ChoiceRow
      v-for="row in rows"
      :key="row.key"
      :label="row.label"
      :options="row.options"
      :disabled="disabled"
      :model-value="answerOf(row.key)"
      @update:model-value="emit('set', row.key, $event)"
    />
  </div>
</template>

<style scoped>
.rows {
  display: flex;
  flex-direction: column;
  gap: 14px;
}
</style>
