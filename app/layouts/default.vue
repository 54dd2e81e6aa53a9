<script setup lang="ts">
import { mdiChevronLeft, mdiCogOutline } from '@mdi/js'
import { formatClock } from '../../words/format'
import { minutesOff } from '../shop/clock'

const { say } = useWords()

const session = useSession()
const preferences = usePreferences()
const route = useRoute()
const { running, now } = useTimers()

const sendState = useSendState()
const clock = computed(() => minutesOff(session.clockOffsetMs))
</script>

<template>
  <div class="frame">
    <header class="bar no-print">
      <NuxtLink
        v-if="route.path !== '/'"
        to="/"
        class="back"
        :aria-label="say('frame.backToTheBoard')"
        ><v-icon :icon="mdiChevronLeft" size="34"
      /></NuxtLink>
      <NuxtLink to="/" class="name">{{ say('frame.thermognosis') }}</NuxtLink>
      <span id="bar-title" class="title" />
      <span class="space" />
      <NuxtLink
        v-for="timer in running"
        :key="timer.id"
        :to="`/cases/${timer.caseId}?check=${timer.check}`"
        class="pill timer"
        :class="{ due: timer.due }"
      >
        <span class="timer-name">{{ timer.name }}</span>
        {{ formatClock((now - timer.startedAt) / 1000) }}
      </NuxtLink>
      <NuxtLink
        to="/outbox"
        class="pill state"
        :class="{ bad: sendState.bad }"
        data-testid="send-state"
        :aria-label="sendState.text"
        ><span class="long">{{ sendState.text }}</span
        ><span class="short">{{ sendState.short }}</span></NuxtLink
      >
      <NuxtLink to="/settings" class="pill units" :aria-label="say('frame.unitsThemeAndSignOut')">
        {{ preferences.units.pressure }} · {{ preferences.units.temperature }}
        <v-icon :icon="mdiCogOutline" size="22" />
      </NuxtLink>
    </header>
    <p
      v-if="session.state === 'signed-out' && session.current"
      class="caution no-print"
      role="status"
    >
      {{ say('frame.signedOutWhatYouRecord', { name: session.current.person.name }) }}
      <NuxtLink :to="{ path: '/sign-in', query: { to: route.fullPath } }">{{
        say('frame.signIn')
      }}</NuxtLink>
    </p>
    <p v-if="clock.minutes" class="caution no-print" role="status">
      {{ say('frame.thisDevicesClockIsMin', clock) }}
    </p>
    <StoreNotices />
    <NewVersion />
    <slot />
  </div>
</template>

<style scoped>
.frame {
  min-height: 100dvh;
  display: flex;
  flex-direction: column;
}
.bar {
  background: var(--bar);
  color: var(--on-bar);
  min-height: 58px;
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 4px 14px;
  position: sticky;
  top: 0;
  z-index: 20;
}
.bar a {
  color: inherit;
  text-decoration: none;
}
.back {
  min-width: 48px;
  min-height: 48px;
  display: grid;
  place-items: center;
  margin-left: -10px;
}
.name {
  font-weight: 600;
  font-size: 20px;
}
.title:not(:empty) + .space {
  flex: 1;
}
.title {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  min-width: 0;
  color: var(--on-bar);
}
.title :deep(h1) {
  font-size: 18px;
  font-weight: 400;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.space {
  flex: 1;
}
.pill {
  border: 1.5px solid #5d6d72;
  border-radius: 4px;
  padding: 0 12px;
  min-height: 48px;
  display: inline-flex;
  align-items: center;
  gap: 8px;
  white-space: nowrap;
}
.state {
  min-width: 152px;
  justify-content: center;
}
.short {
  display: none;
}
.pill.bad {
  background: #f6dccd;
  color: #6e2103;
  border-color: #f6dccd;
  font-weight: 600;
}
.pill.timer {
  background: #fdfbf5;
  color: #1d2a2e;
  border-color: #fdfbf5;
  font-weight: 600;
}
.pill.timer.due {
  background: #f0b18c;
  border-color: #f0b18c;
}
@media (max-width: 700px) {
  .name {
    display: none;
  }
  .bar {
    padding: 4px 8px;
    gap: 6px;
  }
  .pill {
    padding: 0 8px;
  }
  .state {
    min-width: 72px;
  }
  .units {
    font-size: 0;
    min-width: 48px;
    justify-content: center;
  }
  .timer-name {
    display: none;
  }
  .state .long {
    display: none;
  }
  .state .short {
    display: inline;
  }
}
</style>
