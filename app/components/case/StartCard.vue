<script setup lang="ts">
import { COLD_BELOW_C } from '#core'
import { START_CAUTIONS } from '../../start-cautions'

const { say } = useWords()

/** The cautions, acknowledged once per case before the first check; data are never hidden behind it. */
const open = useOpenCase()
const shop = useShop()
const acknowledge = () =>
  shop.addRecord(open.id, 'cautions.acknowledged', { cautions: [...START_CAUTIONS] })
</script>

<template>
  <section class="sheet stack" :aria-label="say('case.start-card.startCard')">
    <h2>{{ say('case.start-card.beforeYouStart') }}</h2>
    <ul>
      <li v-for="caution in START_CAUTIONS" :key="caution">
        {{ say(`start.${caution}`, { cold: { kind: 'temperature', coreValue: COLD_BELOW_C } }) }}
      </li>
    </ul>
    <p>
      {{ say('case.start-card.thisSupportsAQualifiedTechnician') }}
    </p>
    <v-btn class="solid" :disabled="!open.mayRecord.value" @click="acknowledge">{{
      say('case.start-card.readBegin')
    }}</v-btn>
  </section>
</template>

<style scoped>
ul {
  margin: 0;
  padding: 0;
  list-style: none;
  display: flex;
  flex-direction: column;
}
li {
  padding: 8px 0 8px 18px;
  border-left: 6px solid var(--warn-edge);
  background: var(--warn-soft);
  color: var(--warn-ink);
  margin-bottom: 6px;
  font-weight: 500;
}
</style>
