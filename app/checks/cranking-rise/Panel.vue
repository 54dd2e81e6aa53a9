<script setup lang="ts">
import {
  compareMoments,
  crankingOf,
  crankingRiseCheck,
  type CrankingRun,
  importLog,
  InputError,
  type Instrument,
  knownValue,
  message,
  outcomesOf,
  pressureHoldCheck,
  type QuantityRecord,
  readLogTable,
  suggestMapping,
} from '#core'

const { open, all, last, outcomeOf, mayRecord, keep, takeBack, figures } = useCheck(
  crankingRiseCheck,
  'cranking-rise.run',
)
const preferences = usePreferences()
const known = computed(() => knownValue(open.input.value?.vehicle.profile.cylinders))
const cylinders = computed(() => known.value ?? 4)
const assessment = computed(() => open.answer.value?.ranked.assessment)
const holds = computed(() => outcomesOf(assessment.value?.outcomes ?? [], pressureHoldCheck))
/** Pressure went and nobody saw where to: a cylinder may be full, and a full cylinder breaks an engine. */
const mayBeFull = computed(
  () =>
    holds.value.some((h) => ['seep', 'leak', 'gross'].includes(h.figures.state)) &&
    !assessment.value?.facts.has('loss-traced'),
)
const turned = ref(false)
watch(
  () =>
    all.value.some(
      (r) =>
        r.data.turnedByHandFirst &&
        (!holds.value.length || compareMoments(r.observedAt, holds.value.at(-1)!.observedAt) > 0),
    ),
  (was) => {
    if (was) turned.value = true
  },
  { immediate: true },
)
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
const before = ref<QuantityRecord | undefined>({ typed: '0', value: 0, unit: 'kPa', si: 0 })
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
          ? { text: 'plug in', tone: 'cool' as const }
          : { text: 'plug out', tone: 'open' as const },
      ]),
    ),
)
const toggle = (c: number) => {
  plugged.value = plugged.value.includes(c)
    ? plugged.value.filter((p) => p !== c)
    : [...plugged.value, c].sort((a, b) => a - b)
}
const widest = computed(() =>
  Math.max(0.01, ...(figures.value?.shares ?? []).map((s) => s.kPaPerSecond.high)),
)
const feeding = computed(() =>
  (figures.value?.shares ?? []).filter(
    (s) => s.share > 0.12 && s.kPaPerSecond.low > 0.15 * widest.value,
  ),
)
const kPa = (si: number): QuantityRecord => ({
  typed: si.toFixed(2),
  value: Number(si.toFixed(2)),
  unit: 'kPa',
  si: Number(si.toFixed(2)),
})

async function readTrace(event: Event) {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  problem.value = fileNote.value = ''
  try {
    if (file.size > 5_000_000)
      return void (problem.value =
        'This file is too large for one run of the starter: a few seconds are enough.')
    const table = readLogTable(await file.text())
    const mapping = suggestMapping(table)
    if (!mapping.time || !mapping.channels?.pressure)
      throw new InputError('trace', message('crankTrace.noPressure'))
    const [trace] = importLog(table, {
      time: mapping.time,
      channels: { pressure: mapping.channels.pressure },
    }).traces
    const run = crankingOf(trace!.seconds, trace!.values)
    seconds.value = Number(run.crankSeconds.toFixed(1))
    before.value = kPa(run.beforeKPa)
    after.value = kPa(run.afterKPa)
    stays.value = run.staysAfter
    resolutionKPa.value = run.resolutionKPa
    fileNote.value = `Read from ${file.name}: ${trace!.values.length} values. Look at the figures, then keep the run.`
  } catch (error) {
    problem.value =
      error instanceof InputError
        ? preferences.say(error.problem)
        : 'This file could not be read as a trace.'
  }
}
const gauge = ref<Instrument>()
async function save() {
  problem.value = ''
  if (mayBeFull.value && !turned.value)
    return void (problem.value =
      'First: plugs out and the engine turned by hand, two full turns. Then say so above.')
  if (plugged.value.length === 0)
    return void (problem.value = 'With every plug out nothing presses: leave at least one in.')
  if (seconds.value === undefined)
    return void (problem.value = 'Say how many seconds it was cranked.')
  if (!before.value || !after.value)
    return void (problem.value = 'Type the pressure before and after.')
  if (after.value.si < before.value.si - 1)
    return void (problem.value =
      'The pressure fell while cranking: let it settle at zero, and crank again.')
  await keep({
    plugged: plugged.value,
    seconds: seconds.value,
    ...(rpm.value ? { crankingRpm: rpm.value } : {}),
    before: before.value,
    after: after.value,
    staysAfter: stays.value,
    ...(resolutionKPa.value ? { resolutionKPa: resolutionKPa.value } : {}),
    turnedByHandFirst: turned.value,
  })
  seconds.value = undefined
  after.value = undefined
  resolutionKPa.value = undefined
  stays.value = 'not-watched'
  fileNote.value = ''
}
const next = computed(() => figures.value?.nextRun)
</script>

