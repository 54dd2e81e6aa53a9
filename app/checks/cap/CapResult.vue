<script setup lang="ts">
import { capCheck } from '#core'

const { say, stateWords } = useWords()

/** What the last test of the cap came to, and what it does not clear. */
const { last, outcome, figures: analysis } = useCheck(capCheck, 'cap.test')
const preferences = usePreferences()
const MARKING = {
  unmarked: 'cap.notMarked',
  'looks-wrong': 'cap.looksWrong',
  sealed: 'cap.noValve',
} as const
const notes = computed(() => (outcome.value?.notes ?? []).map(preferences.say))
</script>

<template>
  <div v-if="last" class="result">
    <p class="figure small-figure">
      {{
        analysis
          ? analysis.states.length > 0
            ? stateWords(capCheck.id, analysis.states)
            : say('cap.recorded')
          : '…'
      }}
    </p>
    <dl>
      <div>
        <dt>{{ say('cap.marked') }}</dt>
        <dd>
          {{
            typeof last.data.marking === 'string'
              ? say(MARKING[last.data.marking])
              : preferences.show('pressure', last.data.marking.coreValue)
          }}
        </dd>
      </div>
      <div v-if="analysis?.openingKPaGauge !== undefined">
        <dt>{{ say('cap.opensAt') }}</dt>
        <dd>{{ preferences.show('pressure', analysis.openingKPaGauge) }}</dd>
      </div>
      <div v-if="analysis?.heldKPaGauge !== undefined">
        <dt>{{ say('cap.holdsAfterAMinute') }}</dt>
        <dd>{{ preferences.show('pressure', analysis.heldKPaGauge) }}</dd>
      </div>
      <div v-if="analysis?.bleedDown">
        <dt>{{ say('cap.restsAt') }}</dt>
        <dd>{{ preferences.show('pressure', analysis.bleedDown.lastKPaGauge) }}</dd>
      </div>
      <div v-if="analysis?.boilingPointC !== undefined">
        <dt>{{ say('cap.coolantBoilsAt') }}</dt>
        <dd>
          {{ preferences.show('temperature', analysis.boilingPointC)
          }}<span v-if="(analysis.marginLostK ?? 0) > 0.5" class="problem">
            {{
              say('cap.lost', {
                marginLostK: preferences.show('temperatureDifference', analysis.marginLostK!),
              })
            }}</span
          >
        </dd>
      </div>
    </dl>
    <p v-for="note in notes" :key="note">{{ note }}</p>
    <p>
      <strong>{{ say('cap.thisDoesNotClear') }}</strong>
      {{ analysis?.doesNotProve.map(preferences.say).join('; ') }}.
    </p>
  </div>
</template>

<style scoped>
.small-figure {
  font-size: 38px;
  margin-bottom: 10px;
}
dl {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 28px;
  margin: 0 0 12px;
}
dt {
  color: var(--ink-2);
  font-size: 15px;
}
dd {
  margin: 0;
  font-size: 22px;
  font-weight: 600;
}
</style>
