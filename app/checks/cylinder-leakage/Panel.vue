<script setup lang="ts">
import { type CylinderLeakage, cylinderLeakageCheck, knownValue } from '#core'

const { say } = useWords()

const { open, all, outcomeOf, mayRecord, keep, takeBack } = useCheck(
  cylinderLeakageCheck,
  'cylinder-leakage.test',
)
const cylinders = computed(() => knownValue(open.input.value?.vehicle.profile.cylinders) ?? 4)
const chosen = ref(1)
const of = (c: number) => all.value.findLast((t) => t.data.cylinder === c)
const percent = ref<number>()
const bubbles = ref<CylinderLeakage['bubblesInNeck']>('not-known')
const problem = ref('')
watch(
  chosen,
  (c) => {
    percent.value = of(c)?.data.leakPercent
    bubbles.value = of(c)?.data.bubblesInNeck ?? 'not-known'
  },
  { immediate: true },
)
const marks = computed(
  () =>
    new Map(
      Array.from({ length: cylinders.value }, (_, i) => i + 1).map((c) => {
        const test = of(c)?.data
        return [
          c,
          {
            text: test
              ? `${test.leakPercent} %${test.bubblesInNeck === 'yes' ? say('cylinder-leakage.bubbles2') : ''}`
              : say('cylinder-leakage.notTested'),
            tone: !test
              ? ('open' as const)
              : test.bubblesInNeck === 'yes'
                ? ('hot' as const)
                : ('cool' as const),
          },
        ]
      }),
    ),
)
async function save() {
  problem.value = ''
  if (percent.value === undefined)
    return void (problem.value = say('cylinder-leakage.typeTheLeakageInPer'))
  await keep(
    { cylinder: chosen.value, leakPercent: percent.value, bubblesInNeck: bubbles.value },
    of(chosen.value)?.id,
  )
}
</script>

<template>
  <div class="stack">
    <Cautions :ids="['engineCanTurn']" />
    <EnginePicture
      :cylinders="cylinders"
      :marks="marks"
      :chosen="[chosen]"
      :verb="say('cylinder-leakage.testThisOne')"
      @tap="chosen = $event"
    />
    <div class="row top">
      <NumberField
        v-model="percent"
        :label="say('cylinder-leakage.cylinderLeaks', { chosen })"
        unit="%"
        :min="0"
        :max="100"
      />
      <ChoiceRow
        v-model="bubbles"
        :label="say('cylinder-leakage.bubblesInTheNeck')"
        :options="[
          { value: 'yes', text: say('cylinder-leakage.bubbles') },
          { value: 'no', text: say('cylinder-leakage.none') },
          { value: 'not-known', text: say('cylinder-leakage.notLooked') },
        ]"
      />
    </div>
    <KeepRow :problem="problem">
      <v-btn class="solid" aria-keyshortcuts="k" :disabled="!mayRecord" @click="save">{{
        say('cylinder-leakage.keepCylinder', { chosen })
      }}</v-btn>
    </KeepRow>
    <CheckResult :outcome="outcomeOf(of(chosen)?.id)" />
    <div v-if="of(chosen)" class="row">
      <v-btn aria-keyshortcuts="t" :disabled="!mayRecord" @click="takeBack(of(chosen)!.id)">{{
        say('cylinder-leakage.takeItBack')
      }}</v-btn>
    </div>
  </div>
</template>

<style scoped>
.top {
  align-items: flex-start;
  gap: 20px;
}
</style>
