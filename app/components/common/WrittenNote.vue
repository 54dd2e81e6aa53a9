<script setup lang="ts">
import { type CaseRecord, faultName } from '#core'

const { say } = useWords()

/** A note as it was written, with who and when; one that tells of a model says so, and from which vehicle it is. */
defineProps<{
  note: CaseRecord<'note'>
  /** the vehicle it was written at, where that is another one */
  from?: string | undefined
  mayTakeBack?: boolean
}>()
const emit = defineEmits<{ takeBack: [] }>()
const shop = useShop()
const { moment } = useMoments()
</script>

<template>
  <blockquote>
    <strong v-if="note.data.ofModel" class="tells">{{
      say(`common.note-strip.tells.${note.data.ofModel.tells}`)
    }}</strong>
    <p>
      {{ note.data.text }}
      <template v-if="note.data.ofModel?.minutes">{{
        say('common.note-strip.took', { minutes: note.data.ofModel.minutes })
      }}</template>
      <template v-if="note.data.ofModel?.repairs">
        {{
          say('common.note-strip.tookRepair', { fault: faultName(note.data.ofModel.repairs) })
        }}</template
      >
      <template v-if="note.data.ofModel?.source">{{
        say('common.note-strip.sourceIs', { source: note.data.ofModel.source })
      }}</template>
    </p>
    <span class="small quiet"
      >{{ shop.nameOf(note.by) }} · {{ moment(note.observedAt)
      }}<template v-if="from"> · {{ from }}</template></span
    >
    <button
      v-if="mayTakeBack"
      type="button"
      class="plain-button"
      :aria-label="say('common.note-strip.takeBackThis', { text: note.data.text })"
      @click="emit('takeBack')"
    >
      {{ say('common.photo-strip.takeBack') }}
    </button>
  </blockquote>
</template>

<style scoped>
blockquote {
  margin: 0;
  padding-left: 12px;
  border-left: 4px solid var(--line);
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  align-items: center;
}
p,
.tells {
  margin: 0;
  flex-basis: 100%;
}
p {
  white-space: pre-line;
}
</style>
