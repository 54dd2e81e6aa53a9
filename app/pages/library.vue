<script setup lang="ts">
import { searchFaults } from '#core'

const { say } = useWords()

/** The book to read and to search: what gives a fault away, what proves it, how its repair is shown. */
const route = useRoute()
const router = useRouter()
const typed = ref(typeof route.query.text === 'string' ? route.query.text : '')
const found = computed(() => searchFaults(typed.value))
const chosen = computed(() =>
  typeof route.query.fault === 'string' ? route.query.fault : undefined,
)
/** The one that was tapped; on a wide screen the first found stands beside the list until then. */
const shown = computed(() => chosen.value ?? found.value[0]?.id)
const choose = (fault: string | undefined) =>
  router.replace({ query: { ...(typed.value ? { text: typed.value } : {}), fault } })
</script>

<template>
  <main class="library" :class="{ chosen: chosen !== undefined }">
    <div class="find">
      <h1>{{ say('library.title') }}</h1>
      <v-text-field
        v-model="typed"
        :label="say('library.search')"
        clearable
        hide-details
        @update:model-value="choose(undefined)"
      />
      <p class="small quiet" role="status">{{ say('library.found', { found: found.length }) }}</p>
      <NuxtLink to="/book" class="small">{{ say('library.toBook') }}</NuxtLink>
      <ul class="list">
        <li v-for="fault in found" :key="fault.id">
          <button type="button" :aria-current="fault.id === shown" @click="choose(fault.id)">
            <strong>{{ fault.name }}</strong><span class="small quiet">{{ fault.what }}</span>
          </button>
        </li>
      </ul>
    </div>
    <FaultPage
      v-if="shown"
      :key="shown"
      :fault="shown"
      class="page"
      @choose="choose"
      @back="choose(undefined)"
    />
  </main>
</template>

<style scoped>
.library {
  display: grid;
  grid-template-columns: 380px minmax(0, 1fr);
  gap: 16px;
  padding: 16px;
  max-width: 1280px;
  width: 100%;
  margin: 0 auto;
  align-items: start;
}
.find {
  position: sticky;
  top: 74px;
  max-height: calc(100dvh - 90px);
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.list {
  list-style: none;
  margin: 0;
  padding: 0;
  overflow-y: auto;
  border-top: 1px solid var(--line);
}
.list button {
  display: flex;
  flex-direction: column;
  width: 100%;
  text-align: left;
  gap: 2px;
  padding: 8px 10px;
  min-height: 48px;
  background: none;
  border: 0;
  border-bottom: 1px solid var(--line);
  border-left: 5px solid transparent;
  font: inherit;
  color: inherit;
  cursor: pointer;
  line-height: 1.15;
}
.list button[aria-current='true'] {
  border-left-color: var(--ink);
  background: var(--sheet);
}
@media (max-width: 999px) {
  .library {
    display: block;
    padding: 12px;
  }
  .find {
    position: static;
    max-height: none;
  }
  .library:not(.chosen) .page,
  .library.chosen .find {
    display: none;
  }
}
</style>
