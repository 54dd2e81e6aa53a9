<script setup lang="ts">
import { type Along, alongWith, auditOf, type CaseInput, type ShopPrices, toMinor } from '#core'
import { formatChance, formatMoney } from '../../../words/format'

const { say } = useWords()

/** Components best renewed with these repairs, since what must be opened for them is open then. */
const props = defineProps<{
  input: CaseInput
  causes: readonly string[]
  prices: ShopPrices
  /** what stands in the quote already, by its words */
  taken: readonly string[]
  disabled: boolean
}>()
const emit = defineEmits<{ advise: [along: Along] }>()
const session = useSession()
const preferences = usePreferences()
const rows = computed(() =>
  alongWith(
    props.causes,
    auditOf({ ...props.input, at: new Date().toISOString() }, session.current?.shop.lives),
  )
    .map((along) => ({ ...along, name: say(`audit.part.${along.row.part}`) }))
    .filter(({ name }) => !props.taken.includes(name)),
)
const money = (hours: number) =>
  formatMoney(
    toMinor(hours * props.prices.hourlyRate, props.prices.currency),
    props.prices.currency,
    preferences.language,
  )
</script>

<template>
  <section v-if="rows.length > 0" :aria-label="say('quote.along.title')">
    <h2>{{ say('quote.along.title') }}</h2>
    <ul class="along">
      <li v-for="along in rows" :key="along.row.part">
        <span class="grow"
          ><strong>{{ along.name }}</strong
          >:
          {{
            say('quote.along.adds', {
              adds: money(along.addsHours),
              alone: money(along.aloneHours),
              chance: formatChance(along.row.risk),
            })
          }}</span
        >
        <v-btn :disabled="disabled" @click="emit('advise', along)">{{
          say('quote.along.add', { part: along.name })
        }}</v-btn>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.along {
  list-style: none;
  margin: 0;
  padding: 0;
}
.along li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 12px;
  padding: 4px 0;
  border-bottom: 1px solid var(--line);
}
.grow {
  flex: 1 1 300px;
}
</style>
