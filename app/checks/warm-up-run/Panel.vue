<script setup lang="ts">
import {
  importLog,
  isPlainLog,
  piecesOf,
  type LogMapping,
  type LogTable,
  type Message,
  type QuantityRecord,
  suggestMapping,
  warmUpRunCheck,
  type WarmUpMark,
} from '#core'
import LogColumns from './LogColumns.vue'
import { tableIn } from './log-file'
import LiveLine from './LiveLine.vue'
import RunChart from './RunChart.vue'
import RunEntry from './RunEntry.vue'
import type { HandChannel } from './run-lines'
import { useRun } from './use-run'

const { say, sayProblem } = useWords()

/** A run from cold: begun, read by hand while walking round or from a log, marked, judged while it goes on. */
const run = useRun()
const shop = useShop()
const preferences = usePreferences()
const { start, elapsed, running, latest, marks, series, outcome, mayRecord, live } = run
const problem = ref('')
const notes = ref<Message[]>([])
const clock = computed(() => {
  const { value } = elapsed
  return `${Math.floor(value / 60)}:${String(value % 60).padStart(2, '0')}`
})
const HOT_PLACES = ['scan-coolant', 'infrared-engine'] as const
const hottestNow = computed(() =>
  Math.max(...HOT_PLACES.map((channel) => latest.value.get(channel) ?? -Infinity)),
)
const mustStop = computed(
  () =>
    running.value &&
    outcome.value !== undefined &&
    hottestNow.value >= outcome.value.figures.stopLimitC,
)
/** A run that went on until it settled is not to be read on: what it lacks is another figure, told in the notes. */
const nothing = computed(() => {
  const settledAt = outcome.value?.figures.plateauC
  return settledAt === undefined
    ? say('warm-up-run.nothingYet')
    : say('warm-up-run.settledOnly', { at: preferences.show('temperature', settledAt, 0) })
})
/** One list as long as nothing is marked: the chart is drawn anew for another one, and this panel comes ten times a second. */
const marked = computed(() => marks.value.map(({ data }) => data))
/** minutes to the rating at the rate it warms by */
const minutesToGo = computed(() => {
  const figures = outcome.value?.figures
  if (!running.value || !figures?.warmUpKPerMinute || figures.ratingC === undefined)
    return undefined
  const left = (figures.ratingC - hottestNow.value) / figures.warmUpKPerMinute
  return left > 0.5 && left < 60 ? Math.round(left) : undefined
})
const add = <K extends 'warm-up-run.reading' | 'warm-up-run.mark' | 'warm-up-run.trace'>(
  kind: K,
  data: Parameters<typeof shop.addRecord<K>>[2],
) => shop.addRecord(run.open.id, kind, data)
const keepReading = (channel: HandChannel, reading: QuantityRecord) =>
  add('warm-up-run.reading', {
    run: start.value!.id,
    elapsedSeconds: elapsed.value,
    channel,
    reading,
  })
