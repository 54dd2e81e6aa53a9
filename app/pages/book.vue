<script setup lang="ts">
import { ALL_CHECKS, faultName, type ShopBookSet } from '#core'

/** Minutes that checks take in this shop, and all that its lead has otherwise than the book. */
const { checkName, say } = useWords()
const { own, changes, notRead, read } = useShopBook()

const checks = computed(() =>
  ALL_CHECKS.map(({ id, minutes }) => ({ id, name: checkName(id), minutes })).sort((a, b) =>
    a.name.localeCompare(b.name),
  ),
)
const lastOf = (check: string) =>
  changes.value.find(({ change }) => change.of === 'check' && change.check === check)

function told({ change }: ShopBookSet): string {
  const to =
    change.to === null
      ? say('shop.asTheBook')
      : typeof change.to === 'number'
        ? say('book.minutes', { minutes: change.to })
        : say(`library.prior.${change.to}`)
  if (change.of === 'check') return say('book.setCheck', { check: checkName(change.check), to })
  const fault = faultName(change.fault)
  return change.of === 'repair'
    ? say('book.setRepair', { fault, to })
    : say('book.setPrior', { fault, complaint: say(`complaint.${change.complaint}`), to })
}
const inWords = computed(() =>
  changes.value.map((set) => ({
    at: set.at,
    by: set.by,
    because: set.change.because,
    says: told(set),
  })),
)
</script>

<template>
  <main class="narrow-page stack">
    <h1>{{ say('book.title') }}</h1>
    <p class="quiet">{{ say('book.says') }}</p>
    <p>
      <NuxtLink to="/library">{{ say('book.toFaults') }}</NuxtLink>
    </p>
    <FigureChanges :changes="inWords" :not-read="notRead" />
    <h2>{{ say('book.minutesOfChecks') }}</h2>
    <section class="sheet">
      <BookEntry
        v-for="check in checks"
        :key="check.id"
        :entry="{ of: 'check', check: check.id }"
        :label="check.name"
        :book="check.minutes"
        :here="own.checkMinutes?.[check.id]"
        :last="lastOf(check.id)"
        @set="read"
      />
    </section>
  </main>
</template>
