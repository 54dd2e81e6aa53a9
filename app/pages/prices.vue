<script setup lang="ts">
import { MOST_TAX_PERCENT, type ShopPrices, shopPrices } from '#core'

const { say } = useWords()

/** What the shop asks for its work; its lead sets it. */
const session = useSession()
const set = computed(() => session.current?.shop.prices)
const maySet = computed(() => session.current?.may.setPrices === true)
const typed = reactive<{ [K in keyof ShopPrices]: ShopPrices[K] | undefined }>({
  currency: set.value?.currency,
  taxPercent: set.value?.taxPercent,
  hourlyRate: set.value?.hourlyRate,
  concentratePerLitre: set.value?.concentratePerLitre,
  waterPerLitre: set.value?.waterPerLitre,
  validDays: set.value?.validDays ?? 14,
})
const { problem, isSet, set: setPrices, refuse } = useShopSetting('/api/shop/prices')
const MOST_PRICE = 1_000_000
const FIGURES = [
  { id: 'hourlyRate', label: say('prices.hourlyRate') },
  { id: 'concentratePerLitre', label: say('prices.concentrate') },
  { id: 'waterPerLitre', label: say('prices.water') },
] as const

const because = ref('')
const { told, notRead, read } = useShopFigures('prices')
const LABELS: Readonly<Record<keyof ShopPrices, string>> = {
  currency: say('prices.currencyIs'),
  taxPercent: say('prices.tax'),
  hourlyRate: say('prices.hourlyRate'),
  concentratePerLitre: say('prices.concentrate'),
  waterPerLitre: say('prices.water'),
  validDays: say('prices.validDays'),
}
const UNITS: Readonly<Partial<Record<keyof ShopPrices, string>>> = {
  taxPercent: '%',
  validDays: say('prices.days'),
}
const inWords = (figure: keyof ShopPrices, figures: ShopPrices) =>
  [figures[figure], UNITS[figure] ?? ''].join(' ').trim()
const changes = computed(() =>
  told.value.map(({ changed, figures, ...change }) => ({
    ...change,
    says: (Object.keys(LABELS) as (keyof ShopPrices)[])
      .filter((figure) => changed.includes(figure))
      .map((figure) => say('prices.is', { figure: LABELS[figure], to: inWords(figure, figures) }))
      .join(' '),
  })),
)

async function keep() {
  const currency = typed.currency?.trim().toUpperCase() ?? ''
  if (!/^[A-Z]{3}$/.test(currency)) return refuse(say('prices.currencyIsThreeLetters'))
  const parsed = shopPrices.safeParse({ ...typed, currency })
  if (!parsed.success) return refuse(say('prices.everyField'))
  const why = because.value.trim()
  if (!(await setPrices({ prices: parsed.data, ...(why ? { because: why } : {}) }))) return
  because.value = ''
  await read()
}
</script>

<template>
  <main class="narrow-page stack">
    <h1>{{ say('prices.title') }}</h1>
    <p v-if="!maySet" class="caution">{{ say('prices.onlyTheLead') }}</p>
    <section class="sheet stack">
      <v-text-field
        v-model="typed.currency"
        :label="say('prices.currency')"
        :disabled="!maySet"
        maxlength="3"
        hide-details
      />
      <NumberField
        v-model="typed.taxPercent"
        :label="say('prices.tax')"
        unit="%"
        :min="0"
        :max="MOST_TAX_PERCENT"
        :disabled="!maySet"
      />
      <NumberField
        v-for="figure in FIGURES"
        :key="figure.id"
        v-model="typed[figure.id]"
        :label="figure.label"
        :min="0"
        :max="MOST_PRICE"
        :disabled="!maySet"
      />
      <NumberField
        v-model="typed.validDays"
        :label="say('prices.validDays')"
        :unit="say('prices.days')"
        :min="1"
        :max="365"
        whole
        :disabled="!maySet"
      />
      <v-text-field
        v-model="because"
        :label="say('prices.because')"
        :disabled="!maySet"
        maxlength="300"
        hide-details
      />
      <p class="small quiet">{{ say('prices.withoutTax') }}</p>
      <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
      <p v-if="isSet" role="status">✓ {{ say('prices.set') }}</p>
      <v-btn class="solid" :disabled="!maySet" @click="keep">{{ say('prices.keep') }}</v-btn>
    </section>
    <FigureChanges :changes="changes" :not-read="notRead" />
  </main>
</template>
