<script setup lang="ts">
import { type LevelAndCondition, levelAndConditionCheck } from '#core'

const { open, last, outcome, amend, takeBack } = useCheck(
  levelAndConditionCheck,
  'level-and-condition.look',
)
const seen = computed<LevelAndCondition>(() => last.value?.data ?? {})
const ROWS = [
  {
    key: 'level',
    label: 'Level, cold',
    options: [
      { value: 'overfull', text: 'Above the mark' },
      { value: 'right', text: 'Right' },
      { value: 'low', text: 'Low' },
      { value: 'empty', text: 'Nearly empty' },
    ],
  },
  {
    key: 'residualPressure',
    label: 'Pressure left on opening after a night',
    options: [
      { value: 'none', text: 'None' },
      { value: 'some', text: 'Some' },
      { value: 'strong', text: 'Strong' },
    ],
  },
  {
    key: 'oilInCoolant',
    label: 'Oil in the coolant',
    options: [
      { value: 'no', text: 'No' },
      { value: 'yes', text: 'Yes' },
    ],
  },
  {
    key: 'emulsionInOil',
    label: 'Engine oil',
    options: [
      { value: 'no', text: 'Clean' },
      { value: 'filler-only', text: 'Froth under filler only' },
      { value: 'dipstick', text: 'Milky on dipstick' },
    ],
  },
  {
    key: 'look',
    label: 'Coolant looks',
    options: [
      { value: 'clear', text: 'Clear' },
      { value: 'brown', text: 'Brown, rusty' },
      { value: 'sludge', text: 'Sludge' },
    ],
  },
  {
    key: 'smell',
    label: 'It smells',
    options: [
      { value: 'none', text: 'Of coolant' },
      { value: 'exhaust', text: 'Of exhaust' },
      { value: 'fuel', text: 'Of fuel' },
    ],
  },
  {
    key: 'colour',
    label: 'Colour',
    options: ['green', 'blue', 'yellow', 'orange', 'pink', 'violet', 'no colour'].map((value) => ({
      value,
      text: `${value[0]!.toUpperCase()}${value.slice(1)}`,
    })),
  },
  {
    key: 'mixed',
    label: 'Gel, or two colours',
    options: [
      { value: 'no', text: 'No' },
      { value: 'yes', text: 'Yes' },
    ],
  },
  {
    key: 'pinkFroth',
    label: 'Pink froth: gearbox fluid',
    options: [
      { value: 'no', text: 'No' },
      { value: 'yes', text: 'Yes' },
    ],
  },
  {
    key: 'sealant',
    label: 'Traces of sealant',
    options: [
      { value: 'no', text: 'No' },
      { value: 'yes', text: 'Yes' },
    ],
  },
  {
    key: 'liquidBelow',
    label: 'Liquid found under it',
    options: [
      { value: 'coolant', text: 'Coolant' },
      { value: 'water', text: 'Clear water' },
      { value: 'oil', text: 'Oil' },
      { value: 'none', text: 'None' },
    ],
  },
] as const
const set = (key: string, value: string) =>
  amend({ ...seen.value, [key]: value } as LevelAndCondition)
</script>

<template>
  <div class="stack">
    <p class="caution">
      Open only when cold. Coolant is poisonous and sweet: wipe it up, keep it from animals and
      children.
    </p>
    <ChoiceRow
      v-for="row in ROWS"
      :key="row.key"
      :disabled="!open.mayRecord.value"
      :label="row.label"
      :options="row.options"
      :model-value="seen[row.key]"
      @update:model-value="set(row.key, $event)"
    />
    <CheckResult :outcome="outcome" nothing="Nothing odd seen." />
    <v-btn v-if="last" class="back" :disabled="!open.mayRecord.value" @click="takeBack(last.id)"
      >Take it back</v-btn
    >
  </div>
</template>

<style scoped>
.back {
  align-self: flex-start;
}
</style>
