<script setup lang="ts">
/** The unit beside a figure, at the end of its field: a tap takes the next one. */
defineProps<{ unit: string }>()
const { say } = useWords()
</script>

<template>
  <button type="button" :aria-label="say('common.quantity-field.unitTapForAnother', { unit })">
    {{ unit }}
  </button>
</template>

<style scoped>
button {
  align-self: stretch;
  min-width: 62px;
  min-height: 48px;
  border: 0;
  border-left: 2px solid var(--line);
  color: var(--ink-2);
  background: transparent;
  font: inherit;
  cursor: pointer;
}
</style>
