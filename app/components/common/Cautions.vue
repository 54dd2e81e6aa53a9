<script setup lang="ts">
/** Cautions, by their id, before the step. */
defineProps<{ ids: readonly string[] }>()
const preferences = usePreferences()
</script>

<template>
  <p v-for="id in ids" :key="id" class="caution">{{ preferences.say({ id: `caution.${id}`, parameters: {} }) }}</p>
</template>
