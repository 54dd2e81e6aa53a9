<script setup lang="ts">
import { beforeStart, type CheckId, coolDownMinutesOf, type NextCheck } from '#core'
import { hasPanel } from '../../checks'

const { checkName, say } = useWords()

/** Before the engine is started: which cold checks still tell something, and what doing them afterwards would cost. */
const props = defineProps<{
  open: boolean
  next: readonly NextCheck[]
  /** a run is begun, which may be of an engine that ran before */
  mayHaveRun: boolean
}>()
const emit = defineEmits<{ close: []; start: []; ran: []; check: [check: CheckId] }>()
const WORTH_BITS = 0.06
const { input, state, answer } = useOpenCase()
const preferences = usePreferences()
const before = computed(() =>
  state.value
    ? beforeStart(state.value, answer.value?.ranked.assessment.outcomes ?? [], {
        profile: input.value?.vehicle.profile ?? {},
        policy: input.value?.policy,
      })
    : undefined,
)
const isTurned = ref(false)
watch(
  () => props.open,
  () => (isTurned.value = false),
)
const coolDownMinutes = computed(() => coolDownMinutesOf(input.value?.vehicle.profile ?? {}))
const valuable = computed(() =>
  props.next
    .filter((n) => n.phase === 'cold' && n.bits >= WORTH_BITS && hasPanel(n.check))
    .slice(0, 6),
)
const minutes = computed(() => valuable.value.reduce((sum, n) => sum + n.minutes, 0))
const how = (bits: number) =>
  say('case.warm-up-dialog.tells', { bits: bits > 0.5 ? 'much' : bits > 0.2 ? 'some' : 'little' })
</script>

<template>
  <v-dialog
    :aria-label="say('case.warm-up-dialog.beforeTheEngineIsStarted')"
    role="alertdialog"
    :model-value="open"
    max-width="620"
    @update:model-value="emit('close')"
  >
    <v-card class="pa-5 stack">
      <h2>{{ say('case.warm-up-dialog.beforeItIsStarted') }}</h2>
      <p v-for="caution in before?.cautions" :key="caution.id" class="caution">
        {{ preferences.say(caution) }}
      </p>
      <div v-if="before?.cylinderMayBeFull" class="caution">
        <p>{{ say('caution.cylinderMayBeFull') }}</p>
        <v-checkbox
          v-model="isTurned"
          :label="say('case.warm-up-dialog.turnedByHand')"
          hide-details
        />
      </div>
      <template v-if="valuable.length > 0">
        <p class="caution">
          {{
            say('case.warm-up-dialog.coldSomethingOnceItIs', {
              valuable: valuable.length,
              coolDownMinutes,
              minutes,
            })
          }}
        </p>
        <ul>
          <li v-for="n in valuable" :key="n.check">
            <button type="button" class="plain-button" @click="emit('check', n.check)">
              {{ checkName(n.check) }}</button><span>{{
              say('case.warm-up-dialog.min', { minutes: n.minutes, bits: how(n.bits) })
            }}</span>
          </li>
        </ul>
      </template>
      <p v-else>{{ say('case.warm-up-dialog.nothingColdIsLeftThat') }}</p>
      <p class="small quiet">
        {{ say('case.warm-up-dialog.levelRightTesterOffCap') }}
      </p>
      <div class="row keeps">
        <v-btn class="solid" @click="emit('close')">{{
          say('case.warm-up-dialog.notYet')
        }}</v-btn><v-btn
          :disabled="before?.cylinderMayBeFull && !isTurned"
          @click="emit('start')"
          >{{ say('case.warm-up-dialog.startedEngineRuns') }}</v-btn
        >
        <v-btn v-if="mayHaveRun" @click="emit('ran')">{{
          say('case.warm-up-dialog.ranBefore')
        }}</v-btn>
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
li span {
  white-space: nowrap;
}
.plain-button {
  flex: 0 1 220px;
  min-width: 140px;
  text-align: left;
}
</style>
