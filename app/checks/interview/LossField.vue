<script setup lang="ts">
import type { QuantityRecord, ReportedLoss } from '#core'

const { say } = useWords()

/** How much is topped up, per what time or distance; or "not known". */
const model = defineModel<ReportedLoss | undefined>({ required: true })
const preferences = usePreferences()
const start =
  model.value && model.value.amount !== 'not-known'
    ? (model.value.amount as QuantityRecord)
    : undefined
const amount = ref<QuantityRecord | undefined>(start)
type Per = 'day' | 'week' | 'month' | 'distance' | 'not-known'
const per = ref<Per | undefined>(
  model.value?.amount === 'not-known' ? 'not-known' : perOf(model.value?.per),
)
const distance = computed(() =>
  preferences.units.volume === 'qt'
    ? { typed: '1000 mi', value: 1000, unit: 'mi', coreValue: 1609.344 }
    : { typed: '1000 km', value: 1000, unit: 'km', coreValue: 1000 },
)
const TIMES = {
  day: { typed: '1 d', value: 1, unit: 'd', coreValue: 86400 },
  week: { typed: '1 wk', value: 1, unit: 'wk', coreValue: 604800 },
  month: { typed: '30 d', value: 30, unit: 'd', coreValue: 2592000 },
} as const
const options = computed(() => [
  { value: 'day' as const, text: say('interview.loss-field.aDay') },
  { value: 'week' as const, text: say('interview.loss-field.aWeek') },
  { value: 'month' as const, text: say('interview.loss-field.aMonth') },
  {
    value: 'distance' as const,
    text: say('interview.loss-field.per2', { typed: distance.value.typed }),
  },
  { value: 'not-known' as const, text: say('interview.loss-field.notKnown') },
])
function perOf(value: ReportedLoss['per']): Per | undefined {
  if (!value) return undefined
  if ('distance' in value) return 'distance'
  return value.time.coreValue <= 86400 ? 'day' : value.time.coreValue <= 604800 ? 'week' : 'month'
}
watch([amount, per], () => {
  if (per.value === 'not-known') model.value = { amount: 'not-known' }
  else if (amount.value && per.value)
    model.value = {
      amount: amount.value,
      per:
        per.value === 'distance' ? { distance: distance.value } : { time: { ...TIMES[per.value] } },
    }
  else model.value = undefined
})
</script>

<template>
  <div class="row loss">
    <QuantityField
      v-if="per !== 'not-known'"
      v-model="amount"
      :label="say('interview.loss-field.howMuchIsToppedUp')"
      kind="volume"
      :limits="{ min: 0, max: 200 }"
      optional
    />
    <ChoiceRow v-model="per" :label="say('interview.loss-field.per')" :options="options" />
  </div>
</template>

<style scoped>
.loss {
  align-items: flex-start;
}
</style>
