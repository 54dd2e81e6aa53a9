<script setup lang="ts">
import type { Instrument, QuantityKind, RecordKind } from '#core'
import { type Asked, type FormCheck, useRecordForm } from './use-record-form'

const { say } = useWords()

interface Figure {
  path: string
  kind?: QuantityKind
  unit?: string
  decimals?: number
  percent?: boolean
}
/**
 * The panel of a check that is recorded in one go: cautions, what it came to, its fields as the schema of the record has
 * them, and ways to keep, correct, repeat and take back.
 */
const props = defineProps<{
  check: FormCheck
  kind: RecordKind
  /** the main button's own words; "Keep it" */
  keepText?: string
  /** begins another one: what stands is left as it is */
  anew?: boolean
  /** the field that says what a record is of, where there is one for each: a device, a face */
  each?: string
  /** the field that comes first, for what else is asked hangs on it */
  first?: string
  /** whether a field is asked by what was entered so far; all are, unless this says otherwise */
  asked?: Asked
  /** as somebody tells it: none of the shop's instruments was in it */
  told?: boolean
  /** what must be so before it is kept: nothing is kept where it is not */
  before?: () => Promise<boolean>
  /** figures that are told beside the verdict, named by `figure.` and their path */
  shown?: readonly Figure[]
}>()
const { labelOf } = useFormWords(props.check.id)
const {
  fields,
  values,
  last,
  outcome,
  isCorrection,
  isRepeating,
  isUntouched,
  problem,
  turn,
  mayRecord,
  repeat,
  save,
  takeBack,
} = useRecordForm(props.check, props.kind, props)
const figuresShown = (props.shown ?? []).map((one) => ({
  ...one,
  label: labelOf(`figure.${one.path}`),
}))
const enteredAs = (...kinds: string[]) => fields.filter(({ entry }) => kinds.includes(entry.as))
const figures = enteredAs('text', 'quantity', 'number')
const lists = enteredAs('numbers', 'grid', 'rows')
/** what it is of comes first: all else is asked of that */
const isFirst = (path: string) => path === props.each || path === props.first
const subject = fields.filter(({ path }) => isFirst(path))
const answers = computed(() =>
  enteredAs('choice', 'flag').filter(
    ({ path }) => !isFirst(path) && (props.asked?.(path, values.value) ?? true),
  ),
)

const kinds = new Set(fields.map(({ entry }) => (entry.as === 'quantity' ? entry.kind : '')))
const instrumentKinds: Instrument['kind'][] = props.told
  ? []
  : kinds.has('pressure')
    ? ['pressure-tester', 'cap-adapter']
    : kinds.has('temperature')
      ? ['thermometer', 'infrared', 'scan-tool']
      : []
const instrument = ref<Instrument>()
const rowsOf = (path: string) => (values.value[path] ?? []) as Record<string, unknown>[]

async function keepIt() {
  if (props.before && !(await props.before())) return
  await save()
}
</script>

<template>
  <div class="stack" :data-kept="isUntouched ? '' : undefined">
    <Cautions v-if="check.cautions?.length" :ids="check.cautions" />
    <CheckResult
      v-if="!anew"
      :outcome="outcome"
      :shown="figuresShown"
      :nothing="say('form.noVerdict')"
    />
    <slot />
    <div :key="turn" class="stack">
      <FormEntry
        v-for="field in subject"
        :key="field.path"
        v-model="values[field.path]"
        :check="check.id"
        :field="field"
        :disabled="!mayRecord"
      />
      <div v-if="figures.length > 0" class="figures">
        <FormEntry
          v-for="field in figures"
          :key="field.path"
          v-model="values[field.path]"
          :check="check.id"
          :field="field"
          :instrument="instrument"
          :disabled="!mayRecord"
        />
        <InstrumentPick
          v-if="instrumentKinds.length > 0"
          v-model="instrument"
          :kinds="instrumentKinds"
        />
      </div>
      <div class="answers">
        <FormEntry
          v-for="field in answers"
          :key="field.path"
          v-model="values[field.path]"
          :check="check.id"
          :field="field"
          :disabled="!mayRecord"
        />
      </div>
      <template v-for="field in lists" :key="field.path">
        <FormRows
          v-if="field.entry.as === 'rows'"
          :model-value="rowsOf(field.path)"
          :check="check.id"
          :field="field"
          :disabled="!mayRecord"
          @update:model-value="values[field.path] = $event"
        />
        <FormEntry
          v-else
          v-model="values[field.path]"
          :check="check.id"
          :field="field"
          :disabled="!mayRecord"
        />
      </template>
    </div>
    <KeepRow :problem="problem" :kept="isCorrection && isUntouched">
      <v-btn class="solid grow" aria-keyshortcuts="k" :disabled="!mayRecord" @click="keepIt">{{
        isCorrection ? say('form.correct') : (keepText ?? say('form.keep'))
      }}</v-btn>
      <template v-if="last && !anew">
        <v-btn v-if="!isRepeating" aria-keyshortcuts="g" :disabled="!mayRecord" @click="repeat">{{
          say('form.repeat')
        }}</v-btn>
        <v-btn aria-keyshortcuts="t" :disabled="!mayRecord" @click="takeBack(last.id)">{{
          say('form.takeBack')
        }}</v-btn>
      </template>
    </KeepRow>
  </div>
</template>

<style scoped>
.figures {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(168px, 1fr));
  gap: 14px;
  align-items: start;
}
/* Two beside each other on a phone, so that a form is half as long. */
@media (max-width: 999px) {
  .figures {
    grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
    gap: 10px;
  }
}
.figures :deep(select) {
  min-width: 0;
  width: 100%;
}
.answers {
  display: flex;
  flex-wrap: wrap;
  gap: 14px 30px;
}
</style>
