<script setup lang="ts">
import { VTextarea, VTextField } from 'vuetify/components'
import type { Instrument, QuantityRecord } from '#core'
import { type FormField, numbersIn } from './form-fields'

const { say } = useWords()

/** One field of a record's form: a quantity, a number, a choice, a list; with the words that may stand in its place. */
const props = defineProps<{
  check: string
  field: FormField
  disabled: boolean
  instrument?: Instrument | undefined
  /** before it in the path, in a row of a list */
  within?: string
}>()
const model = defineModel<unknown>({ required: true })
const { labelOf, optionOf } = useFormWords(props.check)
const path = props.within ? `${props.within}.${props.field.path}` : props.field.path
const label = computed(() => labelOf(path))
const { entry } = props.field
const choices = (values: readonly string[]) =>
  values.map((value) => ({ value, text: optionOf(path, value) }))
const word = computed(() => (typeof model.value === 'string' ? model.value : undefined))
const quantity = computed({
  get: () => (typeof model.value === 'object' ? (model.value as QuantityRecord) : undefined),
  set: (value) => take(value),
})
const number = computed({
  get: () => (typeof model.value === 'number' ? model.value : undefined),
  set: (value) => take(value),
})
/** An empty field takes no word away that stands in its place. */
function take(value: unknown) {
  if (value !== undefined || word.value === undefined) model.value = value
}
const flag = computed(() =>
  typeof model.value === 'boolean' ? (model.value ? 'yes' : 'no') : undefined,
)
/** Figures one after another, and of a grid a line for each row. */
const isGrid = entry.as === 'grid'
const listText = ref(textOf(model.value))
function textOf(value: unknown): string {
  if (!Array.isArray(value)) return ''
  return isGrid ? (value as number[][]).map((row) => row.join(' ')).join('\n') : value.join(' ')
}
const lines = computed(() =>
  (isGrid ? listText.value.split('\n') : [listText.value])
    .map(numbersIn)
    .filter((line) => line.length > 0),
)
const listProblem = computed(() =>
  lines.value.flat().some(Number.isNaN) ? say('form.numbersApart') : '',
)
const walks = ref(false)
/** rows that can be read, from the first on */
const readable = computed(() => {
  const end = lines.value.findIndex((line) => line.some(Number.isNaN))
  return end < 0 ? lines.value : lines.value.slice(0, end)
})
function takeWalked(rows: number[][]) {
  listText.value = textOf(rows)
  takeList()
}
function takeList() {
  const isTyped = lines.value.length > 0 && !listProblem.value
  model.value = isTyped ? (isGrid ? lines.value : lines.value[0]) : undefined
}
</script>

<template>
  <div class="entry" :class="{ wide: entry.as === 'numbers' || isGrid }">
    <QuantityField
      v-if="entry.as === 'quantity'"
      v-model="quantity"
      :label="label"
      :kind="entry.kind"
      :limits="entry.limits"
      :instrument="instrument"
      optional
    />
    <NumberField
      v-else-if="entry.as === 'number'"
      v-model="number"
      :label="label"
      :unit="entry.unit"
      :min="entry.min"
      :max="entry.max"
      :whole="entry.whole"
      :disabled="disabled"
    />
    <TextEntry
      v-else-if="entry.as === 'text'"
      :model-value="word"
      :label="label"
      :most="entry.most"
      :disabled="disabled"
      @update:model-value="model = $event"
    />
    <ChoiceRow
      v-else-if="entry.as === 'choice'"
      :label="label"
      :options="choices(entry.options)"
      :disabled="disabled"
      :model-value="word"
      @update:model-value="model = $event"
    />
    <ChoiceRow
      v-else-if="entry.as === 'flag'"
      :label="label"
      :options="choices(['yes', 'no'])"
      :disabled="disabled"
      :model-value="flag"
      @update:model-value="model = $event === 'yes'"
    />
    <component
      :is="isGrid ? VTextarea : VTextField"
      v-else-if="entry.as === 'numbers' || (isGrid && !walks)"
      v-model="listText"
      :label="label"
      :hint="say(isGrid ? 'form.gridHint' : 'form.numbersHint')"
      :error-messages="listProblem"
      :disabled="disabled"
      persistent-hint
      inputmode="decimal"
      @update:model-value="takeList"
    />
    <template v-if="isGrid">
      <v-btn class="start" :disabled="disabled" :aria-expanded="walks" @click="walks = !walks">{{
        say(walks ? 'form.walk.close' : 'form.walk.title')
      }}</v-btn>
      <GridWalk v-if="walks" :disabled="disabled" :typed="readable" @rows="takeWalked" />
    </template>
    <ChoiceRow
      v-if="field.words.length > 0"
      :label="label"
      hide-label
      :options="choices(field.words)"
      :disabled="disabled"
      :model-value="word"
      @update:model-value="model = word === $event ? undefined : $event"
    />
  </div>
</template>

<style scoped>
.entry {
  display: flex;
  flex-direction: column;
  gap: 6px;
}
.start {
  align-self: flex-start;
}
.wide {
  flex: 1 1 100%;
}
</style>
