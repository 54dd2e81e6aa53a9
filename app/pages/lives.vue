<script setup lang="ts">
import {
  AUDIT_PARTS,
  type AuditPart,
  DEFAULT_LIVES,
  type Life,
  ownLives,
  type ShopLives,
  shopLives,
} from '#core'

const { say } = useWords()

/** How long components last in this shop's vehicles; its lead sets it. */
const session = useSession()
const maySet = computed(() => session.current?.may.setShop === true)
type Typed = Record<AuditPart, { years: number | undefined; kilometres: number | undefined }>
const asSet = (): Typed =>
  Object.fromEntries(
    AUDIT_PARTS.map((part) => [
      part,
      { ...(session.current?.shop.lives?.[part] ?? DEFAULT_LIVES[part]) },
    ]),
  ) as Typed
const typed = reactive<Typed>(asSet())
const { problem, isSet, set, refuse } = useShopSetting('/api/shop/lives')

const because = ref('')
const { told, notRead, read } = useShopFigures('lives')
const preferences = usePreferences()
const lasting = ({ years, kilometres }: Life) => ({
  years,
  distance: preferences.show('distance', kilometres),
})
/** What is set of a part otherwise than by the book, with the book's. */
const besideTheBook = (part: AuditPart) => {
  const { years, kilometres } = typed[part]
  const book = DEFAULT_LIVES[part]
  return years === book.years && kilometres === book.kilometres
    ? ''
    : say('audit.lifeOfTheBook', lasting(book))
}
const changes = computed(() =>
  told.value.map(({ changed, figures, ...change }) => ({
    ...change,
    says: AUDIT_PARTS.filter((part) => changed.includes(part))
      .map((part) =>
        say('audit.lifeIs', {
          part: say(`audit.part.${part}`),
          ...lasting(figures[part] ?? DEFAULT_LIVES[part]),
        }),
      )
      .join(' '),
  })),
)

async function keep(lives: object) {
  const parsed = shopLives.safeParse(lives)
  if (!parsed.success) return refuse(say('audit.everyLife'))
  const own: ShopLives = ownLives(parsed.data)
  const why = because.value.trim()
  if (Object.keys(own).length > 0 && !why) return refuse(say('shop.sayWhy'))
  if (!(await set({ lives: own, ...(why ? { because: why } : {}) }))) return
  Object.assign(typed, asSet())
  because.value = ''
  await read()
}
</script>

<template>
  <main class="narrow-page stack">
    <h1>{{ say('audit.lives') }}</h1>
    <p class="quiet">{{ say('audit.livesSay') }}</p>
    <p v-if="!maySet" class="caution">{{ say('audit.onlyTheLead') }}</p>
    <section class="sheet stack">
      <div v-for="part in AUDIT_PARTS" :key="part" class="life">
        <NumberField
          v-model="typed[part].years"
          :label="say('audit.lifeYears', { part: say(`audit.part.${part}`) })"
          :min="0.5"
          :max="60"
          :disabled="!maySet"
        />
        <NumberField
          v-model="typed[part].kilometres"
          :label="say('audit.lifeDistance', { part: say(`audit.part.${part}`) })"
          :min="1000"
          :max="3_000_000"
          :disabled="!maySet"
        />
        <p v-if="besideTheBook(part)" class="small quiet both">{{ besideTheBook(part) }}</p>
      </div>
      <v-text-field
        v-model="because"
        :label="say('shop.because')"
        :disabled="!maySet"
        maxlength="300"
        hide-details
      />
      <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
      <p v-if="isSet" role="status">✓ {{ say('audit.livesSet') }}</p>
      <div class="row">
        <v-btn class="solid" :disabled="!maySet" @click="keep(typed)">{{
          say('audit.keepLives')
        }}</v-btn>
        <v-btn :disabled="!maySet" @click="keep({})">{{ say('audit.back') }}</v-btn>
      </div>
    </section>
    <FigureChanges :changes="changes" :not-read="notRead" />
  </main>
</template>

<style scoped>
.life {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 4px 12px;
}
.both {
  grid-column: 1 / -1;
}
</style>
