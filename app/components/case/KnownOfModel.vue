<script setup lang="ts">
const { checkName, say } = useWords()

/** All that was noted in the shop of the model of this vehicle, by the check it was written beside. */
const { model, notes, problem } = inject(MODEL_NOTES)!
const open = useOpenCase()
const groups = computed(() => {
  const by = new Map<string, typeof notes.value>()
  for (const one of notes.value) {
    const about = one.note.data.check ?? ''
    by.set(about, [...(by.get(about) ?? []), one])
  }
  return [...by].map(([check, some]) => ({ check, notes: some }))
})
</script>

<template>
  <section class="stack" :aria-label="say('case.known-of-model.title', { model })">
    <h3>{{ say('case.known-of-model.title', { model }) }}</h3>
    <p v-if="problem" class="quiet small" role="status">{{ problem }}</p>
    <p v-if="notes.length === 0" class="quiet">{{ say('case.known-of-model.nothing') }}</p>
    <div v-for="group in groups" :key="group.check" class="stack">
      <h4 v-if="group.check">{{ checkName(group.check) }}</h4>
      <WrittenNote
        v-for="{ note, vehicle, caseId } in group.notes"
        :key="note.id"
        :note="note"
        :from="caseId === open.id ? undefined : vehicle"
      />
    </div>
  </section>
</template>

<style scoped>
h4 {
  margin: 0;
  font-size: 16px;
}
</style>
