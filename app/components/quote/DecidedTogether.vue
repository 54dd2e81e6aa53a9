<script setup lang="ts">
import { caseStateOf, draftLines, type Fault, headBoltsFor, type ShopPrices, totalsOf } from '#core'
import { askTogether } from '../../ranking/ranker'
import { formatChance, formatMoney } from '../../../words/format'

const { say } = useWords()

/** Causes that are mended in one go: whether one of them is there, whether something else is, and what is saved. */
const props = defineProps<{ caseId: string; causes: readonly Fault[]; prices: ShopPrices }>()
const shop = useShop()
const preferences = usePreferences()
const { answer: believed } = useWorkedOut(
  () => {
    const input = shop.caseInput(props.caseId)
    return input && props.causes.length > 0 ? { input, causes: props.causes } : undefined
  },
  ({ input, causes }) =>
    askTogether(
      input,
      causes.map(({ id }) => id),
    ),
)
/** Below this something else is as likely as not. */
const AS_LIKELY_AS_NOT = 0.5
const netMinor = (causes: readonly Fault[]) => {
  const input = shop.caseInput(props.caseId)
  const ids = causes.map(({ id }) => id)
  const { lines } = draftLines(causes, {
    profile: input?.vehicle.profile ?? {},
    prices: props.prices,
    bolts: input && headBoltsFor(ids, caseStateOf(input), input),
  })
  return totalsOf(lines, props.prices).netMinor
}
const money = (minor: number) => formatMoney(minor, props.prices.currency, preferences.language)
const costs = computed(() =>
  props.causes.length < 2
    ? ''
    : say('quote.together.costs', {
        together: money(netMinor(props.causes)),
        apart: money(props.causes.reduce((sum, cause) => sum + netMinor([cause]), 0)),
      }),
)
</script>

<template>
  <section v-if="believed" :aria-label="say('quote.together.title')">
    <h2>{{ say('quote.together.title') }}</h2>
    <p>
      {{
        say('quote.together.anyOf', { causes: causes.length, chance: formatChance(believed.anyOf) })
      }}
      {{ say('quote.together.nothingElse', { chance: formatChance(believed.nothingElse) }) }}
      {{ costs }}
    </p>
    <p v-if="believed.nothingElse < AS_LIKELY_AS_NOT" class="caution">
      {{ say('quote.together.lookOn') }}
    </p>
    <AccountsFor :decided="believed" :causes="causes.length" />
  </section>
</template>
