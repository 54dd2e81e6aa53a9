<script setup lang="ts">
import { type CheckId, coolDownMinutesOf, type NextCheck } from '#core'
import { checkName } from '../../../words/check-names'
import { hasPanel } from '../../checks'

/** Before the engine is started: which cold checks still tell something, and what doing them afterwards would cost. */
const props = defineProps<{ open: boolean; next: readonly NextCheck[] }>()
const emit = defineEmits<{ close: []; start: []; check: [check: CheckId] }>()
const WORTH_BITS = 0.06
const { input } = useOpenCase()
const coolDownMinutes = computed(() => coolDownMinutesOf(input.value?.vehicle.profile ?? {}))
const valuable = computed(() =>
  props.next
    .filter((n) => n.phase === 'cold' && n.bits >= WORTH_BITS && hasPanel(n.check))
    .slice(0, 6),
)
const minutes = computed(() => valuable.value.reduce((sum, n) => sum + n.minutes, 0))
const how = (bits: number) =>
  bits > 0.5 ? 'tells much' : bits > 0.2 ? 'tells something' : 'tells a little'
</script>

<template>
  <v-dialog
    aria-label="Before the engine is started"
    role="alertdialog"
    :model-value="open"
    max-width="620"
    @update:model-value="emit('close')"
  >
    <v-card class="pa-5 stack">
      <h2>Before it is started</h2>
      <template v-if="valuable.length > 0">
        <p class="caution">
          {{ valuable.length }} cold
          {{ valuable.length === 1 ? 'check still tells' : 'checks still tell' }} something. Once it
          is warm they wait about {{ coolDownMinutes }} minutes of cooling down; now they take about
          {{ minutes }}.
        </p>
        <ul>
          <li v-for="n in valuable" :key="n.check">
            <button type="button" class="plain-button" @click="emit('check', n.check)">
              {{ checkName(n.check) }}</button><span>{{ n.minutes }} min · {{ how(n.bits) }}</span>
          </li>
        </ul>
      </template>
      <p v-else>Nothing cold is left that would change the ranking much.</p>
      <p class="small quiet">
        Level right, tester off, cap on, hands, tools and sleeves clear of fan and belt, exhaust led
        away.
      </p>
      <div class="row">
        <v-btn class="solid" @click="emit('close')">Not yet</v-btn
        ><v-btn @click="emit('start')">Started: engine runs</v-btn>
      </div>
    </v-card>
  </v-dialog>
</template>

<style scoped>
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: flex;
  flex-direction: column;
  gap: 6px;
}
li {
  display: flex;
  gap: 14px;
  align-items: center;
}
.plain-button {
  min-width: 220px;
  text-align: left;
}
</style>
