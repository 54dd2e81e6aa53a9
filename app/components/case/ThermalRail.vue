<script setup lang="ts">
import { CHECK_NAMES, type CheckId } from '../../words-app'

/** The thermometer is the navigation: cold checks at the bulb, hot ones above, the engine's own temperature as its level. */
defineProps<{ active: CheckId; done: ReadonlySet<string>; coolantText: string | undefined }>()
const emit = defineEmits<{ choose: [check: CheckId] }>()
const COLD: CheckId[] = ['pressure-hold', 'tester-self-check', 'cap', 'look-round', 'level-and-condition', 'interview']
const LATER = ['Bench', 'Road', 'Hot', 'Warming']
</script>

<template>
  <nav class="rail" aria-label="Checks by temperature">
    <div class="glass" aria-hidden="true"><span class="level" /><span class="bulb">{{ coolantText ?? 'cold' }}</span></div>
    <div class="list">
      <div v-for="phase in LATER" :key="phase" class="phase"><span class="phase-name">{{ phase }}</span></div>
      <p class="quiet small">This version covers the cold checks. Done hot first, they cost an hour of cooling down.</p>
      <div class="phase now">
        <span class="phase-name">Cold · now</span>
        <button v-for="check in COLD" :key="check" type="button" :aria-current="check === active ? 'step' : undefined" :data-check="check" @click="emit('choose', check)">
          <span class="box" :class="{ done: done.has(check), here: check === active }" aria-hidden="true">{{ done.has(check) ? '✓' : '' }}</span>{{ CHECK_NAMES[check] }}<span v-if="done.has(check)" class="sr">, done</span>
        </button>
      </div>
    </div>
  </nav>
</template>

<style scoped>
.rail { display: flex; gap: 12px; background: var(--rail); padding: 14px 10px 14px 14px; }
.glass { width: 16px; border: 2px solid var(--ink-2); border-radius: 10px; position: relative; background: var(--sheet); margin-bottom: 24px; flex: none; }
.level { position: absolute; left: 0; right: 0; bottom: 0; height: 22%; background: var(--cool); }
.bulb { position: absolute; left: 50%; bottom: -26px; transform: translateX(-50%); background: var(--cool); color: var(--sheet); font-weight: 600; font-size: 13px; width: 42px; height: 42px; border-radius: 50%; display: grid; place-items: center; }
.list { flex: 1; display: flex; flex-direction: column; gap: 22px; min-width: 0; }
.phase { display: flex; flex-direction: column; }
.phase-name { text-transform: uppercase; font-size: 14px; font-weight: 600; letter-spacing: 0.06em; border-bottom: 1px solid var(--line); padding-bottom: 2px; }
.now { margin-top: auto; padding-bottom: 8px; }
button { display: flex; align-items: center; gap: 9px; min-height: 48px; background: none; border: 2px solid transparent; border-radius: 4px; font: inherit; font-weight: 500; color: inherit; text-align: left; cursor: pointer; padding: 0 6px; line-height: 1.1; }
button[aria-current] { background: var(--sheet); border-color: var(--ink); font-weight: 600; }
.box { width: 18px; height: 18px; border: 2px solid var(--ink-2); display: grid; place-items: center; font-size: 14px; flex: none; background: var(--sheet); }
.box.done { background: var(--cool); border-color: var(--cool); color: var(--sheet); }
.box.here:not(.done) { background: var(--ink); border-color: var(--ink); }
.sr { position: absolute; width: 1px; height: 1px; overflow: hidden; clip-path: inset(50%); }
</style>
