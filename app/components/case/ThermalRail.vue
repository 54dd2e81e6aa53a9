<script setup lang="ts">
import type { CheckId, EngineTemperature } from '#core'
import { RECORDABLE } from '../../checks'

const { say } = useWords()

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
const allHot = ref(false)
/** The first to be done stands at the foot. */
const isCold = (check: (typeof RECORDABLE)[number]) =>
  check.phase === 'cold' || check.phase === 'any'
const coldOrder = RECORDABLE.filter(isCold)
  .map((check) => check.id)
  .toReversed()
const hotOrder = RECORDABLE.filter((check) => !isCold(check))
  .map((check) => check.id)
  .toReversed()
const phase = computed(() => props.engine?.phase ?? 'cold')
const isShown = (c: CheckId) => props.shown.has(c) || props.done.has(c) || c === props.active
const list = computed(() => coldOrder.filter((c) => all.value || isShown(c)))
const hotList = computed(() => hotOrder.filter((c) => allHot.value || isShown(c)))
const hidden = computed(() => coldOrder.length - list.value.length)
const hiddenHot = computed(() => hotOrder.length - hotList.value.length)
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
        <button
          v-if="allHot || hiddenHot > 0"
          type="button"
          class="more"
          :aria-expanded="allHot"
          @click="allHot = !allHot"
        >
          {{
            allHot
              ? say('case.thermal-rail.fewer')
              : say('case.thermal-rail.moreHotChecks', { hidden: hiddenHot })
          }}
        </button>
        <RailCheck
          v-for="check in hotList"
          :key="check"
          :check="check"
          :done="done.has(check)"
          :active="check === active"
          @choose="emit('choose', check)"
        />
      </div>
      <div class="phase">
        <span class="phase-name">{{ say('case.thermal-rail.warming') }}</span>
        <button
          v-if="!engine?.running"
          type="button"
          class="engine"
          aria-keyshortcuts="e"
          :disabled="!mayStart"
          @click="emit('start')"
        >
          {{ say('case.thermal-rail.startTheEngine') }}
        </button>
        <button
          v-else
          type="button"
          class="engine"
          aria-keyshortcuts="e"
          :disabled="!mayStart"
          @click="emit('stop')"
        >
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
        <RailCheck
          v-for="check in list"
          :key="check"
          :check="check"
          :done="done.has(check)"
          :active="check === active"
          @choose="emit('choose', check)"
        />
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
  min-height: 48px;
  background: none;
  border: 2px solid transparent;
  border-radius: 4px;
  font: inherit;
  color: var(--ink-2);
  font-weight: 600;
  text-align: left;
  cursor: pointer;
  padding: 0 6px;
  line-height: 1.1;
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
@media (forced-colors: active) {
  .level,
  .bulb {
    forced-color-adjust: none;
  }
}
@media (prefers-reduced-motion: reduce) {
  .level {
    transition: none;
  }
}
</style>
