<script setup lang="ts">
import { mdiPin, mdiPinOutline } from '@mdi/js'
import type { CheckId, Part } from '#core'
import { RECORDABLE } from '../../../checks'
import { CASE_TABS, type CaseTab } from '../../../components/case/case-tabs'

const { inSentence, say } = useWords()

const route = useRoute()
const shop = useShop()
const session = useSession()
const id = String(route.params.id)
const input = computed(() => shop.caseInput(id))
const { fetching, outcome, fetchIt, pinned, pin } = useCaseHere(id)
const { state, records, events } = useCaseState(() => input.value)
const { answer, chances, failed, pending } = useRanking(() => input.value)
const mayRecord = computed(() => session.current?.may.record === true)
const part = ref<Part>()
const tab = ref<CaseTab>('check')

/** What it came for and what the keeper said of it; said once where both are the same. */
const caseTitle = computed(() => {
  if (!input.value) return ''
  const { complaint, title } = input.value.case
  const named = inSentence(say(`complaint.${complaint}`))
  return named.toLowerCase() === title.toLowerCase() ? named : `${named}: ${title}`
})

const { opened, goTo: openCheck, beginWith } = useOpenedCheck()
const active = computed<CheckId>(() => opened.value ?? RECORDABLE[0]!.id)
function goTo(check: CheckId) {
  openCheck(check)
  tab.value = 'check'
}
const { engine, coldAgainAt, steps, work, after, shownChecks } = useCaseWork(
  { input, state, answer },
  active,
)
useTabScroll(tab, 'check', active)
const { step, lead } = useWorkLine(work, answer, chances)
beginWith(
  state,
  computed(() => work.value.next),
  computed(() => answer.value !== undefined),
)
const starting = useEngineStart(id, () => engine.value)
provide(OPEN_CASE, {
  ...{ id, input, state, records, events, answer, mayRecord, part, goTo },
  engineRuns: starting.runs,
})
provide(
  MODEL_NOTES,
  useModelNotes(() => input.value),
)
const why = ref<string>()
const planOpen = ref(false)
const likeOpen = ref(false)
const finishOpen = ref(false)
const { asking: warming } = starting
const profileOpen = ref(false)
const loopOpen = ref(false)
function goFromWarning(check: CheckId) {
  starting.leave()
  goTo(check)
}
</script>

<template>
  <div v-if="input && state" class="case">
    <Teleport to="#bar-title" defer
      ><h1>
        <strong>{{ input.vehicle.name }}</strong> {{ input.vehicle.plate }} ·
        {{ caseTitle }}
      </h1></Teleport
    >
    <ThermalRail
      class="rail"
      :class="{ shown: tab === 'steps' }"
      :active="active"
      :done="state.done"
      :shown="shownChecks"
      :coolant-c="state.coolantC"
      :engine="engine"
      :may-start="mayRecord"
      @choose="goTo"
      @start="warming = true"
      @stop="shop.addEvent(id, 'engine-stopped', {})"
    />
    <main class="middle">
      <CheckColumn
        v-if="opened"
        class="check"
        :class="{ shown: tab === 'check' }"
        :active="active"
        :engine="engine"
        @start="warming = true"
      />
      <LoopSheet
        class="loop-sheet"
        :class="{ shown: tab === 'loop', wanted: loopOpen }"
        :active="active"
        :steps="steps"
        @profile="profileOpen = true"
        @hide="loopOpen = false"
      />
    </main>
    <aside class="right" :class="{ shown: tab === 'suspects' }">
      <NextBox
        v-if="answer || state.closed"
        v-bind="work"
        :after="after"
        :cold-at="coldAgainAt"
        @plan="planOpen = true"
        @finish="finishOpen = true"
        @start="warming = true"
      />
      <CameBack />
      <SuspectList
        :answer="answer"
        :chances="chances"
        :failed="failed"
        :pending="pending"
        @why="why = $event"
        @like="likeOpen = true"
      />
      <LoopMini :shown="loopOpen" @show="loopOpen = !loopOpen" @profile="profileOpen = true" />
      <div class="last">
        <v-btn class="finish" aria-keyshortcuts="f" @click="finishOpen = true">{{
          say('case.repairClose')
        }}</v-btn>
        <v-btn class="report" aria-keyshortcuts="x" :to="`/cases/${id}/report`">{{
          say('case.reportExport')
        }}</v-btn>
        <v-btn
          class="pin"
          aria-keyshortcuts="i"
          :class="{ solid: pinned }"
          :icon="pinned ? mdiPin : mdiPinOutline"
          :aria-pressed="pinned"
          :aria-label="say('case.keepHere')"
          :title="say(pinned ? 'case.staysHere' : 'case.keepHere')"
          @click="pin"
        />
      </div>
    </aside>
    <nav class="tabs no-print" :aria-label="say('case.partsOfTheCase')">
      <NextFoot
        v-if="tab === 'check'"
        class="next-foot"
        :step="step"
        :lead="lead"
        @click="tab = 'suspects'"
      />
      <button
        v-for="t in CASE_TABS"
        :key="t"
        type="button"
        :aria-pressed="tab === t"
        @click="tab = t"
      >
        {{ say(`tab.${t}`) }}
      </button>
    </nav>
    <SaidAloud :text="`${step}. ${lead}`" />
    <WhyDialog :fault="why" :ranked="answer?.ranked" @close="why = undefined" />
    <WarmUpDialog
      :open="warming"
      :next="answer?.ranked.next ?? []"
      :may-have-run="starting.isAwaited.value"
      @close="starting.leave"
      @start="starting.start"
      @ran="starting.ran"
      @check="goFromWarning"
    />
    <PlanDialog v-model:open="planOpen" :now="work.next" />
    <LikeDialog v-model:open="likeOpen" />
    <FinishDialog v-model:open="finishOpen" />
    <ProfileDialog v-model:open="profileOpen" />
  </div>
  <CaseNotHere v-else :fetching="fetching" :outcome="outcome" @again="fetchIt" />
</template>

<style src="./case-frame.css" scoped></style>
