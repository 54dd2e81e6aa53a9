<script setup lang="ts">
import { isTyping, press, type Shortcut, shortcutsNow } from '../../shortcuts/keys'

/** Keys that press what says so of itself, and "?", which shows those of the page as it stands. */
const { say } = useWords()
const preferences = usePreferences()
const open = ref(false)
const known = ref<Shortcut[]>([])

useEventListener('keydown', (event: KeyboardEvent) => {
  if (event.defaultPrevented || event.repeat) return
  const isWithControl = event.ctrlKey || event.metaKey
  const isFind = event.key.toLowerCase() === 'k' && isWithControl
  const isSingle = !isWithControl && !event.altKey && !isTyping(event.target)
  if (!isFind && !(isSingle && preferences.keys === 'on')) return
  if (event.key === '?') {
    known.value = shortcutsNow(document)
    open.value = true
  } else if (press(document, isFind ? '/' : event.key)) event.preventDefault()
})
</script>

<template>
  <v-dialog v-model="open" max-width="520" :aria-label="say('frame.keys')">
    <v-card class="pa-5 stack">
      <h2>{{ say('frame.keys') }}</h2>
      <dl>
        <div v-for="{ key, name } in known" :key="key">
          <dt>
            <kbd>{{ key }}</kbd>
          </dt>
          <dd>{{ name }}</dd>
        </div>
      </dl>
      <p class="small quiet">{{ say('frame.keysBeside') }}</p>
      <v-btn class="solid" @click="open = false">{{ say('frame.close') }}</v-btn>
    </v-card>
  </v-dialog>
</template>

<style scoped>
dl {
  margin: 0;
  columns: 2;
}
dl div {
  display: flex;
  gap: 10px;
  align-items: baseline;
  padding: 5px 0;
  break-inside: avoid;
}
kbd {
  display: inline-grid;
  place-items: center;
  min-width: 30px;
  min-height: 30px;
  padding: 0 6px;
  border: 1.5px solid var(--ink);
  border-radius: 4px;
  font: inherit;
  font-weight: 600;
}
dd {
  margin: 0;
}
@media (max-width: 500px) {
  dl {
    columns: 1;
  }
}
</style>
