<script setup lang="ts">
import type { CheckId, EngineTemperature } from '#core'
import { RECORDABLE } from '../../checks'

const { checkName, say } = useWords()

/** The thermometer is the navigation: cold checks at the bulb, hot ones above, the engine's own temperature as its level. */
const props = defineProps<{
  active: CheckId
  done: ReadonlySet<string>
  shown: ReadonlySet<CheckId>
  coolantC: number | undefined
  engine: EngineTemperature | undefined
  mayStart: boolean
}>()
const emit = defineEmits<{ choose: [check: CheckId]; start: []; stop: [] }>()
const preferences = usePreferences()
const all = ref(false)
/** The first to be done stands at the foot. */
const order = RECORDABLE.map((check) => check.id).toReversed()
const phase = computed(() => props.engine?.phase ?? 'cold')
const list = computed(() =>
  order.filter((c) => all.value || props.shown.has(c) || props.done.has(c) || c === props.active),
)
const hidden = computed(() => order.length - list.value.length)
const LEVEL = { cold: '14%', warming: '40%', hot: '62%', cooling: '46%' } as const
</script>

<template>
  <nav class="rail" :aria-label="say('case.thermal-rail.checksByTemperature')">
    <div class="glass" :class="{ warm: phase !== 'cold' }" aria-hidden="true">
      <span class="level" :style="{ height: LEVEL[phase] }" /><span class="bulb">{{
        coolantC === undefined
          ? phase === 'cold'
            ? 'cold'
            : 'hot'
          : preferences.show('temperature', coolantC)
      }}</span>
    </div>
    <div class="list">
      <div class="phase later">
        <span class="phase-name">{{ say('case.thermal-rail.hotRoadBench') }}</span>
      </div>
      <div class="phase">
        <span class="phase-name">{{ say('case.thermal-rail.warming') }}</span>
        <button
          v-if="!engine?.running"
          type="button"
          class="engine"
          :disabled="!mayStart"
          @click="emit('start')"
        >
          {{ say('case.thermal-rail.startTheEngine') }}
        </button>
        <button v-else type="button" class="engine" :disabled="!mayStart" @click="emit('stop')">
          {{ say('case.thermal-rail.engineStopped') }}
        </button>
      </div>
      <div class="phase now">
        <span class="phase-name">{{
          say('case.thermal-rail.cold', {
            phase:
              phase === 'cold'
                ? say('case.thermal-rail.now')
                : say('case.thermal-rail.notWhileHot'),
          })
        }}</span>
        <button
          v-for="check in list"
          :key="check"
          type="button"
          :aria-current="check === active ? 'step' : undefined"
          :data-check="check"
          @click="emit('choose', check)"
        >
          <span
            class="box"
            :class="{ done: done.has(check), here: check === active }"
            aria-hidden="true"
            >{{ done.has(check) ? '✓' : '' }}</span>{{ checkName(check)
          }}<span v-if="done.has(check)" class="sr">{{ say('case.thermal-rail.done') }}</span>
        </button>
        <button
          v-if="all || hidden > 0"
          type="button"
          class="more"
          :aria-expanded="all"
          @click="all = !all"
        >
          {{
            all
              ? say('case.thermal-rail.fewer')
              : say('case.thermal-rail.moreColdChecks', { hidden })
          }}
        </button>
      </div>
    </div>
  </nav>
</template>

<style scoped>
.rail {
  display: flex;
  gap: 12px;
  background: var(--rail);
  padding: 12px 8px 12px 14px;
}
.glass {
  width: 16px;
  border: 2px solid var(--ink-2);
  border-radius: 10px;
  position: relative;
  background: var(--sheet);
  margin-bottom: 24px;
  flex: none;
}
.level {
  position: absolute;
  left: 0;
  right: 0;
  bottom: 0;
  background: var(--cool);
  transition: height 1s ease;
}
.bulb {
  position: absolute;
  left: 50%;
  bottom: -26px;
  transform: translateX(-50%);
  background: var(--cool);
  color: var(--sheet);
  font-weight: 600;
  font-size: 13px;
  width: 42px;
  height: 42px;
  border-radius: 50%;
  display: grid;
  place-items: center;
}
.warm .level,
.warm .bulb {
  background: var(--hot);
}
.list {
  flex: 1;
  display: flex;
  flex-direction: column;
  gap: 8px;
  min-width: 0;
}
.phase {
  display: flex;
  flex-direction: column;
}
.phase-name {
  text-transform: uppercase;
  font-size: 14px;
  font-weight: 600;
  letter-spacing: 0.06em;
  border-bottom: 1px solid var(--line);
  padding-bottom: 2px;
}
.now {
  margin-top: auto;
}
button {
  display: flex;
  align-items: center;
  gap: 9px;
  min-height: 48px;
  background: none;
  border: 2px solid transparent;
  border-radius: 4px;
  font: inherit;
  font-weight: 500;
  color: inherit;
  text-align: left;
  cursor: pointer;
  padding: 0 6px;
  line-height: 1.1;
}
button[aria-current] {
  background: var(--sheet);
  border-color: var(--ink);
  font-weight: 600;
}
button.engine,
button.more {
  color: var(--ink-2);
  font-weight: 600;
}
button.engine {
  border-color: var(--line);
  margin-top: 6px;
  color: var(--ink);
  justify-content: center;
}
button:disabled {
  opacity: 0.6;
  cursor: default;
}
.box {
  width: 18px;
  height: 18px;
  border: 2px solid var(--ink-2);
  display: grid;
  place-items: center;
  font-size: 14px;
  flex: none;
  background: var(--sheet);
}
.box.done {
  background: var(--cool);
  border-color: var(--cool);
  color: var(--sheet);
}
.box.here:not(.done) {
  background: var(--ink);
  border-color: var(--ink);
}
.sr {
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
}
@media (prefers-reduced-motion: reduce) {
  .level {
    transition: none;
  }
}
</style>
