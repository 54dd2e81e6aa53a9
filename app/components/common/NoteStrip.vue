<script setup lang="ts">
import { type CheckId, ofKind, type RecordData } from '#core'

const { say } = useWords()

/** What no field of a check asks for, in words: written beside it, and read there by whoever works on it next. */
const props = defineProps<{ check: CheckId }>()
const open = useOpenCase()
const shop = useShop()
const { model } = inject(MODEL_NOTES)!
const isUnfolded = ref(false)
const mine = computed(() =>
  ofKind(open.records.value, 'note').filter(({ data }) => data.check === props.check),
)
async function keep(note: RecordData<'note'>) {
  isUnfolded.value = false
  await shop.addRecord(open.id, 'note', { ...note, check: props.check })
}
</script>

<template>
  <div class="notes">
    <WrittenNote
      v-for="note in mine"
      :key="note.id"
      class="note"
      :note="note"
      :may-take-back="open.mayRecord.value"
      @take-back="shop.withdraw(open.id, note.id)"
    />
    <button
      type="button"
      class="plain-button"
      aria-keyshortcuts="d"
      :aria-expanded="isUnfolded"
      :disabled="!open.mayRecord.value"
      @click="isUnfolded = !isUnfolded"
    >
      {{ say('common.note-strip.note') }}
    </button>
    <NoteForm
      v-show="isUnfolded"
      class="form"
      :model="model"
      @typed="isUnfolded = true"
      @keep="keep"
    />
  </div>
</template>

<style scoped>
/* Its button stands in the row of what is kept beside a check; what it opens, and what was written, below that row. */
.notes {
  display: contents;
}
.note,
.form {
  flex-basis: 100%;
  order: 1;
}
.form {
  order: 2;
}
</style>
