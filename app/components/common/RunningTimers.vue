<script setup lang="ts">
import { useMediaQuery } from '@vueuse/core'
import { formatClock } from '../../../words/format'
import { mostPressing } from './timer-order'

/** Times that run, in the bar: as many as leave the case its title, and the others in a list. */
const { say } = useWords()
const route = useRoute()
const { running, now } = useTimers()
const narrow = useMediaQuery('(max-width: 700px)')

const ordered = computed(() => mostPressing(running.value, String(route.params.id ?? '')))
/** A phone has room for one: several share it, and the list has them all. */
const room = computed(() => (narrow.value ? (ordered.value.length > 1 ? 0 : 1) : 2))
const inBar = computed(() => ordered.value.slice(0, room.value))
const others = computed(() => ordered.value.slice(inBar.value.length))
const clock = (startedAt: number) => formatClock((now.value - startedAt) / 1000)
const to = (timer: { caseId: string; check: string }) =>
  `/cases/${timer.caseId}?check=${timer.check}`
</script>

<template>
  <NuxtLink
    v-for="timer in inBar"
    :key="timer.id"
    :to="to(timer)"
    class="pill timer"
    :class="{ due: timer.due }"
  >
    <span class="timer-name">{{ timer.name }}</span>
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
        <template v-if="narrow">{{ clock(others[0]!.startedAt) }} ×{{ others.length }}</template>
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
        :title="`${timer.name} · ${clock(timer.startedAt)}`"
        :subtitle="timer.due ? say('frame.timeIsOver') : undefined"
      />
    </v-list>
  </v-menu>
</template>
