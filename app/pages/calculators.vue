<script setup lang="ts">
const { say } = useWords()

/** What is reckoned without a case: the same arithmetic that the checks use. */
</script>

<template>
  <main class="narrow-page stack">
    <h1>{{ say('calculators.title') }}</h1>
    <p class="quiet">{{ say('calculators.nothingKept') }}</p>
    <BoilingMargin />
    <HoldLength />
    <MixRefill />
    <PumpLaw />
    <UnitTable />
  </main>
</template>

<style scoped>
main :deep(.comes-to) {
  border-left: 6px solid var(--cool);
  background: var(--rail);
  padding: 10px 14px;
}
</style>
