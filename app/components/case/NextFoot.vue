<script setup lang="ts">
/**
 * At the foot of the check on a phone: what is next, and who leads. A tap opens both. It is there from the start, so that
 * nothing grows under a finger when the ranking comes.
 */
defineProps<{ step: string; lead: string }>()
</script>

<template>
  <button type="button" class="foot">
    <strong>{{ step }}</strong>
    <span v-if="lead" class="lead">{{ lead }}</span>
  </button>
</template>

<style scoped>
.foot {
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  line-height: 1.15;
}
.foot > * {
  max-width: 100%;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.lead {
  font-weight: 400;
  font-size: 15px;
}
</style>
