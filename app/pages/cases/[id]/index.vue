<script setup lang="ts">
import { DateTime } from 'luxon'
import type { Part, SystemProfile } from '../../../../core/casefile/profile'
import { ofKind, sinceLastWork } from '../../../../core/casefile/records'
import { correctedSi } from '../../../../core/quantity/record'
import { costOf } from '../../../../core/planning/check-costs'
import { QUESTIONS } from '../../../../core/checks/interview/questions'
import { BOOK } from '../../../../core/knowledge/book'
import type { PartState } from '../../../components/loop/LoopDrawing.vue'
import { modelOf } from '../../../offline/templates'
import { itemName } from '../../../../words/records'
import {
  CHECK_NAMES,
  checkName,
  COMPLAINT_NAMES,
  USUAL_CHECKS,
  type CheckId,
} from '../../../words-app'

const route = useRoute()
const router = useRouter()
const bench = useBench()
const session = useSession()
const preferences = usePreferences()
const id = String(route.params.id)
const input = computed(() => bench.caseInput(id))
const current = computed(() => standingOf(input.value))
const { answer, failed, pending } = useRanking(() => input.value)
const mayRecord = computed(() => session.current?.may.record === true)
provide(OPEN_CASE, {
  id,
  input,
  records: computed(() => current.value.records),
  events: computed(() => current.value.events),
  answer,
  mayRecord,
})

const isCheck = (text: unknown): text is CheckId => typeof text === 'string' && text in CHECK_NAMES
const active = computed<CheckId>(() =>
  isCheck(route.query.check) ? route.query.check : firstOpen.value,
)
const tab = ref<'check' | 'suspects' | 'loop' | 'steps'>('check')
const part = ref<Part>()
const why = ref<string>()
const profileOpen = ref(false)
const draft = ref<SystemProfile>({})

