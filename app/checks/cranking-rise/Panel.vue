<script setup lang="ts">
import {
  crankingRiseCheck,
  type CrankingRun,
  type Instrument,
  knownValue,
  type QuantityRecord,
} from '#core'
import CylinderShares from './CylinderShares.vue'
import { readRun } from './read-trace'
import RunList from './RunList.vue'
import { useTurnedByHand } from './use-turned-by-hand'

const { listed, say } = useWords()

const { open, all, last, outcomeOf, mayRecord, keep, takeBack, figures } = useCheck(
  crankingRiseCheck,
  'cranking-rise.run',
)
const preferences = usePreferences()
const known = computed(() => knownValue(open.input.value?.vehicle.profile.cylinders))
const cylinders = computed(() => known.value ?? 4)
const { mayBeFull, turned } = useTurnedByHand(open, all)
const plugged = ref<number[]>([])
watch(
  cylinders,
  (n) => {
    if (plugged.value.length === 0 || Math.max(...plugged.value) > n)
      plugged.value = Array.from({ length: n }, (_, i) => i + 1)
  },
  { immediate: true },
)
const seconds = ref<number>()
const rpm = ref<number>()
const before = ref<QuantityRecord | undefined>({ typed: '0', value: 0, unit: 'kPa', coreValue: 0 })
const after = ref<QuantityRecord>()
const stays = ref<CrankingRun['staysAfter']>('not-watched')
const resolutionKPa = ref<number>()
const problem = ref('')
const fileNote = ref('')
const outcome = computed(() => outcomeOf(last.value?.id))
const marks = computed(
  () =>
    new Map(
      Array.from({ length: cylinders.value }, (_, i) => i + 1).map((c) => [
        c,
        plugged.value.includes(c)
          ? { text: say('cranking-rise.plugIn'), tone: 'cool' as const }
          : { text: say('cranking-rise.plugOut'), tone: 'open' as const },
      ]),
    ),
)
const toggle = (c: number) => {
  plugged.value = plugged.value.includes(c)
    ? plugged.value.filter((p) => p !== c)
    : [...plugged.value, c].sort((a, b) => a - b)
}
const kPa = (coreValue: number): QuantityRecord => ({
  typed: coreValue.toFixed(2),
  value: Number(coreValue.toFixed(2)),
  unit: 'kPa',
  coreValue: Number(coreValue.toFixed(2)),
})

async function readTrace(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  problem.value = fileNote.value = ''
  const read = await readRun(file)
  if ('problem' in read) return void (problem.value = preferences.say(read.problem))
  const { run, values } = read
  seconds.value = Number(run.crankSeconds.toFixed(1))
  before.value = kPa(run.beforeKPa)
  after.value = kPa(run.afterKPa)
  stays.value = run.staysAfter
  resolutionKPa.value = run.resolutionKPa
  fileNote.value = say('cranking-rise.readFromValuesLookAt', { name: file.name, values })
}
const gauge = ref<Instrument>()
async function save() {
  problem.value = ''
  if (mayBeFull.value && !turned.value)
    return void (problem.value = say('cranking-rise.firstPlugsOutAndThe'))
  if (plugged.value.length === 0)
    return void (problem.value = say('cranking-rise.withEveryPlugOutNothing'))
  if (seconds.value === undefined)
    return void (problem.value = say('cranking-rise.sayHowManySecondsIt'))
  if (!before.value || !after.value)
    return void (problem.value = say('cranking-rise.typeThePressureBeforeAnd'))
  if (after.value.coreValue < before.value.coreValue - 1)
    return void (problem.value = say('cranking-rise.thePressureFellWhileCranking'))
  const run = {
    plugged: plugged.value,
    seconds: seconds.value,
    ...(rpm.value ? { crankingRpm: rpm.value } : {}),
    before: before.value,
    after: after.value,
    staysAfter: stays.value,
    ...(resolutionKPa.value ? { resolutionKPa: resolutionKPa.value } : {}),
    turnedByHandFirst: turned.value,
  }
  // Before it is kept: what is typed meanwhile is of the next run.
  seconds.value = undefined
  after.value = undefined
  resolutionKPa.value = undefined
  stays.value = 'not-watched'
  fileNote.value = ''
  await keep(run)
}
const next = computed(() => figures.value?.nextRun)
</script>

