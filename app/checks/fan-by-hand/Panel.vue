<script setup lang="ts">
import { type FanByHand, fanByHandCheck } from '#core'

const { last, outcome, mayRecord, amend, takeBack } = useCheck(fanByHandCheck, 'fan-by-hand.test')
const NOTHING: FanByHand = {
  drag: 'not-tried',
  rocking: 'not-tried',
  streaks: 'not-looked',
  blades: 'not-looked',
}
const seen = computed(() => last.value?.data ?? NOTHING)
const turns = ref<number | undefined>(seen.value.freeTurns)
const ROWS = [
  {
    key: 'drag',
    label: 'Push the fan: how does it turn, cold?',
    options: [
      { value: 'free', text: 'Spins free' },
      { value: 'some', text: 'Some drag' },
      { value: 'stiff', text: 'Stiff' },
      { value: 'seized', text: 'Does not slip' },
      { value: 'not-tried', text: 'Not tried' },
    ],
  },
  {
    key: 'rocking',
    label: 'Rock it at the tip of a blade',
    options: [
      { value: 'none', text: 'No play' },
      { value: 'clutch-only', text: 'Clutch rocks' },
      { value: 'pulley-too', text: 'Pulley rocks too' },
      { value: 'not-tried', text: 'Not tried' },
    ],
  },
  {
    key: 'streaks',
    label: 'Fluid streaks on the clutch',
    options: [
      { value: 'yes', text: 'Streaks' },
      { value: 'no', text: 'Clean' },
      { value: 'not-looked', text: 'Not looked' },
    ],
  },
  {
    key: 'blades',
    label: 'Blades',
    options: [
      { value: 'good', text: 'All whole' },
      { value: 'damaged', text: 'Damaged' },
      { value: 'not-looked', text: 'Not looked' },
    ],
  },
]
const set = (key: string, value: unknown) => amend({ ...seen.value, [key]: value } as FanByHand)
watchDebounced(
  turns,
  (value) => {
    if (value !== undefined && value !== seen.value.freeTurns) void set('freeTurns', value)
  },
  { debounce: 700 },
)
</script>

<template>
  <div class="stack">
    <Cautions :ids="['engineOffKeyOut']" />
    <ChoiceRows :rows="ROWS" :values="seen" :disabled="!mayRecord" @set="set" />
    <NumberField
      v-model="turns"
      label="Turns after a push"
      :min="0"
      :max="50"
      hint="Count them if it spins"
      :disabled="!mayRecord"
    />
    <CheckResult :outcome="outcome" nothing="Nothing found by hand." />
    <div v-if="last" class="row">
      <v-btn :disabled="!mayRecord" @click="takeBack(last.id)">Take it back</v-btn>
    </div>
  </div>
</template>
