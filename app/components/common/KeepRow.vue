<script setup lang="ts">
/** What keeps an entry, with what is wrong with it: stays in reach at the foot of a form, until nothing is to be kept. */
defineProps<{
  problem?: string
  /** nothing is to be kept: it lies over nothing */
  kept?: boolean
}>()
</script>

<template>
  <div class="row keep-row" :class="{ kept }">
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <slot />
  </div>
</template>

<style scoped>
.keep-row {
  position: sticky;
  /* Above the strip of what is below on a laptop, above what is next and the tabs on a phone. */
  bottom: max(38px, var(--foot-height));
  z-index: 3;
  padding: 8px 0;
  background: var(--sheet);
}
.problem {
  flex-basis: 100%;
}
:slotted(.solid) {
  flex-shrink: 0;
}
.keep-row.kept {
  position: static;
}
</style>
