<script setup lang="ts">
import { type FanByHand, fanByHandCheck } from '#core'

const { say } = useWords()

const { last, outcome, mayRecord, amend, takeBack } = useCheck(fanByHandCheck, 'fan-by-hand.test')
const NOTHING: FanByHand = {
  drag: 'not-known',
  rocking: 'not-known',
  streaks: 'not-known',
  blades: 'not-known',
}
const seen = computed(() => last.value?.data ?? NOTHING)
const turns = ref<number | undefined>(seen.value.freeTurns)
const ROWS = [
  {
    key: 'drag',
    label: say('fan-by-hand.pushTheFanHowDoes'),
    options: [
      { value: 'free', text: say('fan-by-hand.spinsFree') },
      { value: 'some', text: say('fan-by-hand.someDrag') },
      { value: 'stiff', text: say('fan-by-hand.stiff') },
      { value: 'seized', text: say('fan-by-hand.doesNotSlip') },
      { value: 'not-known', text: say('fan-by-hand.notTried') },
    ],
  },
  {
    key: 'rocking',
    label: say('fan-by-hand.rockItAtTheTip'),
    options: [
      { value: 'none', text: say('fan-by-hand.noPlay') },
      { value: 'clutch-only', text: say('fan-by-hand.clutchRocks') },
      { value: 'pulley-too', text: say('fan-by-hand.pulleyRocksToo') },
      { value: 'not-known', text: say('fan-by-hand.notTried') },
    ],
  },
  {
    key: 'streaks',
    label: say('fan-by-hand.fluidStreaksOnTheClutch'),
    options: [
      { value: 'yes', text: say('fan-by-hand.streaks') },
      { value: 'no', text: say('fan-by-hand.clean') },
      { value: 'not-known', text: say('fan-by-hand.notLooked') },
    ],
  },
  {
    key: 'blades',
    label: say('fan-by-hand.blades'),
    options: [
      { value: 'good', text: say('fan-by-hand.allWhole') },
      { value: 'damaged', text: say('fan-by-hand.damaged') },
      { value: 'not-known', text: say('fan-by-hand.notLooked') },
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
      :label="say('fan-by-hand.turnsAfterAPush')"
      :min="0"
      :max="50"
      :hint="say('fan-by-hand.countThemIfItSpins')"
      :disabled="!mayRecord"
    />
    <CheckResult :outcome="outcome" :nothing="say('fan-by-hand.nothingFoundByHand')" />
    <div v-if="last" class="row">
      <v-btn aria-keyshortcuts="t" :disabled="!mayRecord" @click="takeBack(last.id)">{{
        say('fan-by-hand.takeItBack')
      }}</v-btn>
    </div>
  </div>
</template>
