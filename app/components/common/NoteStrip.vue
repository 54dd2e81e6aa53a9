<script setup lang="ts">
import { type CheckId, MOST_IN_NOTE, ofKind } from '#core'

const { say } = useWords()

/** What no field of a check asks for, in words: written beside it, and read there by whoever works on it next. */
const props = defineProps<{ check: CheckId }>()
const open = useOpenCase()
const shop = useShop()
const { moment } = useMoments()
const text = ref('')
const isUnfolded = ref(false)
/** What was half typed before a reload comes back into a field that can be seen. */
watch(text, (typed) => (isUnfolded.value ||= typed !== ''))
const mine = computed(() =>
  ofKind(open.records.value, 'note').filter(({ data }) => data.check === props.check),
)
async function keep() {
  const written = text.value.trim()
  if (written === '') return
  // Before it is kept: a second tap finds nothing to keep again.
  text.value = ''
  isUnfolded.value = false
  await shop.addRecord(open.id, 'note', { text: written, check: props.check })
}
</script>

<template>
  <div class="notes">
    <blockquote v-for="note in mine" :key="note.id">
      <p>{{ note.data.text }}</p>
      <span class="small quiet">{{ shop.nameOf(note.by) }} · {{ moment(note.observedAt) }}</span>
      <button
        type="button"
        class="plain-button"
        :disabled="!open.mayRecord.value"
        :aria-label="say('common.note-strip.takeBackThis', { text: note.data.text })"
        @click="shop.withdraw(open.id, note.id)"
      >
        {{ say('common.photo-strip.takeBack') }}
      </button>
    </blockquote>
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
    <form v-show="isUnfolded" @submit.prevent="keep">
      <v-textarea
        v-model="text"
        :label="say('common.note-strip.whatNoFieldAsks')"
        :maxlength="MOST_IN_NOTE"
        rows="2"
        auto-grow
        hide-details
      />
      <v-btn type="submit" class="solid" :disabled="!open.mayRecord.value || !text.trim()">{{
        say('common.note-strip.keepTheNote')
      }}</v-btn>
    </form>
  </div>
</template>

<style scoped>
.notes {
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  gap: 10px;
}
form {
  display: flex;
  gap: 10px;
  align-items: flex-end;
  align-self: stretch;
}
form > :first-child {
  flex: 1;
}
blockquote {
  margin: 0;
  padding-left: 12px;
  border-left: 4px solid var(--line);
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
}
blockquote p {
  margin: 0;
  flex-basis: 100%;
  white-space: pre-line;
}
</style>
