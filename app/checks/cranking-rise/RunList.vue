<script setup lang="ts">
import type { CaseRecord } from '#core'

/** Every run of the starter so far, to be looked at and taken back. */
defineProps<{ runs: readonly CaseRecord<'cranking-rise.run'>[]; mayRecord: boolean }>()
const emit = defineEmits<{ takeBack: [run: string] }>()
const preferences = usePreferences()
</script>

<template>
  <details>
    <summary>{{ runs.length }} {{ runs.length === 1 ? 'run' : 'runs' }}: look, take back</summary>
    <ul>
      <li v-for="run in runs" :key="run.id">
        <span>plugs in {{ run.data.plugged.join(', ') }}</span
        ><strong
          >{{ preferences.show('pressure', run.data.after.si - run.data.before.si) }} in
          {{ run.data.seconds }} s</strong
        ><span class="small quiet">{{
          run.data.staysAfter === 'no' ? 'fell back: does not count' : ''
        }}</span
        ><button
          type="button"
          class="plain-button"
          :disabled="!mayRecord"
          @click="emit('takeBack', run.id)"
        >
          Take back
        </button>
      </li>
    </ul>
  </details>
</template>

<style scoped>
summary {
  cursor: pointer;
  min-height: 48px;
  display: flex;
  align-items: center;
  font-weight: 600;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 1fr auto 1fr auto;
  gap: 12px;
  align-items: center;
  border-bottom: 1px solid var(--line);
  min-height: 52px;
}
</style>
