<script setup lang="ts">
import { type CoolerTest, coolerTestCheck } from '#core'

const { say } = useWords()

const { open, all, outcomeOf, mayRecord, keep, takeBack } = useCheck(
  coolerTestCheck,
  'cooler-test.test',
)
const profile = computed(() => open.input.value?.vehicle.profile ?? {})
const WHICH: { value: CoolerTest['which']; text: string; here: () => boolean }[] = [
  {
    value: 'oil-cooler',
    text: say('cooler-test.oilCooler'),
    here: () => profile.value.oilCooler !== false,
  },
  {
    value: 'gearbox-cooler',
    text: say('cooler-test.gearboxCooler'),
    here: () => profile.value.transmissionCooler !== false,
  },
  {
    value: 'egr-cooler',
    text: say('cooler-test.egrCooler'),
    here: () => profile.value.egrCooler !== false,
  },
  {
    value: 'injector-sleeve',
    text: say('cooler-test.injectorSleeve'),
    here: () => profile.value.heavyDiesel === true,
  },
  {
    value: 'liner',
    text: say('cooler-test.liner'),
    here: () => profile.value.heavyDiesel === true,
  },
  {
    value: 'air-compressor',
    text: say('cooler-test.airCompressor'),
    here: () => profile.value.heavyDiesel === true,
  },
]
const parts = computed(() => WHICH.filter((w) => w.here()))
const of = (which: string) => all.value.findLast((t) => t.data.which === which)
</script>

<template>
  <div class="stack">
    <Cautions :ids="['hold']" />
    <p>{{ say('cooler-test.cutEachOffFromThe') }}</p>
    <div v-for="w in parts" :key="w.value" class="cooler">
      <ChoiceRow
        :label="w.text"
        :disabled="!mayRecord"
        :options="[
          { value: 'leaks', text: say('cooler-test.leaks') },
          { value: 'tight', text: say('cooler-test.tight') },
        ]"
        :model-value="of(w.value)?.data.result"
        @update:model-value="keep({ which: w.value, result: $event }, of(w.value)?.id)"
      />
      <v-btn
        v-if="of(w.value)"
        aria-keyshortcuts="t"
        :disabled="!mayRecord"
        @click="takeBack(of(w.value)!.id)"
        >{{ say('cooler-test.takeItBack') }}</v-btn
      >
    </div>
    <CheckTimer check="cooler-test" :minutes="10" :label="say('cooler-test.pressedWatching')" />
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
