<script setup lang="ts">
import { START_CAUTIONS } from '../../words-app'

/** The cautions, acknowledged once per case before the first check; data are never hidden behind it. */
const open = useOpenCase()
const shop = useShop()
const acknowledge = () =>
  shop.addRecord(open.id, 'cautions.acknowledged', { cautions: START_CAUTIONS.map((c) => c.id) })
</script>

<template>
  <section class="sheet stack" aria-label="Start card">
    <h2>Before you start</h2>
    <ul>
      <li v-for="caution in START_CAUTIONS" :key="caution.id">{{ caution.text }}</li>
    </ul>
    <p>
      This supports a qualified technician. The maker’s procedure and figures, local codes and
      licensed practice go first.
    </p>
    <v-btn class="solid" :disabled="!open.mayRecord.value" @click="acknowledge">Read; begin</v-btn>
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
