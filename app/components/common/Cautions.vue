<script setup lang="ts">
/** Cautions, by their id, before the step. */
defineProps<{ ids: readonly string[] }>()
const preferences = usePreferences()
</script>

<template>
  <div class="caution">
    <p v-for="id in ids" :key="id">
      {{ preferences.say({ id: `caution.${id}`, parameters: {} }) }}
    </p>
  </div>
</template>
