<script setup lang="ts">
import { useMediaQuery, useTitle } from '@vueuse/core'
import {
  type CaseRecord,
  compareMoments,
  correctedSi,
  fromCore,
  holdVerdict,
  lookRoundCheck,
  ofKind,
  outcomesOf,
  parseQuantity,
  pressureHoldCheck,
  toCore,
} from '#core'
import { formatClock, formatNumber } from '../../../words/format'
import { stateWords } from '../../../words/states'
import HoldChart from './HoldChart.vue'
import HoldCompare from './HoldCompare.vue'
import HoldEnding from './HoldEnding.vue'
import HoldSetup from './HoldSetup.vue'

const open = useOpenCase()
const shop = useShop()
const preferences = usePreferences()
const { now } = useTimers()
const LIMITS = { min: -100, max: 400 }

const starts = computed(() => ofKind(open.records.value, 'pressure-hold.start'))
const again = ref(false)
const start = computed(() => (again.value ? undefined : starts.value.at(-1)))
const end = computed(() =>
  ofKind(open.records.value, 'pressure-hold.end').findLast((e) => e.data.run === start.value?.id),
)
type ReadingRecord = CaseRecord<'pressure-hold.reading'>
const readings = computed<ReadingRecord[]>(() =>
  ofKind(open.records.value, 'pressure-hold.reading')
    .filter((r) => r.data.run === start.value?.id)
    .sort((a, b) => a.data.elapsedSeconds - b.data.elapsedSeconds),
)
const remarks = computed(() =>
  ofKind(open.records.value, 'pressure-hold.remark').filter((r) => r.data.run === start.value?.id),
)
const analysis = computed(
  () =>
    outcomesOf(open.answer.value?.ranked.assessment.outcomes ?? [], pressureHoldCheck).find(
      (h) => h.source === start.value?.id,
    )?.figures,
)
const elapsed = computed(() =>
  start.value ? Math.max(0, (now.value - Date.parse(start.value.observedAt)) / 1000) : 0,
)
const running = computed(() => start.value !== undefined && end.value === undefined)
const unit = computed(() => preferences.units.pressure)
const step = computed(() => fromCore('pressure', start.value?.data.resolutionKPa ?? 1, unit.value))
const text = ref('')
const at = ref('')
const atShown = ref(false)
const padShown = ref(false)
const touch = useMediaQuery('(pointer: coarse)')
const problem = ref('')
const correcting = ref<ReadingRecord>()
const ending = ref(false)
/** A set-up that was kept, new or corrected, ends setting up, whoever kept it. */
watch(
  () => starts.value.at(-1)?.id,
  () => {
    again.value = settingUp.value = false
  },
)
const settingUp = ref(false)
const offset = computed(() => start.value?.data.target.instrumentOffsetSi ?? 0)

const plain = (si: number) =>
  formatNumber('pressure', si, preferences.units, { kPa: 1, psi: 2, bar: 3 }[unit.value])
    .replace('−', '-')
    .replace(/\.?0+$/, '')
watch(
  [() => start.value?.id, unit],
  () => {
    text.value = plain(readings.value.at(-1)?.data.pressure.si ?? start.value?.data.target.si ?? 0)
  },
  { immediate: true },
)
useTitle(() =>
  running.value ? `${formatClock(elapsed.value)} Hold · Thermognosis` : 'Thermognosis',
)

