<script setup lang="ts">
import { knownValue, type LevelAndCondition, levelAndConditionCheck } from '#core'

const { say } = useWords()

const { open, last, outcome, amend, takeBack } = useCheck(
  levelAndConditionCheck,
  'level-and-condition.look',
)
const seen = computed<LevelAndCondition>(() => last.value?.data ?? {})
/** Colours as they are recorded, and the names of their words. */
const COLOURS = [
  ...['green', 'blue', 'yellow', 'orange', 'pink', 'violet'].map((colour) => [colour, colour]),
  ['no colour', 'none'],
] as const
const ROWS = [
  {
    key: 'level',
    label: say('level-and-condition.levelCold'),
    options: [
      { value: 'overfull', text: say('level-and-condition.aboveTheMark') },
      { value: 'right', text: say('level-and-condition.right') },
      { value: 'low', text: say('level-and-condition.low') },
      { value: 'empty', text: say('level-and-condition.nearlyEmpty') },
    ],
  },
  {
    key: 'radiatorLevel',
    label: say('level-and-condition.levelInTheRadiator'),
    options: [
      { value: 'full', text: say('level-and-condition.full') },
      { value: 'low', text: say('level-and-condition.low') },
      { value: 'empty', text: say('level-and-condition.nearlyEmpty') },
    ],
  },
  {
    key: 'residualPressure',
    label: say('level-and-condition.pressureLeftOnOpeningAfter'),
    options: [
      { value: 'none', text: say('level-and-condition.none') },
      { value: 'some', text: say('level-and-condition.some') },
      { value: 'strong', text: say('level-and-condition.strong') },
    ],
  },
  {
    key: 'oilInCoolant',
    label: say('level-and-condition.oilInTheCoolant'),
    options: [
      { value: 'no', text: say('level-and-condition.no') },
      { value: 'yes', text: say('level-and-condition.yes') },
    ],
  },
  {
    key: 'emulsionInOil',
    label: say('level-and-condition.engineOil'),
    options: [
      { value: 'no', text: say('level-and-condition.clean') },
      { value: 'filler-only', text: say('level-and-condition.frothUnderFillerOnly') },
      { value: 'dipstick', text: say('level-and-condition.milkyOnDipstick') },
    ],
  },
  {
    key: 'look',
    label: say('level-and-condition.coolantLooks'),
    options: [
      { value: 'clear', text: say('level-and-condition.clear') },
      { value: 'brown', text: say('level-and-condition.brownRusty') },
      { value: 'sludge', text: say('level-and-condition.sludge') },
    ],
  },
  {
    key: 'smell',
    label: say('level-and-condition.itSmells'),
    options: [
      { value: 'none', text: say('level-and-condition.ofCoolant') },
      { value: 'exhaust', text: say('level-and-condition.ofExhaust') },
      { value: 'fuel', text: say('level-and-condition.ofFuel') },
    ],
  },
  {
    key: 'colour',
    label: say('level-and-condition.colour'),
    options: COLOURS.map(([value, name]) => ({
      value,
      text: say(`level-and-condition.colour.${name}`),
    })),
  },
  {
    key: 'mixed',
    label: say('level-and-condition.gelOrTwoColours'),
    options: [
      { value: 'no', text: say('level-and-condition.no') },
      { value: 'yes', text: say('level-and-condition.yes') },
    ],
  },
  {
    key: 'pinkFroth',
    label: say('level-and-condition.pinkFrothGearboxFluid'),
    options: [
      { value: 'no', text: say('level-and-condition.no') },
      { value: 'yes', text: say('level-and-condition.yes') },
    ],
  },
  {
    key: 'sealant',
    label: say('level-and-condition.tracesOfSealant'),
    options: [
      { value: 'no', text: say('level-and-condition.no') },
      { value: 'yes', text: say('level-and-condition.yes') },
    ],
  },
  {
    key: 'liquidBelow',
    label: say('level-and-condition.liquidFoundUnderIt'),
    options: [
      { value: 'coolant', text: say('level-and-condition.coolant') },
      { value: 'water', text: say('level-and-condition.clearWater') },
      { value: 'oil', text: say('level-and-condition.oil') },
      { value: 'none', text: say('level-and-condition.none') },
    ],
  },
] as const
/** A tank under pressure is the place to look at; a cap on the radiator is there beside a bottle without. */
const rows = computed(() =>
  ROWS.filter(
    ({ key }) =>
      key !== 'radiatorLevel' ||
      seen.value.radiatorLevel ||
      knownValue(open.input.value!.vehicle.profile.vessel) !== 'pressurised-tank',
  ),
)
const set = (key: string, value: string) =>
  amend({ ...seen.value, [key]: value } as LevelAndCondition)
</script>

<template>
  <div class="stack">
    <p class="caution">
      {{ say('level-and-condition.openOnlyWhenColdCoolant') }}
    </p>
    <ChoiceRow
      v-for="row in rows"
      :key="row.key"
      :disabled="!open.mayRecord.value"
      :label="row.label"
      :options="row.options"
      :model-value="seen[row.key]"
      @update:model-value="set(row.key, $event)"
    />
    <CheckResult :outcome="outcome" :nothing="say('level-and-condition.nothingOddSeen')" />
    <v-btn
      v-if="last"
      class="back"
      aria-keyshortcuts="t"
      :disabled="!open.mayRecord.value"
      @click="takeBack(last.id)"
      >{{ say('level-and-condition.takeItBack') }}</v-btn
    >
  </div>
</template>

<style scoped>
.back {
  align-self: flex-start;
}
</style>
