<script setup lang="ts">
import { mdiChevronLeft, mdiCogOutline, mdiMagnify } from '@mdi/js'
import { minutesOff } from '../shop/clock'
import { goToHeading } from '../shortcuts/focus'

const { say } = useWords()

const session = useSession()
const preferences = usePreferences()
const route = useRoute()

const page = document
const finding = ref(false)
const sendState = useSendState()
const clock = computed(() => minutesOff(session.clockOffsetMs))
</script>

<template>
  <div class="frame">
    <a href="#work" class="skip no-print" @click.prevent="goToHeading(page)">{{
      say('frame.toTheWork')
    }}</a>
    <SaidAloud :text="sendState.text" />
    <header class="bar no-print">
      <NuxtLink
        v-if="route.path !== '/'"
        to="/"
        class="back"
        aria-keyshortcuts="b"
        :aria-label="say('frame.backToTheBoard')"
        ><v-icon :icon="mdiChevronLeft" size="34"
      /></NuxtLink>
      <NuxtLink to="/" class="name">{{ say('frame.thermognosis') }}</NuxtLink>
      <span id="bar-title" class="title" />
      <span class="space" />
      <RunningTimers />
      <NuxtLink
        to="/outbox"
        class="pill state"
        aria-keyshortcuts="o"
        :class="{ bad: sendState.bad }"
        data-testid="send-state"
        :aria-label="sendState.text"
        ><span class="long">{{ sendState.text }}</span
        ><span class="short">{{ sendState.short }}</span></NuxtLink
      >
      <button
        type="button"
        class="pill find"
        aria-keyshortcuts="/"
        :aria-label="say('frame.find')"
        @click="finding = true"
      >
        <v-icon :icon="mdiMagnify" size="24" />
      </button>
      <NuxtLink
        to="/settings"
        class="pill units"
        aria-keyshortcuts=","
        :aria-label="say('frame.unitsThemeAndSignOut')"
      >
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
    <span id="work" />
    <slot />
    <LazyCommandPalette v-if="finding" v-model:open="finding" />
    <KeyboardHelp />
  </div>
</template>

<style scoped>
/* Seen by whoever comes to it with the keyboard. */
.skip:not(:focus) {
  position: absolute;
  transform: translateY(-200%);
}
.skip {
  padding: 12px 16px;
  font-weight: 600;
}
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
/* The ring of the paper is too dark on the bar. */
.bar :deep(:focus-visible) {
  outline-color: var(--on-bar) !important;
}
.bar :deep(a) {
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
.bar :deep(.pill) {
  flex: none;
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
.bar :deep(.pill.timer) {
  background: #fdfbf5;
  color: #1d2a2e;
  border-color: #fdfbf5;
  font-weight: 600;
}
.bar :deep(.pill.timer.due) {
  background: #f0b18c;
  border-color: #f0b18c;
}
.bar :deep(.timer-name) {
  max-width: 170px;
  overflow: hidden;
  text-overflow: ellipsis;
}
.find {
  background: none;
  color: inherit;
  cursor: pointer;
}
@media (max-width: 700px) {
  /* In a case its title has the room; outside one, what is looked for is found from the bar. */
  .bar .title:not(:empty) ~ .find {
    display: none;
  }
  .name {
    display: none;
  }
  .bar {
    padding: 4px 8px;
    gap: 6px;
  }
  .bar :deep(.pill) {
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
  .bar :deep(.timer-name) {
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
