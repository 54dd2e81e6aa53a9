<script setup lang="ts">
import type { CaseRecord } from '#core'

const { say } = useWords()

/** Every run of the starter so far, to be looked at and taken back. */
defineProps<{ runs: readonly CaseRecord<'cranking-rise.run'>[]; mayRecord: boolean }>()
const emit = defineEmits<{ takeBack: [run: string] }>()
const preferences = usePreferences()
</script>

<template>
  <details>
    <summary>
      {{
        say('cranking-rise.run-list.lookTakeBack', {
          runs: runs.length,
          runs2: runs.length === 1 ? 'run' : 'runs',
        })
      }}
    </summary>
    <ul>
      <li v-for="run in runs" :key="run.id">
        <span>{{
          say('cranking-rise.run-list.plugsIn', { plugged: run.data.plugged.join(', ') })
        }}</span><strong>{{
          say('cranking-rise.run-list.inS', {
            rise: preferences.show(
              'pressure',
              run.data.after.coreValue - run.data.before.coreValue,
            ),
            seconds: run.data.seconds,
          })
        }}</strong
        ><span class="small quiet">{{
          run.data.staysAfter === 'no' ? say('cranking-rise.run-list.fellBackDoesNotCount') : ''
        }}</span
        ><button
          type="button"
          class="plain-button"
          :disabled="!mayRecord"
          @click="emit('takeBack', run.id)"
        >
          {{ say('cranking-rise.run-list.takeBack') }}
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
