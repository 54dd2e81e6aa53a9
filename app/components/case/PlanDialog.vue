<script setup lang="ts">
import { BOOK, type CheckId, type NextStep, type PlanStep, type PolicyName } from '#core'
import { hasPanel } from '../../checks'
import { askPlans } from '../../ranking/ranker'
import { formatChance } from '../../../words/format'

const { checkName, inSentence, say } = useWords()

/** The whole way to a cause that is shown: the steps of each school, what they take, and what could turn the lead. */
const shown = defineModel<boolean>('open', { required: true })
defineProps<{
  /** what is next as the engine stands */
  now: NextStep | undefined
}>()
const here = useOpenCase()
const session = useSession()
/** the shop's own comes first */
const school = ref<PolicyName>(session.current?.shop.ways?.school ?? 'certainty')

const { answer: planned, failure } = useWorkedOut(
  () => (shown.value ? here.answer.value : undefined),
  () => askPlans(here.input.value!),
)

const plan = computed(() => planned.value?.plans.find(({ policy }) => policy === school.value))
const WORTH_LEAVING_MINUTES = 15
const pivot = computed(() => {
  const turning = planned.value?.pivot
  if (!turning) return undefined
  const sign = BOOK.signs.find(({ id }) => id === turning.sign)
  const lead = BOOK.faults.find(({ id }) => id === turning.newLead)
  return say('case.plan-dialog.wouldTurnIt', {
    check: checkName(turning.check),
    sign: sign?.name ?? '',
    state: turning.state.replaceAll('-', ' '),
    chance: formatChance(turning.chance),
    lead: lead?.name ?? '',
    probability: formatChance(turning.newLeadProbability),
  })
})
const inHours = (minutes: number) =>
  minutes < 120
    ? say('case.plan-dialog.minutes', { minutes: Math.round(minutes) })
    : minutes < 48 * 60
      ? say('case.plan-dialog.hours', { hours: Math.round(minutes / 60) })
      : say('case.plan-dialog.days', { days: Math.round(minutes / 1440) })
const takes = ({ phase, minutes, waitMinutes, whileOut }: PlanStep) => {
  if (whileOut) return say('case.plan-dialog.whileItIsOut', { minutes })
  const told = { phase: say(`phase.${phase}`), minutes }
  return waitMinutes > 0
    ? say('case.plan-dialog.stepWaits', { ...told, wait: inHours(waitMinutes) })
    : say('case.plan-dialog.stepTakes', told)
}
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
        <PlanAxis v-model="school" :plans="planned.plans" :time-of="inHours" />
        <p class="small quiet">{{ say(`policy.${school}.about`) }}</p>
        <p v-if="now && now.check !== plan.steps[0]?.check">
          {{
            say('case.plan-dialog.nowFirst', {
              check: inSentence(checkName(now.check)),
              minutes: now.minutes,
            })
          }}
        </p>
        <p v-if="plan.steps.length === 0">{{ say('case.plan-dialog.nothingToDo') }}</p>
        <ol class="steps">
          <li v-for="(step, i) in plan.steps" :key="step.check">
            <span class="number" aria-hidden="true">{{ i + 1 }}</span>
            <span class="what">
              <button v-if="hasPanel(step.check)" type="button" @click="go(step.check)">
                {{ checkName(step.check) }}
              </button>
              <strong v-else>{{ checkName(step.check) }}</strong>
              <span class="small quiet">{{ takes(step) }}</span>
              <span v-for="one in meanwhile(step)" :key="one.id" class="small"
                >{{ say('case.plan-dialog.meanwhile') }}
                <NuxtLink :to="`/cases/${one.id}`" @click="shown = false">{{
                  one.vehicle
                }}</NuxtLink>
                {{ say('case.plan-dialog.meanwhileDo', one) }}</span
              >
            </span>
            <span class="lead">
              <ChanceBar :probability="step.expectedLead" />
              <span class="small">{{
                say('case.plan-dialog.leadThen', { chance: formatChance(step.expectedLead) })
              }}</span>
            </span>
          </li>
        </ol>
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
.steps {
  list-style: none;
  margin: 0;
  padding: 0;
}
.steps li {
  display: grid;
  grid-template-columns: 32px 1fr 150px;
  align-items: center;
  gap: 10px;
  min-height: 60px;
  padding: 4px 0;
  border-bottom: 1px solid var(--line);
}
.number {
  font-size: 22px;
  font-weight: 600;
  text-align: right;
}
.what,
.lead {
  display: flex;
  flex-direction: column;
  align-items: flex-start;
}
.what button {
  min-height: 32px;
  padding: 0;
  text-align: left;
  font: inherit;
  font-weight: 600;
  color: var(--cool);
  text-decoration: underline;
  background: none;
  border: 0;
  cursor: pointer;
}
.lead {
  align-items: stretch;
  gap: 2px;
}
@media (max-width: 600px) {
  .steps li {
    grid-template-columns: 24px 1fr 92px;
  }
}
</style>