const done = computed(() => new Set(current.value.records.map((r) => r.kind.split('.')[0]!)))
const firstOpen = computed<CheckId>(
  () =>
    (['interview', 'level-and-condition', 'look-round', 'cap', 'pressure-hold'] as const).find(
      (c) => !done.value.has(c),
    ) ?? 'pressure-hold',
)
const warming = ref(false)
const historyOpen = ref(false)
const engine = computed(() => {
  const last = current.value.events.findLast(
    (e) => e.kind === 'engine-started' || e.kind === 'engine-stopped',
  )
  if (!last) return 'cold' as const
  if (last.kind === 'engine-started') return 'running' as const
  return now.value - Date.parse(last.observedAt) > COOL_DOWN_MS
    ? ('cold' as const)
    : ('stopped' as const)
})
const cooledAt = computed(() => {
  const last = current.value.events.findLast(
    (e) => e.kind === 'engine-started' || e.kind === 'engine-stopped',
  )
  return last
    ? DateTime.fromMillis(Date.parse(last.observedAt) + COOL_DOWN_MS).toFormat('HH:mm')
    : ''
})
const COOL_DOWN_MS = 90 * 60_000
const { now } = useTimers()
const mayStart = computed(() => session.current?.may.record === true)
async function startEngine() {
  warming.value = false
  await bench.addEvent(id, 'engine-started', {})
}
const usual = computed(
  () =>
    new Set<CheckId>([
      ...USUAL_CHECKS[input.value?.case.complaint ?? 'coolant-loss'],
      ...(answer.value?.ranked.next ?? [])
        .filter((n) => isCheck(n.check))
        .slice(0, 3)
        .map((n) => n.check as CheckId),
    ]),
)
const undoable = computed(() => (bench.undoable?.caseId === id ? bench.undoable.item : undefined))
const templates = computed(() =>
  input.value ? bench.templatesFor(modelOf(input.value.vehicle), input.value.vehicle.id) : [],
)
const acknowledged = computed(() => done.value.has('cautions'))
function choose(check: CheckId) {
  void router.replace({ query: { ...route.query, check } })
  tab.value = 'check'
}
function tapPart(tapped: Part) {
  part.value = tapped
  choose('look-round')
}
const states = computed(() => {
  const out = new Map<Part, PartState>()
  for (const look of sinceLastWork(
    ofKind(current.value.records, 'look-round.part'),
    current.value.events,
  ))
    out.set(look.data.part, look.data.seen === 'dry' ? 'good' : 'wet')
  if (answer.value?.ranked.assessment.caps.at(-1)?.analysis.states.includes('good'))
    out.set('cap', 'good')
  return out
})
const suspicion = computed(() => {
  const out = new Map<Part, number>()
  for (const suspect of answer.value?.ranked.ranking.suspects ?? []) {
    const at = BOOK.faults.find((f) => f.id === suspect.fault)
    if (at?.part && at.group !== 'nothing-wrong')
      out.set(at.part, Math.max(out.get(at.part) ?? 0, suspect.probability))
  }
  return out
})
/** A check that was begun is proposed again only when what is left of it tells this much. */
const WORTH_GOING_BACK_BITS = 0.3
/** What tells less than this is not worth the walk to the vehicle. */
const WORTH_DOING_BITS = 0.05
/** A lead this sure is located before more is asked about what else it may be. */
const SURE = 0.9
const next = computed(() => {
  const ranked = answer.value?.ranked
  const list =
    ranked?.next.filter(
      (n) =>
        isCheck(n.check) &&
        n.check !== active.value &&
        n.bits > (done.value.has(n.check) ? WORTH_GOING_BACK_BITS : WORTH_DOING_BITS),
    ) ?? []
  const locate =
    ranked?.locate && isCheck(ranked.locate.check) && ranked.locate.check !== active.value
      ? ranked.locate
      : undefined
  const isSure = (ranked?.ranking.suspects[0]?.probability ?? 0) >= SURE
  if (locate && (isSure || list.length === 0))
    return {
      check: locate.check as CheckId,
      minutes: costOf(locate.check)?.minutes ?? 0,
      phase: 'cold' as const,
      says: locate.says,
    }
  return list[0] && { ...list[0], check: list[0].check as CheckId, says: undefined }
})
const coldDone = computed(
  () =>
    answer.value !== undefined &&
    !next.value &&
    !answer.value.ranked.next.some(
      (n) => n.check === active.value && n.bits > WORTH_DOING_BITS && !done.value.has(n.check),
    ),
)
/** Where nothing cold is worth its time: what tells most once the engine is warm. */
const warmNext = computed(() =>
  answer.value?.ranked.next.find((n) => !isCheck(n.check) && n.bits > WORTH_DOING_BITS),
)
const column = useTemplateRef<HTMLElement>('column')
const { more, verdict, goDown } = useMoreBelow(column)
watch(active, () => column.value?.scrollTo({ top: 0 }))
const loopLarge = ref(false)
/** Where the complaint is what to go back to: the question that tells most. */
const nextQuestion = computed(() => {
  const first =
    next.value?.check === 'interview' && done.value.has('interview')
      ? answer.value?.ranked.questions[0]?.question
      : undefined
  return QUESTIONS.find((q) => q.id === first)?.asks
})
const plan = computed(() => (answer.value?.ranked.next ?? []).slice(0, loopLarge.value ? 6 : 3))
const nextWhy = computed(() => (next.value ? costOf(next.value.check)?.why : undefined))
const coolant = computed(() => {
  const start = ofKind(current.value.records, 'pressure-hold.start').at(-1)?.data.coolantAtStart
  return start
    ? `${Math.round(preferences.units.temperature === '°C' ? correctedSi(start) : (correctedSi(start) * 9) / 5 + 32)}°`
    : undefined
})
function editProfile() {
  draft.value = { ...input.value!.vehicle.profile }
  profileOpen.value = true
}
async function keepProfile() {
  const old = bench.profileOf(input.value!.vehicle.id)
  await bench.addProfile(input.value!.vehicle.id, draft.value, old?.id)
  profileOpen.value = false
}
const TABS = [
  { value: 'check', text: 'Check' },
  { value: 'suspects', text: 'Suspects' },
  { value: 'loop', text: 'Loop' },
  { value: 'steps', text: 'Steps' },
] as const
</script>

