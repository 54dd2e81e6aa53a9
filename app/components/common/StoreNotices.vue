<script setup lang="ts">
/** What this device cannot keep, said where it happens, with what can be done. */
const { say } = useWords()
const shop = useShop()
const preferences = usePreferences()
const busy = ref(false)

async function during(work: () => Promise<void>) {
  busy.value = true
  await work().finally(() => (busy.value = false))
}
const problem = computed(() => shop.unkept.at(-1)?.problem)
</script>

<template>
  <div v-if="shop.unkept.length > 0" class="caution no-print notice" role="alert">
    <span
      >{{ say('store.couldNotBeKept', { unkept: shop.unkept.length }) }}
      <template v-if="problem">{{ preferences.say(problem) }}</template></span
    >
    <v-btn :disabled="busy" @click="during(shop.keepAgain)">{{ say('store.keepAgain') }}</v-btn>
    <v-btn class="solid" :disabled="busy" @click="during(shop.sendDirectly)">{{
      say('store.sendDirectly')
    }}</v-btn>
    <v-btn to="/outbox">{{ say('store.lookAndExport') }}</v-btn>
  </div>
  <p v-if="shop.isVolatile" class="caution no-print" role="status">
    {{ say('store.nothingIsKeptHere') }}
  </p>
  <p v-if="shop.trouble" class="caution no-print" role="status">
    {{ preferences.say(shop.trouble) }}
  </p>
  <p v-if="shop.littleLeftBytes !== undefined" class="caution no-print" role="status">
    {{ say('store.littleRoom', { megabytes: Math.floor(shop.littleLeftBytes / 1e6) }) }}
  </p>
</template>

<style scoped>
.notice {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 12px;
}
.notice > span {
  flex: 1 1 260px;
}
</style>