<template>
  <div class="stack">
    <div v-if="mayBeFull" class="full" :class="{ done: turned }" role="alert">
      <p v-if="!turned">
        <strong
          >Pressure went and nobody saw where. A cylinder may be full of coolant: cranking on it
          breaks the engine.</strong
        >
      </p>
      <p v-if="!turned">
        Plugs out, rag over the bores, and the engine turned by hand two full turns, before any
        cranking.
      </p>
      <label class="tick"
        ><input v-model="turned" type="checkbox" /> Plugs out, turned by hand: it turns
        freely</label
      >
    </div>
    <Cautions :ids="['cranking']" />
    <CheckResult :outcome="outcome" />
    <div
      v-if="figures && figures.shares.length > 0"
      class="shares"
      role="group"
      aria-label="Share of each cylinder"
    >
      <h3>
        {{
          feeding.length === 1 && figures.resolved
            ? `It comes from cylinder ${feeding[0]!.cylinder}`
            : feeding.length > 1 && figures.resolved
              ? `It comes from ${feeding.length} cylinders: ${feeding.map((s) => s.cylinder).join(' and ')}`
              : 'Which cylinder feeds it'
        }}
      </h3>
      <div v-for="s in figures.shares" :key="s.cylinder" class="share" :data-share="s.cylinder">
        <span>{{ s.cylinder }}</span>
        <span class="track"
          ><span
            class="range"
            :style="{
              left: `${(s.kPaPerSecond.low / widest) * 100}%`,
              width: `${((s.kPaPerSecond.high - s.kPaPerSecond.low) / widest) * 100}%`,
            }" /><span
            class="bar"
            :class="{ hot: s.share > 0.12 }"
            :style="{ width: `${(s.kPaPerSecond.value / widest) * 100}%` }"
        /></span>
        <span>{{ Math.round(s.share * 100) }} %</span>
        <span class="small quiet"
          >{{ s.kPaPerSecond.low.toFixed(2) }} to {{ s.kPaPerSecond.high.toFixed(2) }} kPa/s</span
        >
      </div>
      <p v-if="!figures.resolved" class="small quiet">
        The runs so far cannot tell all cylinders apart.
      </p>
    </div>
    <p v-if="!known" class="quiet">Four cylinders assumed: say how many in the system profile.</p>
    <template v-if="!mayBeFull || turned">
      <p>
        Cold, full, capped by the transducer, vented to zero.
        <strong>Which plugs are in for this run?</strong>
      </p>
      <EnginePicture
        :cylinders="cylinders"
        :marks="marks"
        :chosen="plugged"
        verb="Tap to take the plug out or put it in"
        :disabled="!mayRecord"
        @tap="toggle"
      />
      <div v-if="next" class="row">
        <span
          ><strong>Tells most next:</strong> only {{ next.length > 1 ? 'cylinders' : 'cylinder' }}
          {{ next.join(' and ') }} plugged.</span
        ><v-btn @click="plugged = [...next]">Set the plugs so</v-btn>
      </div>
      <div class="row top">
        <NumberField v-model="seconds" label="Cranked for" unit="s" :min="1" :max="60" />
        <QuantityField
          v-model="before"
          label="Before"
          kind="pressure"
          :instrument="gauge"
          :limits="{ min: -5, max: 200 }"
        />
        <QuantityField
          v-model="after"
          label="After"
          kind="pressure"
          :instrument="gauge"
          :limits="{ min: -5, max: 300 }"
        />
        <NumberField
          v-model="rpm"
          label="Speed"
          unit="rpm"
          :min="30"
          :max="600"
          hint="Faster with plugs out"
        />
        <InstrumentPick
          v-model="gauge"
          :kinds="['pressure-tester', 'other']"
          :start="last?.data.after.instrument"
        />
      </div>
      <ChoiceRow
        v-model="stays"
        label="Does it stay when cranking stops?"
        :options="[
          { value: 'yes', text: 'Stays' },
          { value: 'no', text: 'Falls back' },
          { value: 'not-watched', text: 'Not watched' },
        ]"
      />
      <p v-if="fileNote" class="small" role="status">{{ fileNote }}</p>
      <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
      <div class="row">
        <v-btn class="solid" :disabled="!mayRecord" @click="save">Keep the run</v-btn>
        <label class="plain-button file"
          >From a trace file<input
            type="file"
            accept=".csv,.txt,text/csv,text/plain"
            class="sr"
            aria-label="Trace file of the run"
            @change="readTrace"
        /></label>
      </div>
    </template>
    <p v-else-if="problem" class="problem" role="alert">{{ problem }}</p>
    <details v-if="all.length > 0">
      <summary>{{ all.length }} {{ all.length === 1 ? 'run' : 'runs' }}: look, take back</summary>
      <ul>
        <li v-for="run in all" :key="run.id">
          <span>plugs in {{ run.data.plugged.join(', ') }}</span
          ><strong
            >{{ preferences.show('pressure', run.data.after.si - run.data.before.si) }} in
            {{ run.data.seconds }} s</strong
          ><span class="small quiet">{{
            run.data.staysAfter === 'no' ? 'fell back: does not count' : ''
          }}</span
          ><button
            type="button"
            class="plain-button"
            :disabled="!mayRecord"
            @click="takeBack(run.id)"
          >
            Take back
          </button>
        </li>
      </ul>
    </details>
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
.shares {
  display: flex;
  flex-direction: column;
  gap: 6px;
}
.share {
  display: grid;
  grid-template-columns: 24px 1fr 56px 150px;
  gap: 12px;
  align-items: center;
  font-weight: 600;
}
.track {
  position: relative;
  height: 26px;
  background: var(--rail);
}
.bar {
  position: absolute;
  left: 0;
  top: 6px;
  bottom: 6px;
  background: var(--bar-fill);
}
.bar.hot {
  background: var(--hot);
}
.range {
  position: absolute;
  top: 0;
  bottom: 0;
  background: color-mix(in srgb, var(--hot) 22%, transparent);
  border-left: 2px solid var(--ink-2);
  border-right: 2px solid var(--ink-2);
}
summary {
  cursor: pointer;
  min-height: 48px;
  display: flex;
  align-items: center;
  font-weight: 600;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: grid;
  grid-template-columns: 1fr auto 1fr auto;
  gap: 12px;
  align-items: center;
  border-bottom: 1px solid var(--line);
  min-height: 52px;
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
