<script setup lang="ts">
import { endoscopeCheck, type EndoscopeLook, knownValue } from '#core'

const { open, all, outcomeOf, mayRecord, keep, takeBack } = useCheck(
  endoscopeCheck,
  'endoscope.look',
)
const cylinders = computed(() => knownValue(open.input.value?.vehicle.profile.cylinders) ?? 4)
const chosen = ref(1)
const pressed = ref<'yes' | 'no'>(open.state.value?.has('pressed') ? 'yes' : 'no')
const of = (c: number) => all.value.findLast((l) => l.data.cylinder === c)
const SEEN = { dry: 'Dry', wet: 'Coolant', 'steam-cleaned': 'Washed clean' } as const
const marks = computed(
  () =>
    new Map(
      Array.from({ length: cylinders.value }, (_, i) => i + 1).map((c) => {
        const seen = of(c)?.data.seen
        return [
          c,
          {
            text: seen ? SEEN[seen] : 'not seen',
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
      Four cylinders assumed: say how many in the system profile.
    </p>
    <ChoiceRow
      v-model="pressed"
      label="Was the system under pressure for some time before?"
      :options="[
        { value: 'yes', text: 'Yes, pressed' },
        { value: 'no', text: 'No' },
      ]"
    />
    <EnginePicture
      :cylinders="cylinders"
      :marks="marks"
      :chosen="[chosen]"
      verb="Look at this one"
      @tap="chosen = $event"
    />
    <ChoiceRow
      :key="chosen"
      :label="`Cylinder ${chosen} looks`"
      :disabled="!mayRecord"
      :options="[
        { value: 'dry', text: 'Dry, sooted' },
        { value: 'wet', text: 'Coolant in it' },
        { value: 'steam-cleaned', text: 'Washed clean' },
      ]"
      :model-value="looked?.data.seen"
      @update:model-value="set"
    />
    <CheckResult :outcome="outcomeOf(looked?.id)" />
    <div v-if="looked" class="row">
      <v-btn :disabled="!mayRecord" @click="takeBack(looked.id)">Take it back</v-btn>
    </div>
  </div>
</template>
