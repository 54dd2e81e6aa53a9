<script setup lang="ts">
import type { CaseSummary } from '../../composables/use-board'

const { say } = useWords()

defineProps<{ summary: CaseSummary }>()
</script>

<template>
  <NuxtLink :to="`/cases/${summary.id}`" class="card sheet">
    <div class="top">
      <h2>{{ summary.vehicle }}</h2>
      <span class="plate">{{ summary.plate }}</span>
      <span class="grow" />
      <span v-if="summary.bay" class="bay">{{ summary.bay }}</span>
    </div>
    <p>
      <strong>{{ say(`complaint.${summary.complaint}`) }}</strong> · {{ summary.title }}
    </p>
    <div class="lead">
      <template v-if="summary.lead">
        <span>{{ summary.lead.name }}</span><span class="chance">{{ summary.lead.chance }}</span>
        <ChanceBar class="bar" :probability="summary.lead.probability" leads />
      </template>
      <span v-else class="quiet">{{ say('case.case-card.ranking') }}</span>
    </div>
    <p class="small quiet">
      {{ say('case.case-card.opened', { stage: summary.stage, opened: summary.opened }) }}
      <template v-if="summary.pinned">· {{ say('board.pinned') }}</template>
    </p>
  </NuxtLink>
</template>

<style scoped>
.card {
  display: flex;
  flex-direction: column;
  gap: 8px;
  color: inherit;
  text-decoration: none;
}
.card:hover {
  border-color: var(--ink-2);
}
.top {
  display: flex;
  align-items: baseline;
  gap: 10px;
  flex-wrap: wrap;
}
.plate {
  font-weight: 600;
  border: 1.5px solid var(--ink-2);
  border-radius: 3px;
  padding: 0 6px;
  font-size: 15px;
  white-space: nowrap;
}
.bay {
  font-weight: 600;
  color: var(--cool);
}
.lead {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 2px 12px;
  font-weight: 500;
  margin-top: auto;
}
.bar {
  grid-column: 1 / 3;
}
</style>
