<script setup lang="ts">
import {
  compareWays,
  type Fault,
  type ShopPrices,
  type SystemProfile,
  toMinor,
  type WayId,
} from '#core'
import { formatMoney } from '../../../words/format'

const { say } = useWords()

/** The ways to put one fault right beside each other: price, life, what that is a year, and what each leaves unproven. */
const props = defineProps<{
  fault: Fault
  prices: ShopPrices
  profile: SystemProfile
  disabled: boolean
}>()
const chosen = defineModel<WayId>({ required: true })
const session = useSession()
const preferences = usePreferences()
const ways = computed(() =>
  compareWays(props.fault, {
    prices: props.prices,
    lives: session.current?.shop.lives ?? {},
    profile: props.profile,
  }),
)
const money = (amount: number) =>
  formatMoney(toMinor(amount, props.prices.currency), props.prices.currency, preferences.language)
const years = (count: number) => say('quote.ways.years', { years: Number(count.toFixed(1)) })
</script>

<template>
  <table v-if="ways.length > 1" class="ways">
    <caption>
      {{
        say('quote.ways.title', { fault: fault.name })
      }}
    </caption>
    <thead>
      <tr>
        <th scope="col">{{ say('quote.ways.way') }}</th>
        <th scope="col" class="amount">{{ say('quote.ways.price') }}</th>
        <th scope="col" class="amount">{{ say('quote.ways.lasts') }}</th>
        <th scope="col" class="amount">{{ say('quote.ways.perYear') }}</th>
        <th scope="col">{{ say('quote.ways.leaves') }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="way in ways" :key="way.id" :class="{ chosen: way.id === chosen }">
        <th scope="row">
          <label>
            <input
              v-model="chosen"
              type="radio"
              :name="`way ${fault.id}`"
              :value="way.id"
              :disabled="disabled"
            />
            {{ say(`quote.way.${way.id}`) }}
          </label>
        </th>
        <td class="amount">{{ money(way.price) }}</td>
        <td class="amount">{{ way.lastsYears === undefined ? '–' : years(way.lastsYears) }}</td>
        <td class="amount">{{ way.pricePerYear === undefined ? '–' : money(way.pricePerYear) }}</td>
        <td class="small">{{ say(`quote.leaves.${way.leaves}`) }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.ways {
  width: 100%;
  border-collapse: collapse;
}
caption {
  text-align: left;
  font-weight: 600;
  padding-bottom: 4px;
}
th,
td {
  text-align: left;
  padding: 2px 10px 2px 0;
  border-bottom: 1px solid var(--line);
  font-weight: inherit;
}
thead th {
  color: var(--ink-2);
  font-size: 15px;
}
.amount {
  text-align: right;
  white-space: nowrap;
}
.chosen {
  font-weight: 600;
}
label {
  display: inline-flex;
  align-items: center;
  gap: 10px;
  min-height: 44px;
  cursor: pointer;
}
input {
  width: 22px;
  height: 22px;
  accent-color: var(--ink);
}
@media (max-width: 600px) {
  thead {
    display: none;
  }
  tbody tr {
    display: grid;
    grid-template-columns: 1fr auto auto auto;
    align-items: center;
    border-bottom: 1px solid var(--line);
  }
  tbody th,
  tbody td {
    border: 0;
  }
  tbody td:last-child {
    grid-column: 1 / -1;
    padding-left: 32px;
  }
}
</style>
