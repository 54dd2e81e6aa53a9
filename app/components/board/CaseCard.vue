<script setup lang="ts">
import { mdiAlertCircle, mdiCarOff, mdiCheckCircleOutline } from '@mdi/js'
import type { CaseSummary } from '../../composables/use-board'

const { checkName, say } = useWords()

const props = defineProps<{
  summary: CaseSummary
  /** what runs in this case, with how long it has run */
  timers: readonly { id: string; due: boolean; text: string }[]
}>()
const DRIVE_ICON = {
  not: mdiCarOff,
  'with-care': mdiAlertCircle,
  yes: mdiCheckCircleOutline,
} as const
const next = computed(() => {
  const step = props.summary.lead?.next
  if (!step) return ''
  if (step.is === 'found')
    return say('case.case-card.found', {
      names: step.names.join(' + '),
      shown: step.isShown ? 'yes' : 'no',
    })
  return say('case.case-card.next', {
    what: step.question ? say('case.next-box.askTheKeeper') : checkName(step.check),
    minutes: step.minutes,
    waits: step.waitsForHeat ? 'yes' : 'no',
  })
})
</script>

<template>
  <NuxtLink :to="`/cases/${summary.id}`" class="card sheet">
    <div class="top">
      <h2>{{ summary.vehicle }}</h2>
      <span v-if="summary.plate" class="plate">{{ summary.plate }}</span>
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
    <p v-if="next" class="next">{{ next }}</p>
    <p v-if="summary.lead && !summary.closed" class="drive" :class="summary.lead.drive.may">
      <v-icon :icon="DRIVE_ICON[summary.lead.drive.may]" size="20" aria-hidden="true" />
      {{ say(`drive.may.${summary.lead.drive.may}`) }}
    </p>
    <p v-if="timers.length > 0 || summary.coldAt" class="small waits">
      <span v-for="timer in timers" :key="timer.id" :class="{ due: timer.due }">{{
        timer.text
      }}</span>
      <span v-if="summary.coldAt">{{ say('case.case-card.coldAt', { at: summary.coldAt }) }}</span>
    </p>
    <p class="small quiet">
      {{ say('case.case-card.opened', { stage: summary.stage, opened: summary.opened }) }}
      · {{ say('case.case-card.last', { last: summary.last }) }}
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
.next {
  font-weight: 600;
}
.drive {
  display: flex;
  align-items: center;
  gap: 6px;
  font-weight: 600;
  font-size: 15px;
}
.drive.not {
  color: var(--hot);
}
.drive.with-care {
  color: var(--warn-ink);
}
.drive.yes {
  color: var(--ink-2);
  font-weight: 500;
}
.waits {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  color: var(--cool);
  font-weight: 600;
}
.waits .due {
  color: var(--hot);
}
.bar {
  grid-column: 1 / 3;
}
</style>
