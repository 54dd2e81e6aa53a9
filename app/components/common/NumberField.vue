<script setup lang="ts">
const { say } = useWords()

/** A plain number with its unit beside it; says in one sentence what is wrong with it. */
const props = defineProps<{
  label: string
  unit?: string
  min: number
  max: number
  whole?: boolean
  hint?: string
  disabled?: boolean
}>()
const model = defineModel<number | undefined>({ required: true })
const id = useId()
const text = ref(model.value === undefined ? '' : String(model.value))
const problem = computed(() => {
  if (text.value.trim() === '') return ''
  const value = Number(text.value.trim().replace(',', '.').replace('−', '-'))
  if (!Number.isFinite(value)) return say('common.number-field.typeANumber')
  if (props.whole && !Number.isInteger(value)) return say('common.number-field.typeAWholeNumber')
  return value < props.min || value > props.max
    ? say('common.number-field.liesBetween', {
        label: props.label,
        min: props.min,
        max: props.unit ? `${props.max} ${props.unit}` : props.max,
      })
    : ''
})
watch([text, problem], () => {
  const value = Number(text.value.trim().replace(',', '.').replace('−', '-'))
  model.value = text.value.trim() === '' || problem.value ? undefined : value
})
watch(model, (value) => {
  if (
    value === undefined
      ? !problem.value && text.value !== '' && Number.isFinite(Number(text.value))
      : Number(text.value.replace(',', '.')) !== value
  )
    text.value = value === undefined ? '' : String(value)
})
</script>

<template>
  <div class="number">
    <label :for="id">{{ label }}</label>
    <div class="box" :class="{ bad: problem }">
      <input
        :id="id"
        v-model="text"
        inputmode="decimal"
        autocomplete="off"
        :disabled="disabled"
        :aria-invalid="problem !== ''"
        :data-unreadable="problem !== '' && text.trim() !== ''"
        :aria-describedby="problem || hint ? `${id}-says` : undefined"
      /><span v-if="unit" class="quiet">{{ unit }}</span>
    </div>
    <span v-if="problem" :id="`${id}-says`" class="problem small" role="alert">{{ problem }}</span>
    <span v-else-if="hint" :id="`${id}-says`" class="quiet small">{{ hint }}</span>
  </div>
</template>

<style scoped>
.number {
  display: flex;
  flex-direction: column;
  gap: 4px;
  min-width: 120px;
  max-width: 220px;
}
label {
  font-weight: 600;
}
.box {
  display: flex;
  align-items: center;
  border: 2px solid var(--line);
  border-radius: 4px;
  background: var(--sheet);
  min-height: 52px;
  padding-right: 10px;
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
  width: 60px;
  padding: 0 12px;
  min-height: 48px;
  font-size: 22px;
  font-weight: 600;
  color: var(--ink);
  background: transparent;
  border: 0;
  outline-offset: -3px;
}
</style>
