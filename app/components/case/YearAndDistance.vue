<script setup lang="ts">
import { fromCore, toCore } from '#core'
import { preferredUnit } from '../../../words/format'

/** When a vehicle was built and how far it has gone; the distance in km, typed in the unit of this device. */
const year = defineModel<number | undefined>('year', { required: true })
const kilometres = defineModel<number | undefined>('kilometres', { required: true })
const { say } = useWords()
const preferences = usePreferences()
const MOST_DISTANCE = 3_000_000
const unit = computed(() => preferredUnit('distance', preferences.units))
const distance = computed({
  get: () =>
    kilometres.value === undefined
      ? undefined
      : Math.round(fromCore('distance', kilometres.value, unit.value)),
  set: (typed) => {
    if (typed === distance.value) return
    kilometres.value = typed === undefined ? undefined : toCore('distance', typed, unit.value)
  },
})
</script>

<template>
  <div class="row age">
    <NumberField v-model="year" :label="say('new.year')" :min="1900" :max="2100" whole />
    <NumberField
      v-model="distance"
      :label="say('new.distance')"
      :unit="unit"
      :min="0"
      :max="MOST_DISTANCE"
      class="distance"
    />
    <p class="small quiet says">{{ say('new.yearAndDistanceMove') }}</p>
  </div>
</template>

<style scoped>
.age {
  flex-wrap: wrap;
}
.distance {
  width: 190px;
  max-width: none;
}
.says {
  flex: 1 1 260px;
}
</style>
