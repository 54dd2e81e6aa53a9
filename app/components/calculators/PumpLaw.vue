<script setup lang="ts">
import { pumpPressureAt, type QuantityRecord } from '#core'
import { typedQuantity } from './typed-quantity'

const { say } = useWords()

/** What a pump would add at the speed that its specification names; the static pressure comes off first. */
const preferences = usePreferences()
const port = ref<QuantityRecord | undefined>(typedQuantity('pressure', 79.5, preferences.units))
const still = ref<QuantityRecord | undefined>(typedQuantity('pressure', 70, preferences.units))
const rpm = ref<number | undefined>(1100)
const specifiedRpm = ref<number | undefined>(1600)
const figures = computed(() => {
  if (!port.value || !still.value || !rpm.value || !specifiedRpm.value) return []
  const added = port.value.coreValue - still.value.coreValue
  const show = (kPa: number) => preferences.show('pressure', kPa)
  return [
    {
      name: say('calculators.addsThere'),
      text: show(pumpPressureAt(added, rpm.value, specifiedRpm.value)),
    },
    { name: say('calculators.addsHere'), text: show(added) },
    {
      name: say('calculators.naively'),
      text: show(pumpPressureAt(port.value.coreValue, rpm.value, specifiedRpm.value)),
      beside: say('calculators.naivelyWrong'),
    },
  ]
})
</script>

<template>
  <section class="sheet stack">
    <h2>{{ say('calculators.pump') }}</h2>
    <div class="row top">
      <QuantityField
        v-model="port"
        :label="say('calculators.atThePort')"
        kind="pressure"
        :limits="{ min: -100, max: 600 }"
      />
      <QuantityField
        v-model="still"
        :label="say('calculators.engineStopped')"
        kind="pressure"
        :limits="{ min: -100, max: 600 }"
      />
      <NumberField
        v-model="rpm"
        :label="say('calculators.engineSpeed')"
        unit="rpm"
        :min="200"
        :max="12000"
      />
      <NumberField
        v-model="specifiedRpm"
        :label="say('calculators.specifiedSpeed')"
        unit="rpm"
        :min="200"
        :max="12000"
      />
    </div>
    <div v-if="figures.length > 0" class="comes-to" role="status">
      <FigureList :figures="figures" />
    </div>
  </section>
</template>
