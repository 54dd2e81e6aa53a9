<script setup lang="ts" generic="T extends string">
defineProps<{
  label: string
  options: readonly { value: T; text: string }[]
  modelValue: T | undefined
  hideLabel?: boolean
  disabled?: boolean
}>()
const emit = defineEmits<{ 'update:modelValue': [value: T] }>()
</script>

<template>
  <div class="field" role="radiogroup" :aria-label="label">
    <span v-if="!hideLabel" class="label">{{ label }}</span>
    <div class="choice">
      <button
        v-for="option in options"
        :key="option.value"
        type="button"
        role="radio"
        :disabled="disabled"
        :aria-checked="modelValue === option.value"
        @click="emit('update:modelValue', option.value)"
      >
        {{ option.text }}
      </button>
    </div>
  </div>
</template>

<style scoped>
.field {
  display: flex;
  flex-direction: column;
  gap: 6px;
}
.label {
  font-weight: 600;
}
</style>
