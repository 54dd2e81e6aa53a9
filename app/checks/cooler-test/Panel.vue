<script setup lang="ts">
import { type CoolerTest, coolerTestCheck } from '#core'

const { open, all, outcomeOf, mayRecord, keep, takeBack } = useCheck(
  coolerTestCheck,
  'cooler-test.test',
)
const profile = computed(() => open.input.value?.vehicle.profile ?? {})
const WHICH: { value: CoolerTest['which']; text: string; here: () => boolean }[] = [
  { value: 'oil-cooler', text: 'Oil cooler', here: () => profile.value.oilCooler !== false },
  {
    value: 'gearbox-cooler',
    text: 'Gearbox cooler',
    here: () => profile.value.transmissionCooler !== false,
  },
  { value: 'egr-cooler', text: 'EGR cooler', here: () => profile.value.egrCooler !== false },
  {
    value: 'injector-sleeve',
    text: 'Injector sleeve',
    here: () => profile.value.heavyDiesel === true,
  },
  { value: 'liner', text: 'Liner', here: () => profile.value.heavyDiesel === true },
  {
    value: 'air-compressor',
    text: 'Air compressor',
    here: () => profile.value.heavyDiesel === true,
  },
]
const parts = computed(() => WHICH.filter((w) => w.here()))
const of = (which: string) => all.value.findLast((t) => t.data.which === which)
</script>

<template>
  <div class="stack">
    <Cautions :ids="['hold']" />
    <p>Cut each off from the loop, press it by itself, and say what it did.</p>
    <div v-for="w in parts" :key="w.value" class="cooler">
      <ChoiceRow
        :label="w.text"
        :disabled="!mayRecord"
        :options="[
          { value: 'leaks', text: 'Leaks' },
          { value: 'tight', text: 'Tight' },
        ]"
        :model-value="of(w.value)?.data.result"
        @update:model-value="keep({ which: w.value, result: $event }, of(w.value)?.id)"
      />
      <v-btn v-if="of(w.value)" :disabled="!mayRecord" @click="takeBack(of(w.value)!.id)"
        >Take it back</v-btn
      >
    </div>
    <CheckTimer check="cooler-test" :minutes="10" label="Pressed, watching" />
    <CheckResult :outcome="outcomeOf(all.at(-1)?.id)" />
  </div>
</template>

<style scoped>
.cooler {
  display: flex;
  gap: 16px;
  align-items: flex-end;
  flex-wrap: wrap;
  border-bottom: 1px solid var(--line);
  padding-bottom: 8px;
}
</style>
