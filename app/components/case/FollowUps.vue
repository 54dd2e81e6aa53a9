<script setup lang="ts">
import { createEvents } from 'ics'
import { DateTime } from 'luxon'
import { followUpsOf } from '#core'
import { saveFile } from '../../look/save-file'

const { say } = useWords()

/** Looks at the level that a repair asks for, and the same as a calendar file. */
const emit = defineEmits<{ go: [] }>()
const open = useOpenCase()
const all = computed(() => (open.input.value ? followUpsOf(open.input.value) : []))
const left = computed(() => all.value.filter(({ done }) => !done))
const dayOf = (ms: number) => DateTime.fromMillis(ms).toFormat('ccc d LLL')
const problem = ref('')

function saveCalendar() {
  const { name, plate = '' } = open.input.value!.vehicle
  const vehicle = [name, plate].filter(Boolean).join(' ')
  const { error, value } = createEvents(
    left.value.map(({ day, dueMs }) => {
      const due = DateTime.fromMillis(dueMs)
      return {
        uid: `${open.id}-${day}@thermognosis`,
        start: [due.year, due.month, due.day],
        duration: { days: 1 },
        title: say('case.follow-ups.event', { vehicle }),
        description: say('case.follow-ups.eventWhat', { day }),
      }
    }),
  )
  if (!value) return void (problem.value = error?.message ?? '')
  saveFile(`level-${plate.replace(/\W+/g, '-') || open.id}.ics`, 'text/calendar', value)
}
</script>

<template>
  <section v-if="all.length > 0" class="stack" :aria-label="say('case.follow-ups.title')">
    <h3>{{ say('case.follow-ups.title') }}</h3>
    <p class="days">
      <span v-for="one in all" :key="one.day"
        >{{ one.done ? '✓' : '○' }}
        {{ say('case.follow-ups.day', { day: one.day, at: dayOf(one.dueMs) }) }}</span
      >
    </p>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <div v-if="left.length > 0" class="row">
      <v-btn @click="emit('go')">{{ say('case.follow-ups.look') }}</v-btn>
      <v-btn @click="saveCalendar">{{ say('case.follow-ups.calendar') }}</v-btn>
    </div>
  </section>
</template>

<style scoped>
.days {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 20px;
}
</style>
