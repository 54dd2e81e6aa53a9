<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core'
import { formatClock } from '../../../words/format'
import type { RunningTimer } from '../../composables/use-timers'
import { mostPressing } from './timer-order'

/**
 * Times that run, in the bar: the most pressing one, by its check in its own case and by its vehicle elsewhere, and the
 * others in a list.
 */
const { checkName, say } = useWords()
const route = useRoute()
const { running, now } = useTimers()
const narrow = useMediaQuery('(max-width: 700px)')

const openCase = computed(() => String(route.params.id ?? ''))
const ordered = computed(() => mostPressing(running.value, openCase.value))
/** A phone has no room for a name: several times, and one of another case, stand in the list with theirs. */
const room = computed(() => {
  const isOwnOnly = ordered.value.length === 1 && ordered.value[0]!.caseId === openCase.value
  return narrow.value && !isOwnOnly ? 0 : 1
})
const inBar = computed(() => ordered.value.slice(0, room.value))
const others = computed(() => ordered.value.slice(inBar.value.length))
const clock = (startedAt: number) => formatClock((now.value - startedAt) / 1000)
const inShort = ({ caseId, vehicle, check }: RunningTimer) =>
  caseId === openCase.value ? checkName(check) : vehicle
const inFull = ({ vehicle, check, startedAt }: RunningTimer) =>
  `${vehicle} · ${checkName(check)} · ${clock(startedAt)}`
const to = (timer: RunningTimer) => `/cases/${timer.caseId}?check=${timer.check}`
</script>

<template>
  <NuxtLink
    v-for="timer in inBar"
    :key="timer.id"
    :to="to(timer)"
    class="pill timer"
    :class="{ due: timer.due }"
    :aria-label="inFull(timer)"
  >
    <span class="timer-name">{{ inShort(timer) }}</span>
    {{ clock(timer.startedAt) }}
  </NuxtLink>
  <v-menu v-if="others.length > 0">
    <template #activator="{ props: opens }">
      <button
        v-bind="opens"
        class="pill timer more"
        :class="{ due: others.some(({ due }) => due) }"
        :aria-label="say(narrow ? 'frame.timersThatRun' : 'frame.moreTimers', { n: others.length })"
      >
        <template v-if="narrow"
          >{{ clock(others[0]!.startedAt)
          }}{{ others.length > 1 ? ` ×${others.length}` : '' }}</template
        >
        <template v-else>+{{ others.length }}</template>
      </button>
    </template>
    <v-list>
      <v-list-item
        v-for="timer in others"
        :key="timer.id"
        :to="to(timer)"
        class="timer"
        :class="{ due: timer.due }"
        :title="inFull(timer)"
        :subtitle="timer.due ? say('frame.timeIsOver') : undefined"
      />
    </v-list>
  </v-menu>
</template>
