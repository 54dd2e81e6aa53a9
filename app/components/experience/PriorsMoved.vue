<script setup lang="ts">
import { BOOK_WEIGHT_CASES, COMPLAINTS, MOST_MOVED, priorsMoved, type ShopRecord } from '#core'

/** What the shop's confirmed cases make of the book's priors, and whether they may. */
const props = defineProps<{ record: ShopRecord }>()
const emit = defineEmits<{ changed: [] }>()
const { say } = useWords()
const session = useSession()
const SHOWN = 5
const percent = (share: number) => say('record.percent', { percent: (100 * share).toFixed(1) })
const { problem, set } = useShopSetting('/api/shop/experience')
const moved = computed(() =>
  COMPLAINTS.flatMap((complaint) => {
    const shop = props.record.experience[complaint]
    return shop ? [{ complaint, rows: priorsMoved(complaint, shop).slice(0, SHOWN) }] : []
  }),
)

async function change(uses: boolean) {
  if (await set({ uses })) emit('changed')
}
</script>

<template>
  <section class="sheet stack">
    <h2>{{ say('record.movesTheRanking') }}</h2>
    <p class="quiet">
      {{ say('record.howMoved', { worth: BOOK_WEIGHT_CASES, most: MOST_MOVED }) }}
    </p>
    <v-switch
      :model-value="record.usesExperience"
      :label="say('record.uses')"
      :disabled="!session.current?.may.setShop"
      color="primary"
      hide-details
      @update:model-value="change($event === true)"
    />
    <p v-if="!session.current?.may.setShop" class="small quiet">
      {{ say('record.onlyTheLead') }}
    </p>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
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
