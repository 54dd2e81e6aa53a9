<script setup lang="ts">
import { parseQuantity, type ParseLimits } from '../../../core/quantity/parse'
import type { Instrument } from '../../../core/casefile/schema'
import type { QuantityRecord } from '../../../core/quantity/record'
import { UNITS, type QuantityKind } from '../../../core/quantity/units'
import { formatNumber, preferredUnit } from '../../../words/format'

/** A number with its unit, typed as a person writes it ("13.5 psi"); the unit beside it switches by a tap. */
const props = defineProps<{
  label: string
  kind: QuantityKind
  limits?: ParseLimits
  instrument?: Instrument | undefined
  optional?: boolean
  hint?: string
  startUnit?: string
}>()
const model = defineModel<QuantityRecord | undefined>({ required: true })
const emit = defineEmits<{ problem: [text: string] }>()
const preferences = usePreferences()
const unit = ref(
  model.value?.unit ?? props.startUnit ?? preferredUnit(props.kind, preferences.units),
)
const text = ref(model.value ? shown(model.value.si) : '')
const touched = ref(false)
/** what was told to the parent last: limits made anew at every drawing must not tell it again */
let told: string | undefined
const id = useId()

function shown(si: number) {
  return formatNumber(props.kind, si, preferences.units).replace('−', '-')
}
const parsed = computed(() =>
  text.value.trim() === ''
    ? undefined
    : parseQuantity(text.value, props.kind, unit.value, props.limits),
)
const problem = computed(() => {
  if (!parsed.value)
    return touched.value && !props.optional
      ? preferences.say({ id: 'input.empty', parameters: {} })
      : ''
  return parsed.value.ok ? '' : preferences.say(parsed.value.problem)
})
const readWith = computed(() =>
  props.instrument
    ? {
        instrument: props.instrument.id,
        ...(typeof props.instrument.offsetSi === 'number'
          ? { instrumentOffsetSi: props.instrument.offsetSi }
          : {}),
      }
    : {},
)
watch([parsed, problem, readWith], () => {
  const now: QuantityRecord | undefined = parsed.value?.ok
    ? { ...parsed.value.quantity, ...readWith.value }
    : undefined
  const said =
    now && `${now.typed} ${now.unit} ${now.si} ${now.instrument} ${now.instrumentOffsetSi}`
  if (said !== told) model.value = now
  told = said
  emit('problem', problem.value)
})
watch(
  () => preferences.units,
  (units) => {
    if (text.value === '') unit.value = preferredUnit(props.kind, units)
  },
  { deep: true },
)
watch(model, (value) => {
  if (!value && parsed.value?.ok) {
    told = undefined
    text.value = ''
  }
  if (value && (!parsed.value?.ok || Math.abs(parsed.value.quantity.si - value.si) > 1e-9)) {
    unit.value = preferredUnit(props.kind, preferences.units)
    text.value = shown(value.si)
  }
})
function nextUnit() {
  const all = UNITS[props.kind].map((u) => u.symbol)
  unit.value = all[(all.indexOf(unit.value) + 1) % all.length]!
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
        :aria-describedby="problem || hint ? `${id}-says` : undefined"
        @blur="touched = true"
      />
      <button type="button" :aria-label="`Unit ${unit}, tap for another`" @click="nextUnit">
        {{ unit }}
      </button>
    </div>
    <span v-if="problem" :id="`${id}-says`" class="problem small" role="alert">{{ problem }}</span>
    <span v-else-if="hint" :id="`${id}-says`" class="quiet small">{{ hint }}</span>
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
button {
  min-width: 62px;
  min-height: 48px;
  border: 0;
  border-left: 2px solid var(--line);
  color: var(--ink-2);
  background: transparent;
  font: inherit;
  cursor: pointer;
}
</style>