<template>
  <div class="stack">
    <div v-if="mayBeFull" class="full" :class="{ done: turned }">
      <div v-if="!turned" role="alert">
        <p>
          <strong>{{ say('cranking-rise.pressureWentAndNobodySaw') }}</strong>
        </p>
        <p>
          {{ say('cranking-rise.plugsOutRagOverThe') }}
        </p>
      </div>
      <label class="tick"
        ><input v-model="turned" type="checkbox" />
        {{ say('cranking-rise.plugsOutTurnedByHand') }}</label
      >
    </div>
    <Cautions :ids="['cranking']" />
    <CheckResult :outcome="outcome" />
    <CylinderShares v-if="figures && figures.shares.length > 0" :figures="figures" />
    <p v-if="!known" class="quiet">{{ say('cranking-rise.fourCylindersAssumedSayHow') }}</p>
    <template v-if="!mayBeFull || turned">
      <p>
        {{ say('cranking-rise.coldFullCappedByThe') }}
        <strong>{{ say('cranking-rise.whichPlugsAreInFor') }}</strong>
      </p>
      <EnginePicture
        :cylinders="cylinders"
        :marks="marks"
        :chosen="plugged"
        :verb="say('cranking-rise.tapToTakeThePlug')"
        :disabled="!mayRecord"
        @tap="toggle"
      />
      <div v-if="next" class="row">
        <span
          ><strong>{{ say('cranking-rise.tellsMostNext') }}</strong>
          {{
            say('cranking-rise.onlyPlugged', {
              next: next.length,
              next2: listed(next),
            })
          }}</span
        ><v-btn @click="plugged = [...next]">{{ say('cranking-rise.setThePlugsSo') }}</v-btn>
      </div>
      <div class="row top">
        <NumberField
          v-model="seconds"
          :label="say('cranking-rise.crankedFor')"
          unit="s"
          :min="1"
          :max="60"
        />
        <QuantityField
          v-model="before"
          :label="say('cranking-rise.before')"
          kind="pressure"
          :instrument="gauge"
          :limits="{ min: -5, max: 200 }"
        />
        <QuantityField
          v-model="after"
          :label="say('cranking-rise.after')"
          kind="pressure"
          :instrument="gauge"
          :limits="{ min: -5, max: 300 }"
        />
        <NumberField
          v-model="rpm"
          :label="say('cranking-rise.speed')"
          unit="rpm"
          :min="30"
          :max="600"
          :hint="say('cranking-rise.fasterWithPlugsOut')"
        />
        <InstrumentPick
          v-model="gauge"
          :kinds="['pressure-tester', 'other']"
          :start="last?.data.after.instrument"
        />
      </div>
      <ChoiceRow
        v-model="stays"
        :label="say('cranking-rise.doesItStayWhenCranking')"
        :options="[
          { value: 'yes', text: say('cranking-rise.stays') },
          { value: 'no', text: say('cranking-rise.fallsBack') },
          { value: 'not-watched', text: say('cranking-rise.notWatched') },
        ]"
      />
      <p v-if="fileNote" class="small" role="status">{{ fileNote }}</p>
      <KeepRow :problem="problem">
        <v-btn class="solid" aria-keyshortcuts="k" :disabled="!mayRecord" @click="save">{{
          say('cranking-rise.keepTheRun')
        }}</v-btn>
        <label class="plain-button file"
          >{{ say('cranking-rise.fromATraceFile')
          }}<input
            type="file"
            accept=".csv,.txt,text/csv,text/plain"
            class="sr"
            :aria-label="say('cranking-rise.traceFileOfTheRun')"
            @change="readTrace"
        /></label>
      </KeepRow>
    </template>
    <p v-else-if="problem" class="problem" role="alert">{{ problem }}</p>
    <RunList v-if="all.length > 0" :runs="all" :may-record="mayRecord" @take-back="takeBack" />
  </div>
</template>

<style scoped>
.full {
  border: 3px solid var(--hot);
  background: var(--hot-soft);
  color: var(--ink);
  padding: 12px 14px;
  display: flex;
  flex-direction: column;
  gap: 8px;
}
.full.done {
  border-width: 0 0 0 6px;
  padding: 0 14px;
  background: var(--warn-soft);
  border-color: var(--warn-edge);
}
.tick {
  display: flex;
  align-items: center;
  gap: 12px;
  min-height: 48px;
  font-weight: 600;
  cursor: pointer;
}
.tick input {
  width: 28px;
  height: 28px;
}
.top {
  align-items: flex-start;
  gap: 16px;
}
.file {
  display: inline-flex;
  align-items: center;
  position: relative;
}
.file:focus-within {
  outline: 3px solid var(--cool);
  outline-offset: 2px;
}
.sr {
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
}
@media (max-width: 700px) {
  .share {
    grid-template-columns: 20px 1fr 48px;
  }
  .share .small {
    display: none;
  }
  li {
    grid-template-columns: 1fr auto;
  }
}
</style>
