<script setup lang="ts">
import type { CheckId } from '#core'

const { say } = useWords()

/** What was noted beside this check at other vehicles of the model: told before the step, one line until it is opened. */
const props = defineProps<{ check: CheckId }>()
const open = useOpenCase()
const { model, notes } = inject(MODEL_NOTES)!
const ofOthers = computed(() =>
  notes.value.filter(({ note, caseId }) => note.data.check === props.check && caseId !== open.id),
)
</script>

<template>
  <details v-if="ofOthers.length > 0" class="unfold">
    <summary>{{ say('common.known-before.title', { n: ofOthers.length, model }) }}</summary>
    <WrittenNote
      v-for="{ note, vehicle } in ofOthers"
      :key="note.id"
      :note="note"
      :from="vehicle"
    />
  </details>
</template>

<style scoped>
.unfold {
  margin-bottom: 8px;
}
</style>
