<script setup lang="ts">
/** How likely something is, as a bar; the words for it stand beside it. A leading suspect glows when it is likely enough. */
defineProps<{ probability: number; leads?: boolean }>()
const HOT_FROM = 0.3
</script>

<template>
  <span class="track" aria-hidden="true"
    ><span
      :class="{ hot: leads && probability > HOT_FROM }"
      :style="{ width: `${Math.max(0.6, probability * 100)}%` }"
  /></span>
</template>

<style scoped>
.track {
  display: block;
  height: 8px;
  background: var(--rail);
}
.track span {
  display: block;
  height: 100%;
  background: var(--bar-fill);
  transition: width 0.6s ease;
}
.track span.hot {
  background: var(--hot);
}
@media (forced-colors: active) {
  .track {
    border: 1px solid CanvasText;
  }
  .track span {
    forced-color-adjust: none;
    background: CanvasText;
  }
}
@media (prefers-reduced-motion: reduce) {
  .track span {
    transition: none;
  }
}
</style>
