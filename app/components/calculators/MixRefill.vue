<script setup lang="ts">
import { freezingPointC, massFractionFromVolume, mixPlan, type QuantityRecord } from '#core'
import { typedQuantity } from './typed-quantity'

const { say } = useWords()

/** What to drain and what to fill in, so that the mix is as it should be. */
const preferences = usePreferences()
const capacity = ref<QuantityRecord | undefined>(typedQuantity('volume', 8, preferences.units))
const now = ref<number | undefined>(30)
const wanted = ref<number | undefined>(50)
const concentrate = ref<number | undefined>(100)
const litres = (value: number) => preferences.show('volume', value, 1)
const plan = computed(() => {
  if (!capacity.value || now.value === undefined || wanted.value === undefined) return undefined
  const [from, to, pure] = [now.value / 100, wanted.value / 100, (concentrate.value ?? 100) / 100]
  const { coreValue: all } = capacity.value
  const { leastDrainLitres } = mixPlan(all, from, to, 0, pure)
  const drained = Math.min(all, Math.ceil(leastDrainLitres * 10) / 10)
  return { drained, ...mixPlan(all, from, to, drained, pure) }
})
const figures = computed(() =>
  plan.value?.reachable
    ? [
        { name: say('calculators.drain'), text: litres(plan.value.drained) },
        { name: say('calculators.fillConcentrate'), text: litres(plan.value.concentrateLitres) },
        { name: say('calculators.fillWater'), text: litres(plan.value.waterLitres) },
        {
          name: say('calculators.freezesAt'),
          text: preferences.show(
            'temperature',
            freezingPointC(
              'ethylene-glycol',
              massFractionFromVolume('ethylene-glycol', Math.min(0.57, wanted.value! / 100)),
            ),
            0,
          ),
        },
      ]
    : [],
)
</script>

<template>
  <section class="sheet stack">
    <h2>{{ say('calculators.mix') }}</h2>
    <div class="row top">
      <QuantityField
        v-model="capacity"
        :label="say('calculators.capacity')"
        kind="volume"
        :limits="{ min: 1, max: 200 }"
      />
      <NumberField
        v-model="now"
        :label="say('calculators.antifreezeNow')"
        unit="%"
        :min="0"
        :max="90"
      />
      <NumberField
        v-model="wanted"
        :label="say('calculators.antifreezeWanted')"
        unit="%"
        :min="1"
        :max="60"
      />
      <NumberField
        v-model="concentrate"
        :label="say('calculators.inTheConcentrate')"
        unit="%"
        :min="20"
        :max="100"
      />
    </div>
    <div v-if="figures.length > 0" class="comes-to" role="status">
      <FigureList :figures="figures" />
    </div>
    <p v-else-if="plan" class="problem" role="alert">{{ say('calculators.notReachable') }}</p>
  </section>
</template>
