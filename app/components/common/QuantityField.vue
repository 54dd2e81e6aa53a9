<script setup lang="ts">
import {
  type Instrument,
  type ParseLimits,
  type QuantityKind,
  type QuantityRecord,
  unitsThatFit,
} from '#core'
import { preferredUnit } from '../../../words/format'
import { entryOf, inUnit, type QuantityEntry, readEntry, unitAfter } from './quantity-entry'

const { say } = useWords()
const ASKED_AFTER_MS = 600

/** A number with its unit, typed as a person writes it ("13.5 psi"); the unit beside it switches by a tap. */
const props = defineProps<{
  label: string
  kind: QuantityKind
  limits?: ParseLimits
  /** where such a quantity mostly lies: outside it a bare number is asked for its unit */
  usual?: ParseLimits
  instrument?: Instrument | undefined
  optional?: boolean
  hint?: string
  startUnit?: string
}>()
const model = defineModel<QuantityRecord | undefined>({ required: true })
const emit = defineEmits<{ problem: [text: string] }>()
const preferences = usePreferences()
/** What stands in the field before its unit was changed; converting starts from it every time. */
const typed = ref<QuantityEntry>(
  model.value
    ? entryOf(model.value, props.kind)
    : { text: '', unit: props.startUnit ?? preferredUnit(props.kind, preferences.units) },
)
const unit = ref(typed.value.unit)
const text = ref(typed.value.text)
const touched = ref(false)
const inWords = (q: QuantityRecord | undefined) =>
  q && `${q.typed} ${q.unit} ${q.coreValue} ${q.instrument} ${q.instrumentOffsetInCoreUnit}`
/** what the parent has: limits made anew at every drawing must not tell it again, what is typed over it must */
let told = inWords(model.value)
const id = useId()

const parsed = computed(() =>
  readEntry({ text: text.value, unit: unit.value }, props.kind, props.limits),
)
/** Said while the figure stands in another unit than the one it was typed in. */
const converted = computed(() =>
  typed.value.unit !== unit.value && parsed.value?.ok
    ? say('common.quantity-field.typedAs', typed.value)
    : '',
)
function type() {
  typed.value = { text: text.value, unit: unit.value }
}
const problem = computed(() => {
  if (!parsed.value)
    return touched.value && !props.optional
      ? preferences.say({ id: 'input.empty', parameters: {} })
      : ''
  return parsed.value.ok ? '' : preferences.say(parsed.value.problem)
})
/** Somebody still typing is not asked. */
const settledText = refDebounced(text, ASKED_AFTER_MS)
/** Units that a number typed without one would fit in, where it does not fit in the one beside it. */
const askedUnits = computed(() => {
  const within = props.usual ?? props.limits
  if (!within || settledText.value !== text.value) return []
  const fitting = unitsThatFit(text.value, props.kind, within)
  return fitting.includes(unit.value) ? [] : fitting
})
const readWith = computed(() =>
  props.instrument
    ? {
        instrument: props.instrument.id,
        ...(typeof props.instrument.offsetInCoreUnit === 'number'
          ? { instrumentOffsetInCoreUnit: props.instrument.offsetInCoreUnit }
          : {}),
      }
    : {},
)
watch([parsed, problem, readWith], () => {
  const now: QuantityRecord | undefined = parsed.value?.ok
    ? { ...parsed.value.quantity, ...readWith.value }
    : undefined
  const said = inWords(now)
  if (said !== told) model.value = now
  told = said
  emit('problem', problem.value)
})
function show(entry: QuantityEntry) {
  typed.value = entry
  text.value = entry.text
  unit.value = entry.unit
}
watch(
  () => preferences.units,
  (units) => {
    if (text.value === '') show({ text: '', unit: preferredUnit(props.kind, units) })
  },
  { deep: true },
)
watch(model, (value) => {
  if (!value && parsed.value?.ok) {
    told = undefined
    show({ text: '', unit: unit.value })
  }
  if (
    value &&
    (!parsed.value?.ok || Math.abs(parsed.value.quantity.coreValue - value.coreValue) > 1e-9)
  )
    show(entryOf(value, props.kind))
})
/** The next of its units, the figure converted. */
function nextUnit() {
  const next = inUnit(typed.value, props.kind, unitAfter(props.kind, unit.value))
  unit.value = next.unit
  text.value = next.text
}
/** The figure as it stands, in the unit that it was meant in. */
function meant(symbol: string) {
  show({ text: text.value, unit: symbol })
}
function clear() {
  show({ text: '', unit: unit.value })
  touched.value = false
}
defineExpose({ problem, typed: text })
</script>

<template>
  <div class="quantity">
    <label :for="id">{{ label }}</label>
    <div class="box" :class="{ bad: problem }">
      <input
        :id="id"
        v-model="text"
        inputmode="decimal"
        autocomplete="off"
        :aria-invalid="problem !== ''"
        :data-unreadable="problem !== '' && text.trim() !== ''"
        :aria-describedby="problem || converted || hint ? `${id}-says` : undefined"
        @input="type"
        @blur="touched = true"
      />
      <UnitButton :unit="unit" @click="nextUnit" />
    </div>
    <span v-if="problem" :id="`${id}-says`" class="problem small" role="alert">{{ problem }}</span>
    <span v-else-if="converted" :id="`${id}-says`" class="quiet small" role="status">{{
      converted
    }}</span>
    <span v-else-if="hint" :id="`${id}-says`" class="quiet small">{{ hint }}</span>
    <UnitAsk
      v-if="askedUnits.length > 0"
      :label="label"
      :typed="text.trim()"
      :units="askedUnits"
      @unit="meant"
      @kept="clear"
    />
  </div>
</template>

<style scoped>
.quantity {
  display: flex;
  flex-direction: column;
  gap: 4px;
  min-width: 150px;
}
label {
  font-weight: 600;
}
.box {
  display: flex;
  border: 2px solid var(--line);
  border-radius: 4px;
  background: var(--sheet);
  min-height: 52px;
}
.box.bad {
  border-color: var(--hot);
}
.box:focus-within {
  border-color: var(--cool);
}
input {
  flex: 1;
  min-width: 0;
  width: 100px;
  padding: 0 12px;
  font-size: 22px;
  font-weight: 600;
  outline-offset: -3px;
  color: var(--ink);
  background: transparent;
  border: 0;
}
</style>
