<script setup lang="ts">
import {
  auditOf,
  type AuditRow,
  draftLines,
  knownValue,
  totalsOf,
  withinBudget,
  yearAndDistance,
} from '#core'
import { formatChance, formatMoney } from '../../../../words/format'

const { say } = useWords()

/** What of a vehicle is worth renewing before it fails, with no complaint at all. */
const route = useRoute()
const shop = useShop()
const session = useSession()
const preferences = usePreferences()
const id = String(route.params.id)
const input = computed(() => shop.caseInput(id))
const gone = computed(() => input.value && yearAndDistance(input.value.vehicle))
const { fetching, outcome, fetchIt } = useCaseHere(id)
const prices = computed(() => session.current?.shop.prices)

const USUAL_BUDGET_HOURS = 12
const typedBudget = ref<number>()
const budget = computed({
  get: () =>
    typedBudget.value ??
    (prices.value ? Math.round(USUAL_BUDGET_HOURS * perHour.value) : USUAL_BUDGET_HOURS),
  set: (value) => (typedBudget.value = value),
})
/** An hour of labour with tax. */
const perHour = computed(() =>
  prices.value ? prices.value.hourlyRate * (1 + prices.value.taxPercent / 100) : 1,
)
const rows = computed(() =>
  input.value
    ? auditOf({ ...input.value, at: new Date().toISOString() }, session.current?.shop.lives)
    : [],
)
const bought = computed(() => withinBudget(rows.value, (budget.value ?? 0) / perHour.value))
const isBought = (part: string) => bought.value.some((row) => row.part === part)

/** Where the shop has set no prices, litres are reckoned all the same. */
const UNPRICED = {
  currency: 'EUR',
  taxPercent: 0,
  hourlyRate: 1,
  concentratePerLitre: 0,
  waterPerLitre: 0,
  validDays: 1,
}
const draft = computed(() =>
  draftLines(
    bought.value.map(({ fault }) => fault),
    { profile: input.value?.vehicle.profile ?? {}, prices: prices.value ?? UNPRICED },
  ),
)
const comesTo = computed(() => {
  if (bought.value.length === 0) return ''
  if (!prices.value) {
    const hours = bought.value.reduce((sum, { costHours }) => sum + costHours, 0)
    return say('audit.comesToHours', { hours: hours.toFixed(1) })
  }
  const { grossMinor } = totalsOf(draft.value.lines, prices.value)
  return say('audit.comesTo', {
    sum: formatMoney(grossMinor, prices.value.currency, preferences.language),
  })
})
const toBuy = computed(() => [
  ...bought.value
    .filter(({ part }) => part !== 'coolant')
    .map(({ part, pieces }) => say('audit.piece', { pieces, part: say(`audit.part.${part}`) })),
  ...draft.value.lines
    .filter(({ unit }) => unit === 'litre')
    .map(({ quantity, says }) =>
      say('audit.litres', {
        litres: preferences.show('volume', quantity, 1),
        what: preferences.say(says),
      }),
    ),
])
const costOf = (hours: number) =>
  prices.value
    ? formatMoney(
        Math.round(
          totalsOf([{ quantity: hours, unitPrice: prices.value.hourlyRate }], prices.value)
            .grossMinor,
        ),
        prices.value.currency,
        preferences.language,
      )
    : say('audit.hoursOf', { hours: hours.toFixed(1) })
const ageOf = ({ years, lastsYears, ageFrom }: AuditRow) =>
  say('audit.ageIs', {
    from: ageFrom,
    years: Math.round(years),
    lasts: Math.round(lastsYears),
  })
const capacity = computed(() => knownValue(input.value?.vehicle.profile.capacityLitres))
</script>

<template>
  <main v-if="input" class="audit stack">
    <div class="row tools">
      <h1 class="grow">
        {{ say('audit.title') }} <span class="quiet">{{ input.vehicle.name }}</span>
        {{ input.vehicle.plate }}
      </h1>
      <v-btn :to="`/cases/${id}`">{{ say('report.backToTheCase') }}</v-btn>
      <v-btn to="/lives">{{ say('audit.lives') }}</v-btn>
    </div>
    <p class="quiet">{{ say('audit.says') }}</p>
    <p v-if="gone?.year === undefined" class="caution">{{ say('audit.ageNotKnown') }}</p>
    <p v-if="gone?.kilometres === undefined" class="caution">
      {{ say('audit.distanceNotKnown') }}
    </p>
    <section class="sheet stack">
      <NumberField
        v-model="budget"
        class="budget"
        :label="say(prices ? 'audit.budget' : 'audit.budgetHours')"
        :unit="prices ? prices.currency : say('audit.hours')"
        :min="0"
        :max="1_000_000"
      />
      <p class="buys" role="status">
        {{ say('audit.buys', { parts: bought.length, comesTo }) }}
      </p>
      <template v-if="toBuy.length > 0">
        <h2>{{ say('audit.toBuy') }}</h2>
        <ul class="buy">
          <li v-for="one in toBuy" :key="one">{{ one }}</li>
        </ul>
        <p v-if="capacity === undefined" class="small quiet">{{ say('quote.capacityNotKnown') }}</p>
      </template>
    </section>
    <section class="sheet stack">
      <h2>{{ say('audit.list') }}</h2>
      <div class="scroll" tabindex="0" :aria-label="say('audit.list')">
        <table class="lines">
          <thead>
            <tr>
              <th scope="col">{{ say('audit.component') }}</th>
              <th scope="col">{{ say('audit.risk') }}</th>
              <th scope="col">{{ say('audit.age') }}</th>
              <th scope="col">{{ say('audit.ifItFails') }}</th>
              <th scope="col" class="number">{{ say('audit.cost') }}</th>
              <th scope="col">{{ say('audit.inBudget') }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in rows" :key="row.part" :class="{ bought: isBought(row.part) }">
              <th scope="row">{{ say(`audit.part.${row.part}`) }}</th>
              <td>
                <strong>{{ formatChance(row.risk) }}</strong>
                <span v-if="row.condition" class="quiet">
                  {{ say(`audit.condition.${row.condition}`) }}</span
                >
              </td>
              <td class="age">{{ ageOf(row) }}</td>
              <td>{{ say(`audit.consequence.${row.consequence}`) }}</td>
              <td class="number">{{ costOf(row.costHours) }}</td>
              <td>{{ isBought(row.part) ? say('audit.yes') : '' }}</td>
            </tr>
          </tbody>
        </table>
      </div>
    </section>
  </main>
  <CaseNotHere v-else :fetching="fetching" :outcome="outcome" @again="fetchIt" />
</template>

<style scoped>
.audit {
  padding: 16px;
  max-width: 1100px;
  width: 100%;
  margin: 0 auto;
}
.tools {
  flex-wrap: wrap;
}
.budget {
  max-width: 260px;
}
.buys {
  font-size: 20px;
}
.buy {
  columns: 2;
  margin: 0;
  padding-left: 20px;
}
.age {
  min-width: 170px;
}
.scroll {
  overflow-x: auto;
}
tbody th {
  font-weight: 400;
}
.bought th {
  font-weight: 600;
}
.bought td:first-of-type {
  font-weight: 600;
}
.bought th {
  border-left: 5px solid var(--hot);
  padding-left: 8px;
}
@media (max-width: 600px) {
  .buy {
    columns: 1;
  }
}
</style>
