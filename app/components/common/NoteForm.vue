<script setup lang="ts">
import { BOOK, NOTE_LIMITS, NOTE_TELLS, type NoteTells, type RecordData } from '#core'

const { say } = useWords()

/** Where a note is written: of this case alone, or of every vehicle of the model. */
const props = defineProps<{ model: string }>()
const emit = defineEmits<{ keep: [note: RecordData<'note'>]; typed: [] }>()
const text = ref('')
const tells = ref<NoteTells | 'this-case'>('this-case')
const source = ref('')
const minutes = ref<number>()
/** the repair that took so long */
const repairs = ref<string | null>(null)
const faults = BOOK.faults
  .filter(({ group }) => group !== 'not-in-the-book' && group !== 'nothing-wrong')
  .map(({ id, name }) => ({ value: id, title: name }))
const problem = ref('')
watch(text, (typed) => {
  if (typed !== '') emit('typed')
})
const choices = computed(() => [
  { value: 'this-case' as const, text: say('common.note-strip.thisCase') },
  ...NOTE_TELLS.map((value) => ({
    value,
    text: say(`common.note-strip.tells.${value}`),
  })),
])

function ofModel(): RecordData<'note'>['ofModel'] {
  if (tells.value === 'this-case') return undefined
  return {
    tells: tells.value,
    ...(tells.value === 'specification' && { source: source.value.trim() }),
    ...(tells.value === 'time' && {
      minutes: minutes.value,
      ...(repairs.value && { repairs: repairs.value }),
    }),
  }
}
function keep() {
  problem.value = ''
  if (tells.value === 'specification' && !source.value.trim())
    return void (problem.value = say('common.note-strip.sayTheSource'))
  if (tells.value === 'time' && minutes.value === undefined)
    return void (problem.value = say('common.note-strip.sayTheMinutes'))
  const written = { text: text.value.trim(), ofModel: ofModel() }
  // Before it is kept: a second tap finds nothing to keep again.
  text.value = source.value = ''
  minutes.value = undefined
  repairs.value = null
  tells.value = 'this-case'
  emit('keep', written)
}
</script>

<template>
  <form class="stack" @submit.prevent="keep">
    <v-textarea
      v-model="text"
      :label="say('common.note-strip.whatNoFieldAsks')"
      :maxlength="NOTE_LIMITS.text"
      rows="2"
      auto-grow
      hide-details
    />
    <ChoiceRow
      v-model="tells"
      :label="say('common.note-strip.ofWhat', { model: props.model })"
      :options="choices"
    />
    <div class="row last">
      <v-text-field
        v-if="tells === 'specification'"
        v-model="source"
        :label="say('common.note-strip.source')"
        :maxlength="NOTE_LIMITS.source"
        hide-details
      />
      <NumberField
        v-if="tells === 'time'"
        v-model="minutes"
        :label="say('common.note-strip.minutes')"
        :min="1"
        :max="NOTE_LIMITS.minutes"
        whole
      />
      <v-autocomplete
        v-if="tells === 'time'"
        v-model="repairs"
        :items="faults"
        :label="say('common.note-strip.ofRepair')"
        clearable
        hide-details
        class="grow"
      />
      <v-btn type="submit" class="solid" :disabled="!text.trim()">{{
        say('common.note-strip.keepTheNote')
      }}</v-btn>
    </div>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
  </form>
</template>

<style scoped>
.last {
  align-items: flex-end;
}
</style>
