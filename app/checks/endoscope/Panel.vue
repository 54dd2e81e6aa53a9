<script setup lang="ts">
import { endoscopeCheck, type EndoscopeLook, knownValue } from '#core'

const { say } = useWords()

const { open, all, outcomeOf, mayRecord, keep, takeBack } = useCheck(
  endoscopeCheck,
  'endoscope.look',
)
const cylinders = computed(() => knownValue(open.input.value?.vehicle.profile.cylinders) ?? 4)
const chosen = ref(1)
const pressed = ref<'yes' | 'no'>(open.state.value?.has('pressed') ? 'yes' : 'no')
const of = (c: number) => all.value.findLast((l) => l.data.cylinder === c)
const marks = computed(
  () =>
    new Map(
      Array.from({ length: cylinders.value }, (_, i) => i + 1).map((c) => {
        const seen = of(c)?.data.seen
        return [
          c,
          {
            text: seen ? say('endoscope.seen', { seen }) : say('endoscope.notSeen'),
            tone:
              seen === undefined
                ? ('open' as const)
                : seen === 'dry'
                  ? ('cool' as const)
                  : ('hot' as const),
          },
        ]
      }),
    ),
)
const set = (seen: EndoscopeLook['seen']) =>
  keep({ cylinder: chosen.value, seen, pressed: pressed.value === 'yes' }, of(chosen.value)?.id)
const looked = computed(() => of(chosen.value))
</script>

<template>
  <div class="stack">
    <Cautions :ids="['plugHole', 'hold']" />
    <p v-if="!knownValue(open.input.value?.vehicle.profile.cylinders)" class="quiet">
      {{ say('endoscope.fourCylindersAssumedSayHow') }}
    </p>
    <ChoiceRow
      v-model="pressed"
      :label="say('endoscope.wasTheSystemUnderPressure')"
      :options="[
        { value: 'yes', text: say('endoscope.yesPressed') },
        { value: 'no', text: say('endoscope.no') },
      ]"
    />
    <EnginePicture
      :cylinders="cylinders"
      :marks="marks"
      :chosen="[chosen]"
      :verb="say('endoscope.lookAtThisOne')"
      @tap="chosen = $event"
    />
    <ChoiceRow
      :key="chosen"
      :label="say('endoscope.cylinderLooks', { chosen })"
      :disabled="!mayRecord"
      :options="[
        { value: 'dry', text: say('endoscope.drySooted') },
        { value: 'wet', text: say('endoscope.coolantInIt') },
        { value: 'steam-cleaned', text: say('endoscope.washedClean') },
      ]"
      :model-value="looked?.data.seen"
      @update:model-value="set"
    />
    <CheckResult :outcome="outcomeOf(looked?.id)" />
    <div v-if="looked" class="row">
      <v-btn aria-keyshortcuts="t" :disabled="!mayRecord" @click="takeBack(looked.id)">{{
        say('endoscope.takeItBack')
      }}</v-btn>
    </div>
  </div>
</template>
