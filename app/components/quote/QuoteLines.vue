<script setup lang="ts">
import { mdiDeleteOutline } from '@mdi/js'
import { LINE_UNITS, lineMinor, NEEDS } from '#core'
import type { TypedLine } from '../../composables/use-quote'
import { formatMoney } from '../../../words/format'

const { say } = useWords()

/** The lines of a quote, each to be changed where it stands. */
defineProps<{ currency: string; disabled: boolean }>()
const lines = defineModel<TypedLine[]>({ required: true })
const preferences = usePreferences()
const needs = NEEDS.map((value) => ({ value, title: say(`quote.need.${value}`) }))
const units = LINE_UNITS.map((value) => ({ value, title: say(`quote.unit.${value}`) }))
const remove = (key: number) => (lines.value = lines.value.filter((line) => line.key !== key))
const amount = ({ quantity = 0, unitPrice = 0 }: TypedLine, currency: string) =>
  formatMoney(lineMinor({ quantity, unitPrice }, currency), currency, preferences.language)
</script>

<template>
  <ol class="lines">
    <li v-for="(line, i) in lines" :key="line.key" :aria-label="say('quote.line', { line: i + 1 })">
      <v-text-field
        v-model="line.text"
        :label="say('quote.what')"
        :disabled="disabled"
        maxlength="160"
        class="what"
      />
      <NumberField
        v-model="line.quantity"
        :label="say('quote.quantity')"
        :min="0.01"
        :max="1000"
        :disabled="disabled"
        class="number"
      />
      <v-select
        v-model="line.unit"
        :items="units"
        :label="say('quote.unit')"
        :disabled="disabled"
        class="unit"
      />
      <NumberField
        v-model="line.unitPrice"
        :label="say('quote.price')"
        :min="0"
        :max="1000000"
        :disabled="disabled"
        class="number"
      />
      <v-select
        v-model="line.need"
        :items="needs"
        :label="say('quote.need')"
        :disabled="disabled"
        class="need"
      />
      <span class="amount">{{ amount(line, currency) }}</span>
      <v-btn
        :icon="mdiDeleteOutline"
        :disabled="disabled"
        :aria-label="say('quote.takeOut', { line: i + 1 })"
        @click="remove(line.key)"
      />
    </li>
  </ol>
</template>

<style scoped>
.lines {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: minmax(160px, 1fr) 96px 108px 112px 132px 96px 48px;
  gap: 8px;
  align-items: end;
  padding: 5px 0;
}
.number {
  min-width: 0;
}
.number :deep(input) {
  font-size: 18px;
}
.amount {
  text-align: right;
  font-weight: 600;
  line-height: 52px;
  white-space: nowrap;
}
/* Each field has its label; it is shown above the first line, as the head of a column. */
@media (min-width: 1000px) {
  li:not(:first-child) .number :deep(label) {
    position: absolute;
    clip-path: inset(50%);
  }
}
@media (max-width: 999px) {
  li {
    grid-template-columns: 1fr 1fr;
    border-bottom: 1px solid var(--line);
    padding: 10px 0;
  }
  .what {
    grid-column: 1 / -1;
  }
}
</style>
