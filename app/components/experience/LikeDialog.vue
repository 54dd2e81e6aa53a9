<script setup lang="ts">
import { DateTime } from 'luxon'
import { BOOK, faultName, type LikeCase } from '#core'
import { formatChance } from '../../../words/format'
import { ask } from '../../local-store/api'

/** Closed cases of the shop that are like the open one, by what was recorded in both. */
const shown = defineModel<boolean>('open', { required: true })
const here = useOpenCase()
const { say, sayProblem } = useWords()
const found = shallowRef<LikeCase[]>()
const problem = ref('')
const MOST_SHARED = 4

watch(shown, async (isOpen) => {
  const id = here.input.value?.case.id
  if (!isOpen || !id) return
  found.value = undefined
  problem.value = ''
  try {
    found.value = (await ask<{ cases: LikeCase[] }>('GET', `/api/cases/${id}/like`)).cases
  } catch (error) {
    problem.value = sayProblem(error)
  }
})

/** A sign that is seen, in words; what is as it should be is left out, for most cases share that. */
function abnormal(seen: string): string[] {
  const [id, state] = seen.split(':')
  const sign = BOOK.signs.find((one) => one.id === id)
  if (!sign || state === sign.states[0]) return []
  return [sign.states.length === 2 ? sign.name : `${sign.name}: ${state!.replaceAll('-', ' ')}`]
}
const rows = computed(() =>
  (found.value ?? []).map((one) => ({
    ...one,
    cause:
      one.outcome === 'not-found'
        ? say('record.likeNotFound')
        : one.causes.map(faultName).join(' + '),
    when: DateTime.fromISO(one.closedAt).toFormat('d LLL yyyy'),
    seen: one.shared.flatMap(abnormal).slice(0, MOST_SHARED).join('; '),
  })),
)
</script>

<template>
  <v-dialog v-model="shown" :aria-label="say('record.like')" max-width="680" scrollable>
    <v-card class="pa-5 like">
      <h2>{{ say('record.like') }}</h2>
      <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
      <p v-else-if="!found" class="quiet" role="status">{{ say('record.likeReading') }}</p>
      <p v-else-if="rows.length === 0">{{ say('record.likeNone') }}</p>
      <ul v-else>
        <li v-for="row in rows" :key="row.id">
          <NuxtLink :to="`/cases/${row.id}`" @click="shown = false">
            <strong>{{ row.cause }}</strong>
          </NuxtLink>
          <span class="quiet">{{
            say('record.likeness', { likeness: formatChance(row.likeness) })
          }}</span>
          <span class="wide">{{ row.vehicle }}: {{ row.title }} · {{ row.when }}</span>
          <span v-if="row.seen" class="wide small quiet">{{
            say('record.shared', { signs: row.seen })
          }}</span>
        </li>
      </ul>
      <v-btn @click="shown = false">{{ say('case.why-dialog.backToTheCheck') }}</v-btn>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.like {
  display: flex;
  flex-direction: column;
  gap: 10px;
  overflow-y: auto;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 2px 12px;
  padding: 10px 0;
  border-bottom: 1px solid var(--line);
}
.wide {
  grid-column: 1 / -1;
}
</style>