function parse() {
  const parsed = parseQuantity(text.value, 'pressure', unit.value, LIMITS)
  if (parsed.ok) return parsed.quantity
  problem.value = preferences.say(parsed.problem)
  return undefined
}
function secondsTyped(): number | undefined {
  if (!atShown.value || at.value.trim() === '')
    return correcting.value
      ? (correcting.value.data as { elapsedSeconds: number }).elapsedSeconds
      : elapsed.value
  const match = /^(-?)(\d{1,4})(?::([0-5]?\d))?$/.exec(at.value.trim())
  const fail = (id: string) => {
    problem.value = preferences.say({ id, parameters: { typed: at.value } })
  }
  if (!match) return void fail('input.badTime')
  const seconds = (Number(match[2]) * 60 + Number(match[3] ?? 0)) * (match[1] ? -1 : 1)
  if (seconds < 0) return void fail('input.beforeStart')
  if (seconds > elapsed.value + 1) return void fail('input.inFuture')
  return seconds
}
async function add() {
  problem.value = ''
  const pressure = parse()
  const elapsedSeconds = pressure && secondsTyped()
  if (!pressure || elapsedSeconds === undefined || !start.value) return
  const gauge = start.value.data.target.instrument
  const data = {
    run: start.value.id,
    elapsedSeconds: Math.round(elapsedSeconds * 10) / 10,
    pressure: {
      ...pressure,
      ...(gauge ? { instrument: gauge } : {}),
      instrumentOffsetSi: offset.value,
    },
  }
  await shop.addRecord(
    open.id,
    'pressure-hold.reading',
    data,
    correcting.value ? { supersedes: correcting.value.id, corrects: true } : {},
  )
  correcting.value = undefined
  at.value = ''
  atShown.value = false
  text.value = plain(pressure.si)
}
function leaveCorrection() {
  correcting.value = undefined
  atShown.value = false
  at.value = ''
}
function nudge(steps: number) {
  const parsed = parseQuantity(text.value, 'pressure', unit.value)
  if (parsed.ok)
    text.value = plain(
      toCore(
        'pressure',
        fromCore('pressure', parsed.quantity.si, unit.value) + steps * step.value,
        unit.value,
      ),
    )
}
function key(k: string) {
  if (k === '⌫') text.value = text.value.slice(0, -1)
  else if (k === 'C') text.value = ''
  else text.value = text.value.length < 12 ? text.value + k : text.value
}
async function undo() {
  const last = [...readings.value].sort((a, b) => compareMoments(a.observedAt, b.observedAt)).at(-1)
  if (last) await shop.withdraw(open.id, last.id, 'undone')
}
function correct(record: ReadingRecord) {
  correcting.value = record
  text.value = plain(record.data.pressure.si)
  at.value = formatClock(record.data.elapsedSeconds)
  atShown.value = true
  problem.value = ''
}
const remark = (kind: 'hiss-heard' | 'target-not-reached') =>
  shop.addRecord(open.id, 'pressure-hold.remark', {
    run: start.value!.id,
    elapsedSeconds: elapsed.value,
    remark: kind,
  })
const shownCautions = computed(() =>
  (analysis.value?.cautions ?? []).filter((c) => running.value || c.id !== 'caution.hold'),
)
const heard = computed(() => remarks.value.some((r) => r.data.remark === 'hiss-heard'))
const latest = computed(() => readings.value.at(-1))
const verdict = computed(() => analysis.value && holdVerdict(analysis.value, running.value))
const COMPARE = {
  explains: 'explains the loss reported',
  part: 'only a part of the loss reported: look for another',
  'far-more': 'far more than reported',
}
</script>

