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
const add = () => (model.value = [...model.value, fresh()])
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
  <fieldset class="rows">
    <legend>{{ labelOf(field.path) }}</legend>
    <div
      v-for="(row, at) in model"
      :key="keys[at]"
      class="line"
      :aria-label="`${at + 1}`"
      role="group"
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
    <v-btn :disabled="disabled" @click="add">{{ say('form.addRow') }}</v-btn>
  </fieldset>
</template>

<style scoped>
.rows {
  border: 0;
  padding: 0;
  margin: 0;
  display: flex;
  flex-direction: column;
  gap: 10px;
  align-items: flex-start;
}
legend {
  font-weight: 600;
  padding: 0 0 4px;
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