<template>
  <div v-if="input" class="case">
    <Teleport to="#bar-title" defer
      ><h1>
        <strong>{{ input.vehicle.name }}</strong> {{ input.vehicle.plate }} ·
        {{ COMPLAINT_NAMES[input.case.complaint].toLowerCase() }}: {{ input.case.title }}
      </h1></Teleport
    >
    <ThermalRail
      class="rail"
      :class="{ shown: tab === 'steps' }"
      :active="active"
      :done="done"
      :shown="usual"
      :coolant-text="coolant"
      :engine="engine"
      :may-start="mayStart"
      @choose="choose"
      @start="warming = true"
      @stop="bench.addEvent(id, 'engine-stopped', {})"
    />
    <main class="middle">
      <div ref="column" class="check" :class="{ shown: tab === 'check' }">
        <StartCard v-if="!acknowledged" />
        <section v-else class="sheet panel" :aria-label="CHECK_NAMES[active]">
          <div class="row head">
            <h2 class="title grow">{{ CHECK_NAMES[active] }}</h2>
            <button type="button" class="plain-button" @click="historyOpen = true">History</button>
          </div>
          <p v-if="engine !== 'cold' && active !== 'interview'" class="caution">
            {{ engine === 'running' ? 'The engine runs' : 'The engine is still hot' }}: cold checks
            wait.
            {{
              engine === 'running'
                ? 'Never open a hot system.'
                : `Count on ${cooledAt} before it is cold; measure under 40 °C first.`
            }}
          </p>
          <InterviewPanel v-if="active === 'interview'" />
          <LevelPanel v-else-if="active === 'level-and-condition'" />
          <LookPanel v-else-if="active === 'look-round'" :part="part" @choose="part = $event" />
          <CapPanel v-else-if="active === 'cap'" />
          <TesterSelfCheckPanel v-else-if="active === 'tester-self-check'" />
          <MixPanel v-else-if="active === 'mix'" />
          <CleanPanel v-else-if="active === 'clean-and-dry'" @check="choose($event as CheckId)" />
          <LeakTracePanel v-else-if="active === 'leak-trace'" />
          <CrankingPanel v-else-if="active === 'cranking-rise'" />
          <EndoscopePanel v-else-if="active === 'endoscope'" />
          <VacuumPanel v-else-if="active === 'vacuum-decay'" />
          <FanByHandPanel v-else-if="active === 'fan-by-hand'" />
          <BeltPanel v-else-if="active === 'belt-and-pump'" />
          <ColdSoakPanel v-else-if="active === 'cold-soak'" />
          <FanCircuitPanel v-else-if="active === 'fan-circuit'" />
          <LeakagePanel v-else-if="active === 'cylinder-leakage'" />
          <CoolerPanel v-else-if="active === 'cooler-test'" />
          <HoldPanel v-else @check="choose($event as CheckId)" />
          <PhotoStrip
            v-if="active !== 'look-round' && active !== 'interview'"
            :key="active"
            :check="active"
            class="photos"
          />
        </section>
        <button v-if="more" type="button" class="more" @click="goDown">
          <span v-if="verdict">{{ verdict }}</span>More below
        </button>
        <p v-if="undoable" class="undo" role="status">
          <span class="grow">Kept: {{ itemName(undoable.kind).toLowerCase() }}.</span
          ><button type="button" class="plain-button" @click="bench.undo(id)">
            Undo the last entry
          </button>
        </p>
      </div>
      <section
        class="sheet loop-sheet"
        :class="{ shown: tab === 'loop', large: loopLarge }"
        aria-label="Loop and plan"
      >
        <LoopDrawing
          :profile="input.vehicle.profile"
          :states="states"
          :suspicion="suspicion"
          :marked="active === 'look-round' ? part : undefined"
          :compact="!loopLarge"
          class="loop"
          @tap="tapPart"
        />
        <div class="beside">
          <div class="plan" role="group" aria-label="Plan">
            <h2 class="plan-title">Most for its time</h2>
            <ol>
              <li v-for="n in plan" :key="n.check">
                <button v-if="isCheck(n.check)" type="button" @click="choose(n.check)">
                  {{ CHECK_NAMES[n.check] }}</button><span v-else class="later">{{
                  checkName(n.check)
                }}</span
                ><span class="quiet small">{{ n.minutes }} min, {{ n.phase }}</span>
              </li>
            </ol>
          </div>
          <p class="small quiet legend">
            Tick: looked at, dry. Dashed: not looked at. Thick with a fill: suspected. Tap a part to
            say what you see.
          </p>
          <div class="row foot">
            <button type="button" class="plain-button" :disabled="!mayRecord" @click="editProfile">
              System profile
            </button>
            <button
              type="button"
              class="plain-button size"
              :aria-pressed="loopLarge"
              @click="loopLarge = !loopLarge"
            >
              {{ loopLarge ? 'Smaller' : 'Larger' }}
            </button>
          </div>
        </div>
      </section>
    </main>
    <aside class="right" :class="{ shown: tab === 'suspects' }">
      <SuspectList :answer="answer" :failed="failed" :pending="pending" @why="why = $event" />
      <div v-if="next" class="next">
        <h3>Next: {{ nextQuestion ? 'ask the keeper' : CHECK_NAMES[next.check].toLowerCase() }}</h3>
        <p v-if="nextQuestion" class="small">
          “{{ nextQuestion }}” The answer settles most for its time.
        </p>
        <p v-else-if="next.says" class="small">
          {{ next.minutes }} min, only while it is cold. {{ preferences.say(next.says) }}
        </p>
        <p v-else class="small">
          {{ next.minutes }} min{{ next.phase === 'cold' ? ', only while it is cold' : '' }}.
          {{ nextWhy }} It settles most for its time.
        </p>
        <v-btn class="solid" block @click="choose(next.check)">Go there</v-btn>
      </div>
      <div v-else-if="coldDone" class="next">
        <h3>Cold work is done</h3>
        <p class="small">
          No cold check that is left would settle much.<template v-if="warmNext">
            Once it is warm: {{ checkName(warmNext.check).toLowerCase() }},
            {{ warmNext.minutes }} min.</template
          >
        </p>
      </div>
      <v-btn class="report" block :to="`/cases/${id}/report`">Report, export</v-btn>
    </aside>
    <nav class="tabs no-print" aria-label="Parts of the case">
      <button
        v-for="t in TABS"
        :key="t.value"
        type="button"
        :aria-pressed="tab === t.value"
        @click="tab = t.value"
      >
        {{ t.text }}
      </button>
    </nav>
    <WhyDialog :fault="why" :ranked="answer?.ranked" @close="why = undefined" />
    <WarmUpDialog
      :open="warming"
      :next="answer?.ranked.next ?? []"
      @close="warming = false"
      @start="startEngine"
      @check="
        warming = false
        choose($event)
      "
    />
    <HistoryDialog :shown="historyOpen" :check="active" @close="historyOpen = false" />
    <v-dialog v-model="profileOpen" aria-label="System of this vehicle" max-width="980" scrollable>
      <v-card class="pa-5 stack profile"
        ><h2>System of this vehicle</h2>
        <ProfileLoop v-model="draft" :templates="templates" />
        <div class="row">
          <v-btn class="solid" @click="keepProfile">Keep the profile</v-btn
          ><v-btn @click="profileOpen = false">Leave as it was</v-btn>
        </div></v-card
      >
    </v-dialog>
  </div>
  <main v-else class="page">
    <p class="sheet">
      {{
        bench.loaded
          ? 'This case is not known on this device. When the network is back it may appear.'
          : 'Opening the case …'
      }}
    </p>
  </main>
