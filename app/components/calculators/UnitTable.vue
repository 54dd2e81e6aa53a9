<script setup lang="ts">
import { fromCore, type QuantityKind, type QuantityRecord, UNITS } from '#core'
import { typedQuantity } from './typed-quantity'

const { say } = useWords()

/** One figure in every unit of its kind. */
const preferences = usePreferences()
const KINDS = ['pressure', 'temperature', 'volume', 'length', 'flow', 'distance'] as const
const kind = ref<(typeof KINDS)[number]>('pressure')
const START: Readonly<Partial<Record<QuantityKind, number>>> = { temperature: 90, pressure: 100 }
const figure = ref<QuantityRecord>()
watch(kind, (now) => (figure.value = typedQuantity(now, START[now] ?? 1, preferences.units)), {
  immediate: true,
})
const figures = computed(() =>
  figure.value
    ? UNITS[kind.value].map(({ symbol, decimals }) => ({
        name: symbol,
        text: fromCore(kind.value, figure.value!.coreValue, symbol)
          .toFixed(decimals + 1)
          .replace('-', '−'),
      }))
    : [],
)
const options = KINDS.map((value) => ({ value, text: say(`calculators.kind.${value}`) }))
</script>

<template>
  <section class="sheet stack">
    <h2>{{ say('calculators.units') }}</h2>
    <ChoiceRow v-model="kind" :label="say('calculators.kind')" :options="options" />
    <QuantityField :key="kind" v-model="figure" :label="say('calculators.figure')" :kind="kind" />
    <div v-if="figures.length > 0" class="comes-to" role="status">
      <FigureList :figures="figures" />
    </div>
  </section>
</template>
