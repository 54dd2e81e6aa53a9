<script setup lang="ts">
import {
  DEFAULT_POLICY,
  HOLD_PLANS,
  holdAllows,
  type HoldStart,
  type Instrument,
  message,
  type QuantityRecord,
  targetProblem,
  USUAL_RATING_KPA,
} from '#core'
import HoldHow, { type Relief, type ShutOff } from './HoldHow.vue'
import NewGauge from './NewGauge.vue'
import { useGauge } from './use-gauge'
import { useHoldHeat } from './use-hold-heat'
import { useHoldTarget } from './use-hold-target'

const { say } = useWords()

/** Everything that must be known before the clock starts: gauge, target from the cap and never above it, strokes, level. */
const props = defineProps<{
  old?: { id: string; data: HoldStart } | undefined
  engine: 'cold' | 'hot'
}>()
const emit = defineEmits<{ left: [] }>()
const open = useOpenCase()
const shop = useShop()
const preferences = usePreferences()
const thermometer = ref<Instrument>()
const {
  gauges,
  gaugeId,
  gaugeName,
  step,
  offset,
  strokeVolume,
  gauge,
  offsetInCoreUnit,
  resolution,
  strokeML,
  keepGauge,
} = useGauge(props.old?.data.target.instrument)

const { cap, marking, allowed, proposed } = useHoldTarget(open, offsetInCoreUnit)
const target = ref<QuantityRecord | undefined>(props.old?.data.target ?? proposed.value)
// Another figure is proposed, and not the same one anew: what was typed meanwhile stays.
watch(
  () => JSON.stringify(proposed.value),
  () => (target.value = proposed.value),
)
const strokes = ref(String(props.old?.data.strokes ?? ''))
const coolant = ref<QuantityRecord | undefined>(props.old?.data.coolantAtStart)
const level = ref<HoldStart['level'] | undefined>(props.old?.data.level)
const plan = ref<HoldStart['plan']>(
  props.old?.data.plan ?? open.input.value?.policy?.holdPlan ?? DEFAULT_POLICY.holdPlan,
)
const plans = HOLD_PLANS.map((value) => {
  const { fallKPa, plannedMinutes: minutes } = holdAllows(value)
  const fall = { kind: 'pressure', coreValue: fallKPa, decimals: 0 } as const
  return { value, text: say(`pressure-hold.hold-setup.plan.${value}`, { fall, minutes }) }
})
const shutOff = ref<ShutOff>(props.old?.data.isolated?.[0] ?? 'none')
const relief = ref<Relief | undefined>(props.old && 'kept')
const problem = ref('')
const refusal = computed(() => {
  const t =
    target.value &&
    targetProblem(
      { ...target.value, instrumentOffsetInCoreUnit: offsetInCoreUnit.value },
      allowed.value,
    )
  return t ? preferences.say(t) : ''
})
const { COLD, notCold, notHot } = useHoldHeat(() => props.engine, coolant)

/** Opened from the foot of an ended hold, the set-up begins at its first field. */
const root = useTemplateRef<HTMLElement>('root')
onMounted(() => {
  root.value?.closest('.panel')?.scrollIntoView({ block: 'nearest' })
  root.value?.closest('.check')?.scrollTo({ top: 0 })
})

/** What is corrected keeps all that was shut off for it, unless that is what is corrected. */
function isolated() {
  const before = props.old?.data.isolated
  if (shutOff.value === (before?.[0] ?? 'none')) return before
  return shutOff.value === 'none' ? undefined : [shutOff.value]
}

async function start() {
  problem.value = ''
  if (!target.value)
    return void (problem.value = say('pressure-hold.hold-setup.typeThePressureYouPumped'))
  if (refusal.value) return void (problem.value = refusal.value)
  if (notCold.value)
    return void (problem.value = say('pressure-hold.hold-setup.notColdWaitUntilThe', {
      limit: preferences.show(COLD.kind, COLD.coreValue),
    }))
  if (notHot.value) return void (problem.value = notHot.value)
  if (props.engine === 'hot' && relief.value !== 'kept')
    return void (problem.value = say('pressure-hold.hold-how.reliefFirst'))
  if (!level.value)
    return void (problem.value = say('pressure-hold.hold-setup.sayWhetherTheLevelIs'))
  if (!resolution.value)
    return void (problem.value = say('pressure-hold.hold-setup.sayTheSmallestStepOf'))
  const count = strokes.value.trim() === '' ? undefined : Number(strokes.value)
  if (count !== undefined && !(Number.isInteger(count) && count > 0 && count <= 500))
    return void (problem.value = say('pressure-hold.hold-setup.strokesAreAWholeNumber'))
  if (!gauge.value && !gaugeName.value.trim())
    return void (problem.value = say('pressure-hold.hold-setup.giveTheGaugeAName'))
  const id = await keepGauge(resolution.value)
  await shop.addRecord(
    open.id,
    'pressure-hold.start',
    {
      target: {
        ...target.value,
        instrument: id,
        instrumentOffsetInCoreUnit: offsetInCoreUnit.value,
      },
      resolutionKPa: resolution.value,
      strokes: count,
      strokeVolumeML: count ? strokeML.value : undefined,
      coolantAtStart: coolant.value,
      level: level.value,
      capPlace: cap.value?.place,
      capMarking: marking.value,
      plan: plan.value,
      engine: props.engine === 'hot' ? 'hot' : props.old?.data.engine,
      isolated: isolated(),
    },
    props.old ? { supersedes: props.old.id, corrects: true } : {},
  )
}
</script>

