<script setup lang="ts">
import { type BeltAndPump, beltAndPumpCheck } from '#core'

const { say } = useWords()

const { open, last, outcome, mayRecord, amend, takeBack } = useCheck(
  beltAndPumpCheck,
  'belt-and-pump.look',
)
const NOTHING: BeltAndPump = {
  pumpTurns: 'not-known',
  slip: 'not-known',
  wobble: 'not-known',
  bearing: 'not-known',
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
          label: say('belt-and-pump.beltGlazedSlackOrSlipping'),
          options: [
            { value: 'none', text: say('belt-and-pump.tightDry') },
            { value: 'some', text: say('belt-and-pump.someSlip') },
            { value: 'much', text: say('belt-and-pump.slipsMuch') },
            { value: 'not-known', text: say('belt-and-pump.notLooked') },
          ],
        },
        {
          key: 'routing',
          label: say('belt-and-pump.beltRunAgainstTheMakers'),
          options: [
            { value: 'right', text: say('belt-and-pump.right') },
            { value: 'wrong', text: say('belt-and-pump.wrongWayRound') },
            { value: 'not-checked', text: say('belt-and-pump.notChecked') },
          ],
        },
      ]),
  {
    key: 'wobble',
    label: say('belt-and-pump.pulleyRockedByHand'),
    options: [
      { value: 'none', text: say('belt-and-pump.runsTrue') },
      { value: 'wobbles', text: say('belt-and-pump.wobbles') },
      { value: 'not-known', text: say('belt-and-pump.notLooked') },
    ],
  },
  ...(drive.value === 'electric'
    ? []
    : [
        {
          key: 'bearing',
          label: say('belt-and-pump.bearingByHand'),
          options: [
            { value: 'smooth', text: say('belt-and-pump.smooth') },
            { value: 'rough', text: say('belt-and-pump.grinds') },
            { value: 'not-known', text: say('belt-and-pump.beltStaysOn') },
          ],
        },
      ]),
  {
    key: 'pumpTurns',
    label:
      drive.value === 'electric'
        ? say('belt-and-pump.commandedOnDoesThePump')
        : say('belt-and-pump.turnedOverByHandDoes'),
    options: [
      { value: 'yes', text: say('belt-and-pump.turns') },
      { value: 'no', text: say('belt-and-pump.standsStill') },
      { value: 'not-known', text: say('belt-and-pump.cannotBeSeen') },
    ],
  },
])
const set = (key: string, value: string) => amend({ ...seen.value, [key]: value } as BeltAndPump)
</script>

<template>
  <div class="stack">
    <Cautions :ids="['engineOffKeyOut']" />
    <p v-if="drive === 'timing-belt' || drive === 'gear'" class="quiet">
      {{
        say('belt-and-pump.thisPumpIsDrivenBy', {
          drive: drive === 'gear' ? 'gears' : say('belt-and-pump.timingBelt'),
        })
      }}
    </p>
    <ChoiceRows :rows="ROWS" :values="seen" :disabled="!mayRecord" @set="set" />
    <CheckResult :outcome="outcome" :nothing="say('belt-and-pump.nothingFoundSoFar')" />
    <div v-if="last" class="row">
      <v-btn aria-keyshortcuts="t" :disabled="!mayRecord" @click="takeBack(last.id)">{{
        say('belt-and-pump.takeItBack')
      }}</v-btn>
    </div>
  </div>
</template>
