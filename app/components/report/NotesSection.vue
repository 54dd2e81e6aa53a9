<script setup lang="ts">
import type { CaseRecord } from '#core'

const { checkName, say } = useWords()

/** What was written beside the checks of this case, in words, with who and when. */
defineProps<{ notes: readonly CaseRecord<'note'>[]; who: (person: string) => string }>()
const { moment } = useMoments()
</script>

<template>
  <section v-if="notes.length > 0">
    <h2>{{ say('report.notes') }}</h2>
    <p v-for="note in notes" :key="note.id">
      <strong v-if="note.data.check">{{ checkName(note.data.check) }}: </strong
      ><span class="written">{{ note.data.text }}</span
      ><span class="small quiet">{{ ` · ${who(note.by)}, ${moment(note.observedAt)}` }}</span>
    </p>
  </section>
</template>

<style scoped>
.written {
  white-space: pre-line;
}
</style>
