<script setup lang="ts">
import { AUDIT_PARTS, type AuditPart, DEFAULT_LIVES, shopLives } from '#core'

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

async function keep(lives: object) {
  const parsed = shopLives.safeParse(lives)
  if (!parsed.success) return refuse(say('audit.everyLife'))
  if (await set(parsed.data)) Object.assign(typed, asSet())
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
      </div>
      <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
      <p v-if="isSet" role="status">✓ {{ say('audit.livesSet') }}</p>
      <div class="row">
        <v-btn class="solid" :disabled="!maySet" @click="keep(typed)">{{
          say('audit.keepLives')
        }}</v-btn>
        <v-btn :disabled="!maySet" @click="keep({})">{{ say('audit.back') }}</v-btn>
      </div>
    </section>
  </main>
</template>

<style scoped>
.life {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
}
</style>
