<script setup lang="ts">
import { toMinor } from '#core'
import { askDecisions } from '../../ranking/ranker'
import { formatMoney } from '../../../words/format'

const { checkName, inSentence, say } = useWords()

/** Whether a suspect is tested or its part changed: what either costs on average, at the shop's rate where it is set. */
const props = defineProps<{ fault: string }>()
const open = useOpenCase()
const session = useSession()
const preferences = usePreferences()
/** nothing yet: its place is kept, so that what stands below does not move from under the finger */
const { answer: decisions, failure } = useWorkedOut(
  () => open.answer.value,
  () => askDecisions(open.input.value!),
)
const decision = computed(() => decisions.value?.find(({ fault }) => fault === props.fault))
const prices = computed(() => session.current?.shop.prices)
const cost = (hours: number) =>
  prices.value
    ? formatMoney(
        toMinor(hours * prices.value.hourlyRate, prices.value.currency),
        prices.value.currency,
        preferences.language,
      )
    : say('case.test-or-replace.hours', { hours: hours.toFixed(1) })
</script>

<template>
  <section
    v-if="decision || !(decisions || failure)"
    class="decision"
    :aria-label="say('case.test-or-replace.title')"
  >
    <h3>{{ say('case.test-or-replace.title') }}</h3>
    <template v-if="decision">
      <p>
        {{ say('case.test-or-replace.changeNow', { cost: cost(decision.replaceCost) }) }}<br />
        <template v-if="decision.test && decision.expectedTestFirst !== undefined">{{
          say('case.test-or-replace.testFirst', {
            check: inSentence(checkName(decision.test.check)),
            cost: cost(decision.expectedTestFirst),
          })
        }}</template>
        <template v-else>{{ say('case.test-or-replace.noTest') }}</template>
      </p>
      <p>
        <strong>{{
          decision.enoughToOrder
            ? say('case.test-or-replace.enough')
            : say('case.test-or-replace.advice', { advice: decision.advice })
        }}</strong>
      </p>
    </template>
    <p v-else class="quiet">{{ say('case.suspect-list.workingItOut') }}</p>
  </section>
</template>

<style scoped>
/* As high as what comes to stand in it on a phone. */
.decision {
  min-height: 7.6em;
}
</style>
