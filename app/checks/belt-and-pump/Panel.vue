<script setup lang="ts">
import { type BeltAndPump, beltAndPumpCheck } from '#core'

const { open, last, outcome, mayRecord, amend, takeBack } = useCheck(
  beltAndPumpCheck,
  'belt-and-pump.look',
)
const NOTHING: BeltAndPump = {
  pumpTurns: 'not-seen',
  slip: 'not-looked',
  wobble: 'not-looked',
  routing: 'not-checked',
}
const seen = computed(() => last.value?.data ?? NOTHING)
const drive = computed(() => open.input.value?.vehicle.profile.pumpDrive)
const ROWS = computed(() => [
  ...(drive.value === 'electric'
    ? []
    : [
        {
          key: 'slip',
          label: 'Belt: glazed, slack, or slipping',
          options: [
            { value: 'none', text: 'Tight, dry' },
            { value: 'some', text: 'Some slip' },
            { value: 'much', text: 'Slips much' },
            { value: 'not-looked', text: 'Not looked' },
          ],
        },
        {
          key: 'routing',
          label: 'Belt run, against the maker’s drawing',
          options: [
            { value: 'right', text: 'Right' },
            { value: 'wrong', text: 'Wrong way round' },
            { value: 'not-checked', text: 'Not checked' },
          ],
        },
      ]),
  {
    key: 'wobble',
    label: 'Pulley, rocked by hand',
    options: [
      { value: 'none', text: 'Runs true' },
      { value: 'wobbles', text: 'Wobbles' },
      { value: 'not-looked', text: 'Not looked' },
    ],
  },
  {
    key: 'pumpTurns',
    label:
      drive.value === 'electric'
        ? 'Commanded on: does the pump turn?'
        : 'Turned over by hand: does the pump turn with it?',
    options: [
      { value: 'yes', text: 'Turns' },
      { value: 'no', text: 'Stands still' },
      { value: 'not-seen', text: 'Cannot be seen' },
    ],
  },
])
const set = (key: string, value: string) => amend({ ...seen.value, [key]: value } as BeltAndPump)
</script>

<template>
  <div class="stack">
    <Cautions :ids="['engineOffKeyOut']" />
    <p v-if="drive === 'timing-belt' || drive === 'gear'" class="quiet">
      This pump is driven by the {{ drive === 'gear' ? 'gears' : 'timing belt' }}: what is behind
      the cover is not judged by the accessory belt.
    </p>
    <ChoiceRows :rows="ROWS" :values="seen" :disabled="!mayRecord" @set="set" />
    <CheckResult :outcome="outcome" nothing="Nothing found so far." />
    <div v-if="last" class="row">
      <v-btn :disabled="!mayRecord" @click="takeBack(last.id)">Take it back</v-btn>
    </div>
  </div>
</template>