</template>

<style scoped>
.case {
  flex: 1;
  display: grid;
  grid-template-columns: 196px minmax(0, 1fr) 304px;
  min-height: 0;
}
.middle {
  padding: 14px;
  display: flex;
  flex-direction: column;
  gap: 12px;
  min-width: 0;
}
.panel {
  padding: 14px 16px;
}
.title {
  font-size: 25px;
}
.head {
  margin-bottom: 8px;
  flex-wrap: nowrap;
}
.photos {
  margin-top: 14px;
}
.more {
  display: none;
}
.undo {
  display: flex;
  align-items: center;
  gap: 12px;
  background: var(--bar);
  color: var(--on-bar);
  border-radius: 4px;
  padding: 6px 8px 6px 14px;
  margin-top: 8px;
  position: sticky;
  bottom: 8px;
  z-index: 5;
}
.undo .plain-button {
  background: var(--bar);
  color: var(--on-bar);
  border-color: var(--on-bar-2);
}
.loop-sheet {
  padding: 10px 14px;
  display: flex;
  gap: 16px;
  flex: none;
}
.loop-sheet .loop {
  width: 430px;
  flex: none;
  align-self: center;
}
.beside {
  flex: 1;
  min-width: 0;
  display: flex;
  flex-direction: column;
  gap: 4px;
}
.legend {
  display: none;
}
.loop-sheet.large {
  flex-wrap: wrap;
}
.loop-sheet.large .loop {
  width: 100%;
}
.large .legend {
  display: block;
}
.plan-title {
  font-size: 19px;
}
.plan ol {
  list-style: none;
  margin: 2px 0 0;
  padding: 0;
}
.plan li {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 10px;
  border-bottom: 1px solid var(--line);
}
.plan button {
  background: none;
  border: 0;
  font: inherit;
  font-weight: 600;
  color: var(--cool);
  text-decoration: underline;
  min-height: 44px;
  text-align: left;
  padding: 0;
  cursor: pointer;
  line-height: 1.1;
}
.later {
  min-height: 44px;
  display: flex;
  align-items: center;
  font-weight: 500;
  line-height: 1.1;
}
.report {
  flex: none;
}
.foot {
  margin-top: auto;
  flex-wrap: nowrap;
}
.right {
  background: var(--sheet);
  border-left: 1px solid var(--line);
  padding: 14px 16px;
  display: flex;
  flex-direction: column;
  gap: 14px;
}
.next {
  border: 2px solid var(--ink);
  border-radius: 5px;
  padding: 12px;
  display: flex;
  flex-direction: column;
  gap: 6px;
  margin-top: auto;
}
.tabs {
  display: none;
}
.page {
  padding: 20px;
}
.profile {
  overflow-y: auto;
}
.rail,
.right {
  position: sticky;
  top: 58px;
  max-height: calc(100dvh - 58px);
  overflow-y: auto;
}
@media (min-width: 1000px) {
  .case {
    flex: none;
    height: calc(100dvh - 58px);
    grid-template-rows: minmax(0, 1fr);
  }
  .check {
    flex: 1;
    min-height: 0;
    overflow-y: auto;
  }
  .middle {
    min-height: 0;
  } /* Lies over the column and takes no room in it: nothing moves under a finger when it comes and goes. */
  .more {
    display: block;
    position: sticky;
    bottom: 0;
    width: calc(100% - 2px);
    margin: -40px 0 0 1px;
    height: 40px;
    border: 0;
    background: linear-gradient(to bottom, transparent, var(--sheet) 35%);
    color: var(--cool);
    font: inherit;
    font-weight: 600;
    cursor: pointer;
    padding: 12px 8px 4px;
    z-index: 4;
  }
  .more span {
    color: var(--ink);
    margin-right: 12px;
  }
  .loop-sheet.large {
    max-height: 62%;
    overflow-y: auto;
  }
}
@media (max-width: 999px) {
  .case {
    display: block;
    padding-bottom: 72px;
  }
  .rail,
  .right,
  .check,
  .loop-sheet {
    display: none;
    position: static;
    max-height: none;
  }
  .rail.shown,
  .right.shown {
    display: flex;
  }
  .rail.shown {
    min-height: calc(100dvh - 130px);
  }
  .check.shown {
    display: block;
  }
  .loop-sheet.shown {
    display: flex;
  }
  .loop-sheet,
  .loop-sheet.large {
    flex-direction: column;
    overflow-x: auto;
  }
  .loop-sheet .loop,
  .loop-sheet.large .loop {
    min-width: 600px;
    width: 100%;
  }
  .legend {
    display: block;
  }
  .size {
    display: none;
  }
  .rail :deep(.now) {
    margin-top: 8px;
  }
  .rail :deep(.list) {
    gap: 12px;
  }
  .middle {
    padding: 8px;
  }
  .tabs {
    display: grid;
    grid-template-columns: repeat(4, 1fr);
    position: fixed;
    left: 0;
    right: 0;
    bottom: 0;
    background: var(--bar);
    z-index: 15;
  }
  .tabs button {
    min-height: 60px;
    color: var(--on-bar-2);
    background: none;
    border: 0;
    font: inherit;
    font-weight: 600;
    border-top: 4px solid transparent;
  }
  .tabs button[aria-pressed='true'] {
    color: var(--on-bar);
    border-color: #d8653a;
  }
}
</style>
