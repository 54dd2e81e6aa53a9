<script setup lang="ts">
import { type FormField, missingIn, startOf } from './form-fields'

const { say } = useWords()

/** A list within a record, a row for each entry: points of a curve, stretches of a road. */
const props = defineProps<{ check: string; field: FormField; disabled: boolean }>()
type Row = Record<string, unknown>
const model = defineModel<Row[]>({ required: true })
const { labelOf } = useFormWords(props.check)
const columns = computed(() => (props.field.entry.as === 'rows' ? props.field.entry.columns : []))
/** keys of the rows, so that a row that is taken out takes its own fields with it */
const keys = ref(model.value.map((_, i) => i))
let next = model.value.length
const fresh = (): Row => startOf(columns.value)
watch(
  () => model.value.length,
  (length) => {
    while (keys.value.length < length) keys.value.push(next++)
    if (keys.value.length > length) keys.value.splice(length)
  },
)
const id = useId()
const rows = useTemplateRef<HTMLElement>('rows')
/** A new row comes into view, and its first field is the next to be typed in. */
async function add() {
  model.value = [...model.value, fresh()]
  await nextTick()
  const line = rows.value?.querySelector<HTMLElement>('.line:last-child')
  line?.scrollIntoView({ block: 'nearest' })
  line?.querySelector<HTMLElement>('input,button')?.focus({ preventScroll: true })
}
/** Enter goes on to the next field of a row, and from the last field of the last row to a row more. */
function goOn(event: KeyboardEvent, at: number) {
  if (!(event.target instanceof HTMLInputElement)) return
  event.preventDefault()
  const line = event.target.closest('.line')
  const inputs = [...(line?.querySelectorAll<HTMLInputElement>('input') ?? [])]
  const following = inputs[inputs.indexOf(event.target) + 1]
  if (following) following.focus()
  else if (at === model.value.length - 1) void add()
}
const set = (at: number, path: string, value: unknown) =>
  (model.value = model.value.map((row, i) => (i === at ? { ...row, [path]: value } : row)))
function remove(at: number) {
  keys.value.splice(at, 1)
  model.value = model.value.filter((_, i) => i !== at)
}
const lacks = (row: Row) => {
  const missing = missingIn(columns.value, row)
  return missing && labelOf(`${props.field.path}.${missing.path}`)
}
</script>

<template>
  <section ref="rows" class="rows" role="group" :aria-labelledby="id">
    <div class="top">
      <span :id="id">{{ labelOf(field.path) }}</span>
      <v-btn :disabled="disabled" @click="add">{{ say('form.addRow') }}</v-btn>
    </div>
    <div
      v-for="(row, at) in model"
      :key="keys[at]"
      class="line"
      :aria-label="`${at + 1}`"
      role="group"
      @keydown.enter="goOn($event, at)"
    >
      <FormEntry
        v-for="column in columns"
        :key="column.path"
        :check="check"
        :field="column"
        :within="field.path"
        :disabled="disabled"
        :model-value="row[column.path]"
        @update:model-value="set(at, column.path, $event)"
      />
      <button
        type="button"
        class="plain-button"
        :disabled="disabled"
        :aria-label="say('form.takeRowOut', { at: at + 1 })"
        @click="remove(at)"
      >
        ×
      </button>
      <span v-if="lacks(row)" class="quiet small">{{
        say('form.stillLacks', { what: lacks(row) })
      }}</span>
    </div>
  </section>
</template>

<style scoped>
.rows {
  display: flex;
  flex-direction: column;
  gap: 10px;
  align-items: flex-start;
}
/* The button keeps its place, however many rows there are. */
.top {
  display: flex;
  align-items: center;
  gap: 14px;
  font-weight: 600;
}
.line {
  display: flex;
  flex-wrap: wrap;
  align-items: flex-end;
  gap: 8px 12px;
  padding-bottom: 8px;
  border-bottom: 1px solid var(--line);
}
</style>
