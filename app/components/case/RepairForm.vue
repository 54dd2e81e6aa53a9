<script setup lang="ts">
import { repairSteps } from '#core'
import type { Fitted } from './FittedParts.vue'
import type { StepDone } from './RepairSteps.vue'

/** A repair while it is typed: which fault, step by step, what was done in words, and what went in. */
const props = defineProps<{
  choices: { value: string; title: string }[]
  disabled: boolean
}>()
const emit = defineEmits<{ recorded: [faults: string[]] }>()
const { say } = useWords()
const here = useOpenCase()
const shop = useShop()

const faults = ref<string[]>([])
const steps = ref<StepDone[]>([])
const work = ref('')
const fitted = ref<Fitted[]>([])
const problem = ref('')

/** Steps of another repair fall away with it. */
watch(faults, (mended) => {
  const asked = new Set(repairSteps(mended).map(({ id }) => id))
  steps.value = steps.value.filter(({ step }) => asked.has(step))
})

/** The first thing that keeps what is typed from being a repair. */
function problemOf(): string {
  if (faults.value.length === 0) return say('case.finish-dialog.sayWhatWasMended')
  const asking = repairSteps(faults.value).flatMap((one) => (one.asksTorque ? [one.id] : []))
  if (steps.value.some(({ step, words }) => asking.includes(step) && !words?.trim()))
    return say('case.repair-steps.sayTorque')
  if (fitted.value.some(({ part, batch }) => batch.trim() && !part.trim()))
    return say('case.fitted.sayWhich')
  return ''
}
const written = (name: string, text: string | undefined) =>
  text?.trim() ? { [name]: text.trim() } : {}

async function record() {
  problem.value = problemOf()
  if (problem.value) return
  const parts = fitted.value.flatMap(({ part, batch }) =>
    part.trim() ? [{ part: part.trim(), ...written('batch', batch) }] : [],
  )
  const done = steps.value.map(({ step, words }) => ({ step, ...written('words', words) }))
  const mended = faults.value
  const repair = {
    faults: mended,
    ...written('work', work.value),
    ...(parts.length > 0 ? { fitted: parts } : {}),
    ...(done.length > 0 ? { stepsDone: done } : {}),
  }
  // Before it is kept: a second tap finds nothing to record again.
  faults.value = []
  steps.value = []
  work.value = ''
  fitted.value = []
  emit('recorded', mended)
  await shop.addEvent(here.id, 'repaired', repair)
}
</script>

<template>
  <v-autocomplete
    v-model="faults"
    :items="props.choices"
    :label="say('case.finish-dialog.whatWasMended')"
    :disabled="disabled"
    multiple
    chips
    hide-details
  />
  <RepairSteps v-model="steps" :faults="faults" :disabled="disabled" />
  <v-text-field
    v-model="work"
    :label="say('case.finish-dialog.whatWasDone')"
    :disabled="disabled"
    maxlength="500"
    hide-details
  />
  <FittedParts v-model="fitted" :disabled="disabled" />
  <PhotoStrip check="repair" />
  <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
  <v-btn :disabled="disabled" @click="record">{{ say('case.finish-dialog.recordRepair') }}</v-btn>
</template>
