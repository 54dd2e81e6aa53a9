<script setup lang="ts">
import { BOOK_WEIGHT_CASES, COMPLAINTS, MOST_MOVED, priorsMoved, type ShopRecord } from '#core'

/** What the shop's confirmed cases make of the book's priors, and whether they may. */
const props = defineProps<{ record: ShopRecord }>()
const emit = defineEmits<{ changed: [] }>()
const { say } = useWords()
const session = useSession()
const SHOWN = 5
const percent = (share: number) => say('record.percent', { percent: (100 * share).toFixed(1) })
const { problem, isSet, set } = useShopSetting('/api/shop/experience')
const moved = computed(() =>
  COMPLAINTS.flatMap((complaint) => {
    const shop = props.record.experience[complaint]
    return shop
      ? [{ complaint, rows: priorsMoved(complaint, shop, session.policy?.book).slice(0, SHOWN) }]
      : []
  }),
)

/** What was chosen and is on its way; afterwards the switch stands as it is kept. */
const chosen = ref<boolean>()
async function change(uses: boolean) {
  chosen.value = uses
  if (await set({ uses })) emit('changed')
  else chosen.value = undefined
}
watch(
  () => props.record,
  () => (chosen.value = undefined),
)
</script>

<template>
  <section class="sheet stack">
    <h2>{{ say('record.movesTheRanking') }}</h2>
    <p class="quiet">
      {{ say('record.howMoved', { worth: BOOK_WEIGHT_CASES, most: MOST_MOVED }) }}
    </p>
    <v-switch
      :model-value="chosen ?? record.usesExperience"
      :label="say('record.uses')"
      :disabled="!session.current?.may.setShop"
      :loading="chosen !== undefined"
      color="primary"
      hide-details
      @update:model-value="change($event === true)"
    />
    <p v-if="!session.current?.may.setShop" class="small quiet">
      {{ say('record.onlyTheLead') }}
    </p>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <p v-if="isSet" role="status">✓ {{ say('audit.livesSet') }}</p>
    <div class="scroll" tabindex="0" :aria-label="say('record.movesTheRanking')">
      <table class="lines" v-for="{ complaint, rows } in moved" :key="complaint">
        <thead>
          <tr>
            <th scope="col">{{ say(`complaint.${complaint}`) }}</th>
            <th scope="col" class="number">{{ say('record.confirmed') }}</th>
            <th scope="col" class="number">{{ say('record.book') }}</th>
            <th scope="col" class="number">{{ say('record.here') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in rows" :key="row.fault">
            <td>
              <NuxtLink :to="`/library?fault=${row.fault}`">{{ row.name }}</NuxtLink>
            </td>
            <td class="number">{{ row.confirmed }}</td>
            <td class="number">{{ percent(row.written) }}</td>
            <td class="number">
              <strong>{{ percent(row.moved) }}</strong>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
  </section>
</template>

<style scoped>
.scroll {
  overflow-x: auto;
  display: flex;
  flex-direction: column;
  gap: 14px;
}
</style>
