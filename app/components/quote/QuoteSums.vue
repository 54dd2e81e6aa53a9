<script setup lang="ts">
import { type QuoteDrawn, type QuoteLine, totalsOf } from '#core'
import { formatMoney } from '../../../words/format'

const { say } = useWords()

/** What a quote comes to: what is needed, with what is advised, with everything. */
const props = defineProps<{
  lines: readonly Pick<QuoteLine, 'quantity' | 'unitPrice' | 'need'>[]
  money: Pick<QuoteDrawn, 'currency' | 'taxPercent'>
}>()
const preferences = usePreferences()
const show = (minor: number) => formatMoney(minor, props.money.currency, preferences.language)
const rows = computed(() => {
  const upTo = (...needs: string[]) => props.lines.filter(({ need }) => needs.includes(need))
  const sums = [
    { id: 'needed', lines: upTo('needed') },
    { id: 'withAdvised', lines: upTo('needed', 'advised') },
    { id: 'withAll', lines: [...props.lines] },
  ]
  return sums
    .filter(({ lines }, i) => lines.length > (sums[i - 1]?.lines.length ?? 0))
    .map(({ id, lines }) => ({ id, ...totalsOf(lines, props.money) }))
})
</script>

<template>
  <table class="sums">
    <thead>
      <tr>
        <th scope="col">{{ say('quote.comesTo') }}</th>
        <th scope="col">{{ say('quote.net') }}</th>
        <th scope="col">{{ say('quote.tax', { percent: money.taxPercent }) }}</th>
        <th scope="col">{{ say('quote.gross') }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="row in rows" :key="row.id">
        <th scope="row">{{ say(`quote.sum.${row.id}`) }}</th>
        <td>{{ show(row.netMinor) }}</td>
        <td>{{ show(row.taxMinor) }}</td>
        <td class="gross">{{ show(row.grossMinor) }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.sums {
  border-collapse: collapse;
  width: 100%;
}
th {
  text-align: left;
  font-weight: 600;
}
td,
thead th:not(:first-child) {
  text-align: right;
  white-space: nowrap;
}
td,
th {
  padding: 6px 0 6px 12px;
  border-bottom: 1px solid var(--line);
}
th:first-child {
  padding-left: 0;
}
.gross {
  font-weight: 600;
  font-size: 19px;
}
</style>
