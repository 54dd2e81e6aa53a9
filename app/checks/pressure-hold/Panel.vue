<script setup lang="ts">
import { useTitle } from '@vueuse/core'
import { correctedValue, lookRoundCheck } from '#core'
import { formatClock } from '../../../words/format'
import HoldChart from './HoldChart.vue'
import HoldCompare from './HoldCompare.vue'
import HoldEnding from './HoldEnding.vue'
import HoldEntry from './HoldEntry.vue'
import HoldFigures from './HoldFigures.vue'
import HoldReadings from './HoldReadings.vue'
import HoldSetup from './HoldSetup.vue'
import HoldVerdict from './HoldVerdict.vue'
import { useHold } from './use-hold'

const { say } = useWords()

/** A hold: set up, read while its clock runs, ended, compared with the one before. */
const open = useOpenCase()
const preferences = usePreferences()
const props = withDefaults(defineProps<{ engine?: 'cold' | 'hot' }>(), { engine: 'cold' })
const hold = useHold(props.engine)
const { again, settingUp, start, end, readings, analysis, elapsed, running, offset, latest } = hold
const ending = ref(false)
/** said of every hold while it runs */
const ALWAYS = ['caution.hold', 'caution.holdHot']
const entry = useTemplateRef('entry')
const shownCautions = computed(() =>
  (analysis.value?.cautions ?? []).filter((c) => running.value || !ALWAYS.includes(c.id)),
)
useTitle(() =>
  running.value ? `${formatClock(elapsed.value)} Hold · Thermognosis` : 'Thermognosis',
)
</script>

<template>
  <HoldSetup
    v-if="!start || settingUp"
    :old="settingUp ? start : undefined"
    :engine="engine"
    @left="settingUp = false"
  />
  <div v-else class="stack hold">
    <p class="quiet head">
      <strong>{{
        running
          ? formatClock(elapsed)
          : say('pressure-hold.endedAt', { elapsedSeconds: formatClock(end!.data.elapsedSeconds) })
      }}</strong>
      {{
        say('pressure-hold.target', {
          target: preferences.show('pressure', correctedValue(start.data.target)),
        })
      }}<template v-if="analysis">{{
        say('pressure-hold.atMost', {
          allowedKPaGauge: preferences.show('pressure', analysis.allowedKPaGauge),
        })
      }}</template
      ><template v-if="offset !== 0">
        {{
          say('pressure-hold.gaugeReads', {
            offset: preferences.show('pressure', Math.abs(offset)),
            direction: offset < 0 ? 'low' : 'high',
          })
        }}</template
      >
    </p>
    <p
      v-for="caution in shownCautions"
      :key="caution.id"
      class="caution"
      :class="{ danger: !ALWAYS.includes(caution.id) }"
    >
      {{ preferences.say(caution) }}
    </p>
    <div class="main">
      <HoldChart
        v-if="analysis"
        :analysis="analysis"
        :elapsed-seconds="elapsed"
        :running="running"
        class="chart"
      />
      <HoldFigures
        class="figures"
        :analysis="analysis"
        :running="running"
        :latest="latest"
        :corrected="offset !== 0"
      />
    </div>
    <HoldEntry ref="entry" :hold="hold" @end="ending = true">
      <template #above-pad>
        <HoldVerdict
          v-if="analysis"
          class="above-pad"
          :analysis="analysis"
          :running="running"
          aria-hidden="true"
        />
      </template>
    </HoldEntry>
    <HoldEnding
      v-if="ending"
      :run="start.id"
      :old="end"
      :elapsed-seconds="elapsed"
      @done="ending = false"
    />
    <p v-if="analysis">
      <strong>{{
        say('pressure-hold.aPassHereNotClear', {
          state: analysis.state,
        })
      }}</strong>
      {{ analysis.doesNotProve.map(preferences.say).join('; ') }}.
    </p>
    <ul v-if="analysis && analysis.notes.length > 0" class="notes small">
      <li v-for="note in analysis.notes" :key="note.id">{{ preferences.say(note) }}</li>
    </ul>
    <div v-if="!running" class="row">
      <v-btn
        class="solid"
        aria-keyshortcuts="k"
        :disabled="!open.mayRecord.value"
        @click="again = true"
        >{{ say('pressure-hold.holdAgain') }}</v-btn
      >
      <v-btn @click="open.goTo(lookRoundCheck.id)">{{
        say('pressure-hold.lookForThePlace')
      }}</v-btn>
      <v-btn :disabled="!open.mayRecord.value" @click="ending = true">{{
        say('pressure-hold.correctTheEnd')
      }}</v-btn>
    </div>
    <HoldCompare />
    <HoldReadings
      :readings="readings"
      @correct="entry?.correct($event)"
      @set-up="settingUp = true"
    />
  </div>
</template>

<style scoped>
.hold {
  gap: 10px;
}
.main {
  display: grid;
  grid-template-columns: minmax(0, 1.55fr) minmax(200px, 1fr);
  gap: 16px;
}
.danger {
  border-color: var(--hot);
  background: var(--hot-soft);
  color: var(--ink);
}
.notes {
  margin: 0;
  padding-left: 20px;
  color: var(--ink-2);
}
/* On a phone the pad lies over the figures: what they come to stands on it too. */
.above-pad {
  display: none;
}
@media (max-width: 700px) {
  .above-pad {
    display: block;
  }
  .main {
    display: contents;
  }
  .hold > * {
    order: 5;
  }
  .hold > .head,
  .hold > .caution {
    order: 0;
  }
  .figures {
    order: 1;
  }
  .main > .chart {
    order: 4;
    height: 220px;
  }
}
</style>
