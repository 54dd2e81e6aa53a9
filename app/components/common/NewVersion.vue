<script setup lang="ts">
/** Says that a new version is here, and loads it when somebody wants to: never by itself in the middle of a reading. */
const { say } = useWords()
const { $pwa } = useNuxtApp()
const busy = ref(false)

async function load() {
  busy.value = true
  navigator.serviceWorker.addEventListener('controllerchange', () => location.reload(), {
    once: true,
  })
  await $pwa?.updateServiceWorker()
}
</script>

<template>
  <div v-if="$pwa?.needRefresh" class="news no-print" role="status">
    <span>{{ say('frame.newVersion') }}</span>
    <v-btn :loading="busy" @click="load">{{ say('frame.loadNewVersion') }}</v-btn>
  </div>
</template>

<style scoped>
.news {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 12px;
  padding: 8px 16px;
  background: var(--cool-soft);
}
.news span {
  flex: 1 1 260px;
}
</style>
