<script setup lang="ts">
import { holdWhatIf, type QuantityRecord } from '#core'
import { typedQuantity } from './typed-quantity'

const { say } = useWords()

/** How long a hold takes with a gauge, how large a leak a fall shows, and what a loss would make fall. */
const preferences = usePreferences()
const step = ref<QuantityRecord | undefined>(typedQuantity('pressure', 2, preferences.units))
const hold = ref<QuantityRecord | undefined>(typedQuantity('pressure', 100, preferences.units))
const fall = ref<QuantityRecord>()
const loss = ref<QuantityRecord>()
const hours = ref<number | undefined>(10)
const around = (kind: 'flow' | 'volume' | 'pressureRate', { low, high }: Range) =>
  say('calculators.range', {
    low: preferences.show(kind, low),
    high: preferences.show(kind, high),
  })
interface Range {
  low: number
  value: number
  high: number
}
const figures = computed(() => {
  if (!step.value || !hold.value || !hours.value || hold.value.coreValue <= 0) return []
  const held = hold.value.coreValue
  const told = holdWhatIf({
    stepKPa: step.value.coreValue,
    holdKPa: held,
    capKPa: held,
    hoursPerWeek: hours.value,
    fallKPaPerMinute: fall.value && fall.value.coreValue / FALL_MINUTES,
    lossLitresPerWeek: loss.value?.coreValue,
  })
  const ranged = (name: string, kind: 'flow' | 'volume' | 'pressureRate', range?: Range) =>
    range ? [{ name, text: preferences.show(kind, range.value), beside: around(kind, range) }] : []
  return [
    {
      name: say('calculators.holdFor'),
      text: say('calculators.minutes', { minutes: told.minutesForUsualLimit }),
    },
    ...ranged(say('calculators.leak'), 'flow', told.leakMLPerMinute),
    ...ranged(say('calculators.aWeek'), 'volume', told.litresPerWeek),
    ...ranged(say('calculators.lossFalls'), 'pressureRate', told.lossFallKPaPerMinute),
    ...(told.minutesToSeeLoss === undefined
      ? []
      : [
          {
            name: say('calculators.toSeeIt'),
            text: say('calculators.minutes', { minutes: told.minutesToSeeLoss }),
          },
        ]),
  ]
})
/** A fall is asked over a quarter of an hour, as a hold lasts. */
const FALL_MINUTES = 15
</script>

<template>
  <section class="sheet stack">
    <h2>{{ say('calculators.hold') }}</h2>
    <div class="row top">
      <QuantityField
        v-model="step"
        :label="say('calculators.gaugeStep')"
        kind="pressure"
        :limits="{ min: 0.01, max: 50 }"
      />
      <QuantityField
        v-model="hold"
        :label="say('calculators.pressedTo')"
        kind="pressure"
        :limits="{ min: 1, max: 250 }"
      />
      <QuantityField
        v-model="fall"
        :label="say('calculators.fellBy', { minutes: FALL_MINUTES })"
        kind="pressure"
        :limits="{ min: 0, max: 250 }"
        optional
      />
      <QuantityField
        v-model="loss"
        :label="say('calculators.lossAWeek')"
        kind="volume"
        :limits="{ min: 0, max: 100 }"
        optional
      />
      <NumberField
        v-model="hours"
        :label="say('calculators.hoursAWeek')"
        unit="h"
        :min="0.5"
        :max="168"
      />
    </div>
    <div v-if="figures.length > 0" class="comes-to" role="status">
      <FigureList :figures="figures" />
    </div>
    <p class="small quiet">{{ say('calculators.wideByCompliance') }}</p>
  </section>
</template>
