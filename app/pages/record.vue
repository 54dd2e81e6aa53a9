<script setup lang="ts">
import { COMPLAINTS, faultName, type ShopRecord } from '#core'
import { ask } from '../local-store/api'

const { say, sayProblem, checkName } = useWords()

/** What the shop has learnt of its closed cases: causes, what was told and came true, checks that paid. */
const record = shallowRef<ShopRecord>()
const problem = ref('')
async function read() {
  problem.value = ''
  try {
    record.value = await ask<ShopRecord>('GET', '/api/shop/record')
  } catch (error) {
    problem.value = sayProblem(error)
  }
}
onMounted(read)

const MOST_CAUSES = 12
const FIRST_CHECKS = 10
const all = ref(false)
const counts = computed(() => {
  const all = record.value?.ends ?? []
  const sum = (some: typeof all) => some.reduce((total, { cases }) => total + cases, 0)
  return {
    closed: sum(all),
    confirmed: sum(all.filter(({ outcome }) => outcome === 'cause-confirmed')),
    notFound: sum(all.filter(({ outcome }) => outcome === 'not-found')),
    comebacks: sum(all.filter(({ isComeback }) => isComeback)),
  }
})
const causes = computed(() => {
  const experience = record.value?.experience ?? {}
  const total = new Map<string, number>()
  for (const complaint of COMPLAINTS)
    for (const [fault, cases] of Object.entries(experience[complaint]?.confirmed ?? {}))
      total.set(fault, (total.get(fault) ?? 0) + cases)
  return [...total]
    .sort(([, a], [, b]) => b - a)
    .slice(0, MOST_CAUSES)
    .map(([fault]) => ({
      name: faultName(fault),
      cases: Object.fromEntries(
        COMPLAINTS.map((complaint) => [complaint, experience[complaint]?.confirmed[fault] ?? 0]),
      ),
    }))
})
/** Checks by what they said of the cause in each minute, the best first. */
const checks = computed(() =>
  (record.value?.checks ?? [])
    .map(({ check, cases, minutes, decibans }) => ({
      check,
      name: checkName(check),
      cases,
      minutes: Math.round(minutes / cases),
      each: decibans / cases,
      perMinute: decibans / minutes,
    }))
    .sort((a, b) => b.perMinute - a.perMinute),
)
const checksShown = computed(() => checks.value.slice(0, all.value ? undefined : FIRST_CHECKS))
</script>

<template>
  <main class="page stack">
    <h1>{{ say('record.title') }}</h1>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <p v-else-if="!record" class="quiet" role="status">{{ say('record.reading') }}</p>
    <p v-else-if="counts.closed === 0">{{ say('record.noneYet') }}</p>
    <template v-else>
      <p class="lead">{{ say('record.counts', counts) }}</p>
      <div class="columns">
        <section class="sheet stack">
          <h2>{{ say('record.causes') }}</h2>
          <CauseChart :causes="causes" />
        </section>
        <section class="sheet stack">
          <h2>{{ say('record.toldAndTrue') }}</h2>
          <p class="quiet">{{ say('record.toldAndTrueSays') }}</p>
          <ToldChart :told="record.told" />
        </section>
        <section class="sheet stack">
          <h2>{{ say('record.checksThatPaid') }}</h2>
          <p class="quiet">{{ say('record.checksThatPaidSays') }}</p>
          <div class="scroll" tabindex="0" :aria-label="say('record.checksThatPaid')">
            <table class="lines">
              <thead>
                <tr>
                  <th scope="col">{{ say('record.check') }}</th>
                  <th scope="col" class="number">{{ say('record.cases') }}</th>
                  <th scope="col" class="number">{{ say('record.minutes') }}</th>
                  <th scope="col" class="number">{{ say('record.saidEach') }}</th>
                </tr>
              </thead>
              <tbody>
                <tr v-for="row in checksShown" :key="row.check">
                  <td>{{ row.name }}</td>
                  <td class="number">{{ row.cases }}</td>
                  <td class="number">{{ row.minutes }}</td>
                  <td class="number">
                    <strong>{{ say('record.decibans', { decibans: row.each.toFixed(1) }) }}</strong>
                  </td>
                </tr>
              </tbody>
            </table>
          </div>
          <button
            v-if="checks.length > FIRST_CHECKS"
            type="button"
            class="link-button"
            @click="all = !all"
          >
            {{
              all
                ? say('record.firstChecks', { checks: FIRST_CHECKS })
                : say('record.allChecks', { checks: checks.length })
            }}
          </button>
        </section>
        <PriorsMoved :record="record" @changed="read" />
      </div>
    </template>
  </main>
</template>

<style scoped>
.page {
  padding: 16px;
  max-width: 1280px;
  width: 100%;
  margin: 0 auto;
}
.lead {
  font-size: 20px;
}
.columns {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(100%, 520px), 1fr));
  gap: 16px;
  align-items: start;
}
.scroll {
  overflow-x: auto;
}
</style>
