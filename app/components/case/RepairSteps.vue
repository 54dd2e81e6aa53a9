<script setup lang="ts">
import { type RepairStepId, repairSteps } from '#core'

/** The steps of a repair, ticked as they are done; the caution of a step stands before it. */
export interface StepDone {
  step: RepairStepId
  words?: string
}
const done = defineModel<StepDone[]>({ required: true })
const props = defineProps<{ faults: readonly string[]; disabled: boolean }>()
const { say } = useWords()
const steps = computed(() => repairSteps(props.faults))
const isDone = (step: RepairStepId) => done.value.some((one) => one.step === step)
const wordsOf = (step: RepairStepId) => done.value.find((one) => one.step === step)?.words ?? ''

/** In the order of the work, however they are ticked. */
function tick(step: RepairStepId, isTicked: boolean) {
  const ticked = new Map(done.value.map((one) => [one.step, one]))
  if (isTicked) ticked.set(step, { step })
  else ticked.delete(step)
  done.value = steps.value.flatMap(({ id }) => ticked.get(id) ?? [])
}
const note = (step: RepairStepId, words: string) =>
  (done.value = done.value.map((one) => (one.step === step ? { step, words } : one)))
</script>

<template>
  <fieldset v-if="steps.length > 0" class="steps" :disabled="disabled" data-testid="repair-steps">
    <legend>
      {{ say('case.repair-steps.title') }}
      <span class="quiet small">{{
        say('case.repair-steps.done', { done: done.length, of: steps.length })
      }}</span>
    </legend>
    <div v-for="{ id, asksTorque, warns } in steps" :key="id" class="step">
      <p v-if="warns" :id="`caution-${id}`" class="before">
        {{ say(`repair-step.${id}.caution`) }}
      </p>
      <v-checkbox
        :model-value="isDone(id)"
        :label="say(`repair-step.${id}`)"
        :disabled="disabled"
        :aria-describedby="warns ? `caution-${id}` : undefined"
        hide-details
        @update:model-value="tick(id, $event === true)"
      />
      <v-text-field
        v-if="asksTorque && isDone(id)"
        :model-value="wordsOf(id)"
        :label="say('repair-step.torque')"
        :disabled="disabled"
        maxlength="200"
        hide-details
        @update:model-value="note(id, $event)"
      />
    </div>
  </fieldset>
</template>

<style scoped>
.steps {
  border: 0;
  margin: 0;
  padding: 0;
}
legend {
  display: flex;
  gap: 12px;
  align-items: baseline;
  font-weight: 600;
}
.step {
  border-top: 1px solid var(--line);
  padding-block: 4px;
}
.before {
  margin: 6px 0 0;
  padding-left: 10px;
  border-left: 4px solid var(--hot);
}
</style>