<template>
  <div ref="root" class="stack">
    <p v-if="engine === 'hot'" class="caution">{{ preferences.say(message('caution.holdHot')) }}</p>
    <p v-else class="caution">
      {{
        say('pressure-hold.hold-setup.coldMeansBelowAndNo', {
          message: preferences.say(message('caution.hold')),
          limit: preferences.show(COLD.kind, COLD.coreValue),
        })
      }}
    </p>
    <div class="row top">
      <div class="gauge">
        <label for="gauge">{{ say('pressure-hold.hold-setup.gauge') }}</label>
        <select id="gauge" v-model="gaugeId" :disabled="old !== undefined">
          <option v-for="g in gauges" :key="g.id" :value="g.id">
            {{ g.name
            }}{{
              typeof g.offsetInCoreUnit === 'number' && g.offsetInCoreUnit !== 0
                ? say('pressure-hold.hold-setup.reads', {
                    by: preferences.show('pressure', Math.abs(g.offsetInCoreUnit)),
                    direction: g.offsetInCoreUnit < 0 ? 'low' : 'high',
                  })
                : ''
            }}
          </option>
          <option value="new">{{ say('pressure-hold.hold-setup.anotherGauge') }}</option>
        </select>
      </div>
      <QuantityField
        v-model="target"
        :label="say('pressure-hold.hold-setup.pumpUntilItShows')"
        kind="pressure"
        :limits="{ min: 1, max: 400 }"
        :usual="USUAL_RATING_KPA"
        :hint="
          say('pressure-hold.hold-setup.atMostTrueFromThe', {
            maximumKPaGauge: preferences.show('pressure', allowed.maximumKPaGauge),
            basis: allowed.basis,
          })
        "
      />
      <div class="strokes">
        <label for="strokes">{{ say('pressure-hold.hold-setup.pumpStrokesItTook') }}</label>
        <input id="strokes" v-model="strokes" inputmode="numeric" autocomplete="off" />
        <span class="quiet small">{{
          strokeML
            ? say('pressure-hold.hold-setup.mlEachGivesTheLeaks', {
                stroke: { kind: 'smallVolume', coreValue: strokeML },
              })
            : say('pressure-hold.hold-setup.leftEmptyTheLeaksSize')
        }}</span>
      </div>
    </div>
    <p v-if="refusal" class="problem" role="alert">{{ refusal }}</p>
    <p v-if="allowed.note" class="small quiet">{{ preferences.say(allowed.note) }}</p>
    <NewGauge
      v-if="gaugeId === 'new'"
      v-model:name="gaugeName"
      v-model:step="step"
      v-model:offset="offset"
      v-model:stroke-volume="strokeVolume"
    />
    <ChoiceRow
      v-model="level"
      :label="say('pressure-hold.hold-setup.levelInTheSystem')"
      :options="[
        { value: 'near-full', text: say('pressure-hold.hold-setup.nearFullMarked') },
        { value: 'low', text: say('pressure-hold.hold-setup.low') },
        { value: 'not-known', text: say('pressure-hold.hold-setup.notKnown') },
      ]"
    />
    <div class="row top">
      <QuantityField
        v-model="coolant"
        :label="say('pressure-hold.hold-setup.coolantTemperatureNow')"
        kind="temperature"
        :instrument="thermometer"
        :limits="{ min: -40, max: 150 }"
        optional
        :hint="say('pressure-hold.hold-setup.withTheOneAtThe')"
      />
      <InstrumentPick
        v-model="thermometer"
        :start="old?.data.coolantAtStart?.instrument"
        :kinds="['thermometer', 'infrared', 'scan-tool']"
      />
      <ChoiceRow v-model="plan" :label="say('pressure-hold.hold-setup.limit')" :options="plans" />
    </div>
    <HoldHow v-model:shut-off="shutOff" v-model:relief="relief" :hot="engine === 'hot'" />
    <p v-if="notCold" class="problem" role="alert">
      {{ preferences.say(message('caution.notCold', { limit: COLD })) }}
    </p>
    <KeepRow :problem="problem">
      <v-btn
        class="solid start"
        aria-keyshortcuts="k"
        :disabled="!open.mayRecord.value || refusal !== '' || notCold"
        @click="start"
        >{{
          old
            ? say('pressure-hold.hold-setup.keepTheCorrectedSetUp')
            : say('pressure-hold.hold-setup.pumpedUpStartTheClock')
        }}</v-btn
      >
      <v-btn v-if="old" @click="emit('left')">{{
        say('pressure-hold.hold-setup.leaveAsItWas')
      }}</v-btn>
    </KeepRow>
  </div>
</template>

<style scoped>
.top {
  align-items: flex-start;
  gap: 16px;
}
.gauge,
.strokes {
  display: flex;
  flex-direction: column;
  gap: 4px;
  font-weight: 600;
}
select,
.strokes input {
  min-height: 52px;
  border: 2px solid var(--line);
  border-radius: 4px;
  background: var(--sheet);
  color: var(--ink);
  font: inherit;
  padding: 0 10px;
  min-width: 190px;
  max-width: 260px;
}
.strokes input {
  width: 120px;
  min-width: 120px;
  font-size: 22px;
  font-weight: 600;
}
.strokes span {
  font-weight: 400;
}
.start {
  min-height: 60px;
}
</style>