<template>
  <HoldSetup
    v-if="!start || settingUp"
    :old="settingUp ? start : undefined"
    @left="settingUp = false"
  />
  <div v-else class="stack hold">
    <p class="quiet head">
      <strong>{{
        running ? formatClock(elapsed) : `Ended at ${formatClock(end!.data.elapsedSeconds)}`
      }}</strong>
      · target {{ preferences.show('pressure', correctedSi(start.data.target))
      }}<template v-if="analysis"
        >, at most {{ preferences.show('pressure', analysis.allowedKPaGauge) }}</template
      ><template v-if="offset !== 0">
        · gauge reads {{ preferences.show('pressure', Math.abs(offset)) }}
        {{ offset < 0 ? 'low' : 'high' }}</template
      >
    </p>
    <p
      v-for="caution in shownCautions"
      :key="caution.id"
      class="caution"
      :class="{ danger: caution.id !== 'caution.hold' }"
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
      <div class="figures">
        <span class="quiet small">{{
          latest
            ? `At ${formatClock(latest.data.elapsedSeconds)}${offset ? ', corrected' : ''}`
            : 'Add the first reading'
        }}</span>
        <span v-if="latest" class="figure"
          >{{ formatNumber('pressure', correctedSi(latest.data.pressure), preferences.units) }}
          <span class="unit">{{ unit }}</span></span
        >
        <template v-if="analysis?.fallKPaPerMinute">
          <span class="quiet small">Falling</span>
          <strong class="big">{{
            preferences.show('pressureRate', Math.max(0, analysis.fallKPaPerMinute.value))
          }}</strong>
          <span class="small quiet"
            >{{
              formatNumber(
                'pressureRate',
                Math.max(0, analysis.fallKPaPerMinute.low),
                preferences.units,
              )
            }}
            to
            {{
              formatNumber(
                'pressureRate',
                Math.max(0, analysis.fallKPaPerMinute.high),
                preferences.units,
              )
            }}
            · limit
            {{ formatNumber('pressureRate', analysis.limit.kPaPerMinute, preferences.units) }}</span
          >
          <span class="small quiet"
            >Leak {{ preferences.show('flow', analysis.leakMLPerMinute!.value) }} ({{
              formatNumber('flow', analysis.leakMLPerMinute!.low, preferences.units)
            }}
            to {{ formatNumber('flow', analysis.leakMLPerMinute!.high, preferences.units) }})</span
          >
          <template v-if="analysis.lossBudget">
            <strong
              >About {{ preferences.show('volume', analysis.lossBudget.litresPerWeek.value, 1) }} a
              week</strong
            >
            <span class="small quiet"
              >{{
                formatNumber('volume', analysis.lossBudget.litresPerWeek.low, preferences.units, 1)
              }}
              to
              {{
                formatNumber(
                  'volume',
                  analysis.lossBudget.litresPerWeek.high,
                  preferences.units,
                  1,
                )
              }}<template v-if="analysis.lossBudget.reportedLitresPerWeek !== undefined"
                >; reported
                {{
                  formatNumber(
                    'volume',
                    analysis.lossBudget.reportedLitresPerWeek,
                    preferences.units,
                    1,
                  )
                }}: {{ COMPARE[analysis.lossBudget.comparison!] }}</template
              ></span
            >
          </template>
        </template>
        <p
          v-if="analysis"
          class="verdict"
          :class="analysis.state"
          role="status"
          data-testid="verdict"
        >
          <strong>{{ stateWords(pressureHoldCheck.id, [analysis.state]) }}</strong>
          {{ verdict && preferences.say(verdict) }}
        </p>
      </div>
    </div>
    <template v-if="(running || correcting) && open.mayRecord.value">
      <p v-if="problem" class="problem" role="alert">{{ problem }}</p>
      <form class="entry" @submit.prevent="add">
        <button
          type="button"
          class="plain-button nudge"
          aria-label="One step lower"
          @click="nudge(-1)"
        >
          −
        </button>
        <label class="reading"
          ><span class="sr">Reading as the gauge shows it</span
          ><input
            v-model="text"
            :inputmode="padShown ? 'none' : 'text'"
            autocomplete="off"
            aria-label="Reading as the gauge shows it"
            @focus="padShown ||= touch"
          /><span class="quiet">{{ unit }}</span></label
        >
        <button
          type="button"
          class="plain-button nudge"
          aria-label="One step higher"
          @click="nudge(1)"
        >
          +
        </button>
        <v-btn type="submit" class="solid add" data-testid="add-reading">{{
          correcting
            ? 'Keep correction'
            : atShown && at
              ? `Add at ${at}`
              : `Add at ${formatClock(elapsed)}`
        }}</v-btn>
        <v-btn v-if="correcting" @click="leaveCorrection">Leave it</v-btn>
        <template v-else-if="running">
          <v-btn :disabled="heard" @click="remark('hiss-heard')">{{
            heard ? 'Hiss noted' : 'Hiss heard'
          }}</v-btn>
          <v-btn :disabled="readings.length === 0" @click="undo">Undo</v-btn>
        </template>
      </form>
      <div v-if="padShown" class="pad" role="group" aria-label="Numeric pad">
        <button
          v-for="k in ['7', '8', '9', '⌫', '4', '5', '6', 'C', '1', '2', '3', '.', '0']"
          :key="k"
          type="button"
          class="plain-button"
          :aria-label="k === '⌫' ? 'Delete' : k === 'C' ? 'Clear' : k"
          @click="key(k)"
        >
          {{ k }}
        </button>
        <button type="button" class="plain-button wide" @click="padShown = false">Close pad</button>
      </div>
      <div class="row">
        <button v-if="!padShown" type="button" class="plain-button" @click="padShown = true">
          Numeric pad
        </button>
        <button type="button" class="plain-button" @click="atShown = !atShown">
          At another time
        </button>
        <v-text-field
          v-if="atShown"
          v-model="at"
          label="Minutes and seconds, like 4:30"
          class="at"
        />
        <button
          v-if="running && readings.length < 2"
          type="button"
          class="plain-button"
          @click="remark('target-not-reached')"
        >
          Target never reached
        </button>
        <button v-if="running" type="button" class="plain-button" @click="ending = true">
          End the hold
        </button>
      </div>
    </template>
    <HoldEnding
      v-if="ending"
      :run="start.id"
      :old="end"
      :elapsed-seconds="elapsed"
      @done="ending = false"
    />
    <p v-if="analysis">
      <strong>A pass here {{ analysis.state === 'tight' ? 'does' : 'would' }} not clear:</strong>
      {{ analysis.doesNotProve.map(preferences.say).join('; ') }}.
    </p>
    <ul v-if="analysis && analysis.notes.length > 0" class="notes small">
      <li v-for="note in analysis.notes" :key="note.id">{{ preferences.say(note) }}</li>
    </ul>
    <div v-if="!running" class="row">
      <v-btn class="solid" :disabled="!open.mayRecord.value" @click="again = true"
        >Hold again</v-btn
      >
      <v-btn @click="open.goTo(lookRoundCheck.id)">Look for the place</v-btn>
      <v-btn :disabled="!open.mayRecord.value" @click="ending = true">Correct the end</v-btn>
    </div>
    <HoldCompare />
    <details v-if="readings.length > 0" class="readings">
      <summary>{{ readings.length }} readings: look, correct</summary>
      <ul>
        <li v-for="r in readings" :key="r.id">
          <span>{{ formatClock(r.data.elapsedSeconds) }}</span><strong>{{
            preferences.show('pressure', correctedSi(r.data.pressure))
          }}</strong
          ><span class="quiet small"
            >typed {{ r.data.pressure.typed
            }}{{ shop.isWaiting(r.id) ? ' · kept' : ' · sent' }}</span
          ><button
            type="button"
            class="plain-button"
            :disabled="!open.mayRecord.value"
            @click="correct(r)"
          >
            Correct
          </button>
        </li>
      </ul>
      <button
        type="button"
        class="plain-button"
        :disabled="!open.mayRecord.value"
        @click="settingUp = true"
      >
        Correct the set-up
      </button>
    </details>
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
.figures {
  display: flex;
  flex-direction: column;
  gap: 1px;
}
.big {
  font-size: 24px;
  line-height: 1.15;
}
.verdict {
  margin-top: 8px;
  padding: 8px 12px;
  border-left: 6px solid var(--line);
  background: var(--rail);
  font-size: 18px;
}
.verdict.tight {
  border-color: var(--cool);
  background: var(--cool-soft);
}
.verdict.seep,
.verdict.leak,
.verdict.gross {
  border-color: var(--hot);
  background: var(--hot-soft);
}
.danger {
  border-color: var(--hot);
  background: var(--hot-soft);
  color: var(--ink);
}
.entry {
  display: flex;
  gap: 8px;
  flex-wrap: wrap;
  align-items: stretch;
}
.reading {
  display: flex;
  align-items: center;
  gap: 6px;
  border: 2px solid var(--ink);
  border-radius: 4px;
  padding: 0 12px;
  flex: 1 1 140px;
  background: var(--sheet);
}
.reading input {
  width: 100%;
  min-width: 70px;
  font-size: 28px;
  font-weight: 600;
  border: 0;
  background: none;
  color: inherit;
  outline-offset: 6px;
}
.sr {
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
}
.nudge {
  font-size: 26px;
  width: 56px;
}
.entry .v-btn {
  height: auto;
  min-height: 56px;
}
.pad {
  display: grid;
  grid-template-columns: repeat(4, minmax(56px, 90px));
  gap: 8px;
}
.pad button {
  font-size: 24px;
  min-height: 56px;
}
.pad .wide {
  grid-column: span 3;
  font-size: 17px;
}
.at {
  max-width: 240px;
}
.notes {
  margin: 0;
  padding-left: 20px;
  color: var(--ink-2);
}
.readings ul {
  list-style: none;
  margin: 6px 0 0;
  padding: 0;
}
.readings li {
  display: grid;
  grid-template-columns: 60px 110px 1fr auto;
  gap: 10px;
  align-items: center;
  border-bottom: 1px solid var(--line);
  min-height: 48px;
}
summary {
  cursor: pointer;
  min-height: 44px;
  display: flex;
  align-items: center;
  font-weight: 600;
}
@media (max-width: 700px) {
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
  .hold > .problem {
    order: 2;
  }
  .hold > .entry,
  .hold > .pad {
    order: 3;
  }
  .main > .chart {
    order: 4;
    height: 220px;
  }
}
</style>
