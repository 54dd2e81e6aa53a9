<script setup lang="ts">
import {
  boilingPointC,
  type CoolantBase,
  massFractionFromVolume,
  type QuantityRecord,
  ruleOfThumbBoilingC,
} from '#core'
import { typedQuantity } from './typed-quantity'

const { say } = useWords()

/** How far the hottest coolant is from boiling, at the pressure that is held and on this mountain. */
const session = useSession()
const preferences = usePreferences()
const base = ref<CoolantBase>('ethylene-glycol')
const percent = ref<number | undefined>(50)
const elevation = ref<QuantityRecord | undefined>(
  typedQuantity('elevation', session.current?.shop.elevationMetres ?? 0, preferences.units),
)
const held = ref<QuantityRecord | undefined>(typedQuantity('pressure', 100, preferences.units))
const hottest = ref<QuantityRecord | undefined>(
  typedQuantity('temperature', 105, preferences.units),
)
/** A table of glycol ends here, per cent by volume. */
const STRONGEST = 57
const boilingC = computed(() =>
  percent.value === undefined || !elevation.value || !held.value
    ? undefined
    : boilingPointC({
        base: base.value,
        massFraction: massFractionFromVolume(base.value, percent.value / 100),
        elevationMetres: elevation.value.coreValue,
        heldKPaGauge: held.value.coreValue,
      }),
)
const figures = computed(() => {
  if (boilingC.value === undefined) return []
  const rule = preferences.show('temperature', ruleOfThumbBoilingC(held.value!.coreValue), 0)
  const margin = hottest.value && boilingC.value - hottest.value.coreValue
  return [
    {
      name: say('calculators.boilsAt'),
      text: preferences.show('temperature', boilingC.value, 0),
      beside: say('calculators.byTheRule', { rule }),
    },
    ...(margin === undefined
      ? []
      : [
          {
            name: say(margin < 0 ? 'calculators.beyondBoiling' : 'calculators.margin'),
            text: preferences.show('temperatureDifference', Math.abs(margin), 0),
          },
        ]),
  ]
})
const BASES = (['ethylene-glycol', 'propylene-glycol', 'water'] as const).map((value) => ({
  value,
  text: say(`calculators.base.${value}`),
}))
</script>

<template>
  <section class="sheet stack">
    <h2>{{ say('calculators.boilingMargin') }}</h2>
    <ChoiceRow v-model="base" :label="say('calculators.coolant')" :options="BASES" />
    <div class="row top">
      <NumberField
        v-if="base !== 'water'"
        v-model="percent"
        :label="say('calculators.antifreeze')"
        unit="%"
        :min="0"
        :max="STRONGEST"
      />
      <QuantityField
        v-model="held"
        :label="say('calculators.held')"
        kind="pressure"
        :limits="{ min: 0, max: 250 }"
      />
      <QuantityField
        v-model="elevation"
        :label="say('calculators.elevation')"
        kind="elevation"
        :limits="{ min: -400, max: 5500 }"
      />
      <QuantityField
        v-model="hottest"
        :label="say('calculators.hottest')"
        kind="temperature"
        :limits="{ min: 0, max: 200 }"
        optional
      />
    </div>
    <div v-if="figures.length > 0" class="comes-to" role="status">
      <FigureList :figures="figures" />
    </div>
    <p class="small quiet">{{ say('calculators.heldNotMarked') }}</p>
  </section>
</template>
