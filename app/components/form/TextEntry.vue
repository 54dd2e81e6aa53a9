<script setup lang="ts">
/** A line of text, its label above it as that of a figure stands. */
defineProps<{ label: string; most: number; disabled: boolean }>()
const model = defineModel<string | undefined>({ required: true })
const id = useId()
</script>

<template>
  <div class="text">
    <label :for="id">{{ label }}</label>
    <input
      :id="id"
      :value="model ?? ''"
      :maxlength="most"
      :disabled="disabled"
      autocomplete="off"
      autocapitalize="off"
      spellcheck="false"
      @input="model = ($event.target as HTMLInputElement).value || undefined"
    />
  </div>
</template>

<style scoped>
.text {
  display: flex;
  flex-direction: column;
  gap: 4px;
}
label {
  font-weight: 600;
}
input {
  min-height: 56px;
  padding: 0 12px;
  border: 2px solid var(--line);
  border-radius: 4px;
  background: var(--sheet);
  color: inherit;
  font: inherit;
  width: 100%;
  min-width: 0;
  max-width: 320px;
  box-sizing: border-box;
}
</style>