async function keepMark(mark: WarmUpMark['mark']) {
  if (mark === 'stopped') await live.stop()
  await add('warm-up-run.mark', { run: start.value!.id, elapsedSeconds: elapsed.value, mark })
  const { id, state } = run.open
  if (mark === 'stopped' && state.value?.engineAt(new Date().toISOString()).running)
    await shop.addEvent(id, 'engine-stopped', {})
}
/** What was read of this run is kept before there is another. */
async function another() {
  await live.stop()
  run.again.value = true
}
/** a log whose columns somebody has to name */
const asked = shallowRef<LogTable>()
async function takeLog(chosen: File | File[] | null | undefined) {
  const file = Array.isArray(chosen) ? chosen[0] : chosen
  problem.value = ''
  asked.value = undefined
  if (!file || !start.value) return
  try {
    const table = await tableIn(file, say)
    if (!isPlainLog(table)) return void (asked.value = table)
    const { time, channels } = suggestMapping(table)
    await takeIn(table, { time: time!, channels: channels! })
  } catch (error) {
    problem.value = sayProblem(error)
  }
}
async function takeIn(table: LogTable, mapping: LogMapping) {
  problem.value = ''
  try {
    const log = importLog(table, mapping)
    const { id } = start.value!
    const pieces = log.traces.flatMap((trace) => piecesOf(trace))
    // All at once: the run is judged and drawn anew when the last one stands, and not for each.
    await Promise.all(pieces.map((piece) => add('warm-up-run.trace', { ...piece, run: id })))
    notes.value = log.notes
    asked.value = undefined
  } catch (error) {
    problem.value = sayProblem(error)
  }
}
const SHOWN = [
  { path: 'opening.engineC', kind: 'temperature' },
  { path: 'plateauC', kind: 'temperature' },
  { path: 'warmUpKPerMinute', kind: 'temperatureRate' },
  { path: 'fan.onC', kind: 'temperature' },
  { path: 'hottestC', kind: 'temperature' },
  { path: 'leastMarginK', kind: 'temperatureDifference' },
] as const
const shown = SHOWN.map((one) => ({ ...one, label: say(`form.warm-up-run.figure.${one.path}`) }))
</script>

<template>
  <RecordForm
    v-if="!start"
    :check="warmUpRunCheck"
    kind="warm-up-run.start"
    :keep-text="say('warm-up-run.begin')"
    :before="run.open.engineRuns"
    anew
  />
  <div v-else class="stack">
    <p v-if="mustStop" class="stop" role="alert">
      {{
        say('warm-up-run.stopNow', {
          limit: { kind: 'temperature', coreValue: outcome!.figures.stopLimitC },
        })
      }}
    </p>
    <p v-if="running" class="row">
      <strong class="clock">{{ clock }}</strong><span v-if="minutesToGo" class="quiet">{{
        say('warm-up-run.minutesToGo', { minutes: minutesToGo })
      }}</span>
    </p>
    <LiveLine
      v-if="running"
      :adapters="live.adapters.value"
      :has-ports="live.hasPorts"
      :followed="live.followed.value?.adapter"
      :state="live.state.value"
      :garbled="live.garbled.value"
      :latest="live.latest.value"
      :disabled="!mayRecord"
      @follow="live.follow"
      @follow-port="live.followPort"
      @stop="live.stop"
    />
    <RunEntry
      v-if="running"
      :latest="latest"
      :marked="marks.map(({ data }) => data.mark)"
      :disabled="!mayRecord"
      @reading="keepReading"
      @mark="keepMark"
    />
    <RunChart
      :series="series"
      :before="run.before.value"
      :marks="marked"
      :analysis="outcome?.figures"
    />
    <CheckResult :outcome="outcome" :shown="shown" :nothing="nothing" />
    <p v-for="note in notes" :key="note.id" class="small">{{ preferences.say(note) }}</p>
    <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
    <LogColumns
      v-if="asked"
      :table="asked"
      @take="takeIn(asked, $event)"
      @leave="asked = undefined"
    />
    <div class="row ways">
      <v-file-input
        class="log"
        :label="say('warm-up-run.takeLog')"
        accept=".csv,.txt,.tsv,text/csv,text/plain"
        :disabled="!mayRecord"
        hide-details
        @update:model-value="takeLog"
      />
      <v-btn :disabled="!mayRecord" @click="another">{{ say('warm-up-run.another') }}</v-btn>
      <v-btn :disabled="!mayRecord" @click="run.takeBack(start.id)">{{
        say('form.takeBack')
      }}</v-btn>
    </div>
  </div>
</template>

<style scoped>
.ways {
  flex-wrap: wrap;
}
.log {
  flex: 1 1 260px;
}
.clock {
  font-size: 32px;
  line-height: 1;
  min-width: 92px;
}
.stop {
  background: var(--hot);
  color: var(--sheet);
  font-size: 24px;
  font-weight: 600;
  padding: 12px 16px;
}
</style>
