<script setup lang="ts">
import {
  comparePlans,
  type CheckId,
  type NextStep,
  type PlanName,
  type PlanStep,
  type PolicyName,
} from '#core'
import { askPlans } from '../../ranking/ranker'
import { formatChance } from '../../../words/format'
import { inHours } from './plan-times'

const { checkName, inSentence, say } = useWords()

/** The whole way to a cause that is shown: the steps of each school, what they take, and what could turn the lead. */
const shown = defineModel<boolean>('open', { required: true })
defineProps<{
  /** what is next as the engine stands */
  now: NextStep | undefined
}>()
const here = useOpenCase()
const session = useSession()
const ofShop: PolicyName = session.current?.shop.ways?.school ?? 'certainty'
const order = useOwnOrder()
/** whose way is looked at: what was set by hand comes first, then the shop's own */
const wanted = ref<PlanName>(order.kept.value ? 'own' : ofShop)
/** a step is carried: Escape puts it down and closes nothing */
const carrying = ref(false)

const asked = computed(() =>
  shown.value && here.answer.value
    ? { ranked: here.answer.value, tried: order.tried.value }
    : undefined,
)
const { answer: planned, failure } = useWorkedOut(
  () => asked.value,
  async ({ tried }) => ({ tried, ...(await askPlans(order.asTried(here.input.value!), ofShop)) }),
)
/** What was put is told of once it is planned: before that the bar would move under the finger. */
const isOwn = computed(() =>
  order.tried.value ? planned.value?.tried === order.tried.value : plan.value?.policy === 'own',
)

const planBy = (name: PlanName) => planned.value?.plans.find(({ policy }) => policy === name)
const plan = computed(() => planBy(wanted.value) ?? planBy(ofShop))
const school = computed<PlanName>({
  get: () => plan.value?.policy ?? ofShop,
  set: (name) => (wanted.value = name),
})
// An order that was put is looked at as soon as it is planned.
watch(planned, () => {
  if (order.tried.value && planBy('own')) wanted.value = 'own'
})
/** What the order that was put takes, beside the shop's own way. */
const compared = computed(() => {
  const usual = planBy(ofShop)
  if (!usual || plan.value?.policy !== 'own') return undefined
  const { lead, longerMinutes } = comparePlans(plan.value, usual)
  const more = Math.round(longerMinutes)
  return say('case.plan-dialog.compared', {
    way: more > 0 ? 'longer' : more < 0 ? 'shorter' : 'same',
    time: inHours(Math.abs(more), say),
    lead: formatChance(lead),
    school: say(`policy.${ofShop}`),
  })
})
const WORTH_LEAVING_MINUTES = 15
const pivotWords = usePivotWords()
const pivot = computed(() => planned.value?.pivot && pivotWords(planned.value.pivot))
const { fitting } = useMeanwhile(here.id)
/** Work of other cases that fits into what this step waits; told once, at the first wait that is long enough. */
const meanwhile = (step: PlanStep) =>
  step === plan.value?.steps.find(({ waitMinutes }) => waitMinutes >= WORTH_LEAVING_MINUTES)
    ? fitting(step.waitMinutes)
    : []
function go(check: CheckId) {
  shown.value = false
  here.goTo(check)
}
</script>

<template>
  <v-dialog
    v-model="shown"
    :aria-label="say('case.plan-dialog.theWholeWay')"
    max-width="760"
    scrollable
    :persistent="carrying"
    no-click-animation
  >
    <v-card class="pa-5 stack">
      <h2>{{ say('case.plan-dialog.theWholeWay') }}</h2>
      <p v-if="failure" class="problem" role="alert">
        {{ say('case.suspect-list.theRankingStoppedOnThis') }}
      </p>
      <p v-else-if="!planned" class="quiet" role="status">
        {{ say('case.plan-dialog.workingItOut') }}
      </p>
      <div v-if="planned && plan" class="body">
        <PlanAxis
          v-model="school"
          :plans="planned.plans"
          :time-of="(minutes) => inHours(minutes, say)"
        />
        <p class="small quiet">{{ say(`policy.${school}.about`) }}</p>
        <OwnOrderBar v-if="isOwn" :order="order" :compared="compared" />
        <p v-if="now && plan.policy !== 'own' && now.check !== plan.steps[0]?.check">
          {{
            say('case.plan-dialog.nowFirst', {
              check: inSentence(checkName(now.check)),
              minutes: now.minutes,
            })
          }}
        </p>
        <p v-if="plan.steps.length === 0">{{ say('case.plan-dialog.nothingToDo') }}</p>
        <PlanSteps
          :steps="plan.steps"
          :movable="here.mayRecord.value"
          @arrange="order.put($event, planBy(ofShop)?.steps ?? [])"
          @moving="carrying = $event"
          @go="go"
        >
          <template #default="{ step }">
            <span v-for="one in meanwhile(step)" :key="one.id" class="small"
              >{{ say('case.plan-dialog.meanwhile') }}
              <NuxtLink :to="`/cases/${one.id}`" @click="shown = false">{{ one.vehicle }}</NuxtLink>
              {{ say('case.plan-dialog.meanwhileDo', one) }}</span
            >
          </template>
        </PlanSteps>
        <section v-if="pivot" :aria-label="say('case.plan-dialog.whatWouldTurnIt')">
          <h3>{{ say('case.plan-dialog.whatWouldTurnIt') }}</h3>
          <p>{{ pivot }}</p>
        </section>
      </div>
      <v-btn class="solid" @click="shown = false">{{
        say('case.why-dialog.backToTheCheck')
      }}</v-btn>
    </v-card>
  </v-dialog>
</template>

<style scoped>
.body {
  display: flex;
  flex-direction: column;
  gap: 10px;
  overflow-y: auto;
  min-height: 0;
}
</style>
