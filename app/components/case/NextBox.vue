<script setup lang="ts">
import { type NextStep, QUESTIONS } from '#core'
import { hasPanel } from '../../checks'
import type { Work } from '../../composables/use-step-words'

const { checkName, checkWhy, goingOn, say } = useWords()
const { named, headline } = useStepWords()

/** What to do next, and why; or that nothing is left that would settle much: the case is ended, if need be as not found. */
const props = defineProps<
  Work & {
    /** where what is next stands open beside this box: what comes after it */
    after: NextStep | undefined
    /** where the engine is not cold now: when it will be, hours and minutes */
    coldAt: string | undefined
  }
>()
const emit = defineEmits<{ plan: []; start: []; finish: [] }>()
const open = useOpenCase()
const preferences = usePreferences()
const shop = useShop()
const question = computed(() => QUESTIONS.find((q) => q.id === props.next?.question)?.asks)
const onlyCold = computed(() => {
  if (props.next?.phase !== 'cold') return ''
  return props.coldAt
    ? say('case.next-box.onceItIsCold', { at: props.coldAt })
    : say('case.next-box.onlyWhileItIsCold')
})
/** something of it is recorded and the rest still tells */
const isBegun = computed(
  () => props.next && !props.next.repeats && open.state.value?.done.has(props.next.check),
)
</script>

<template>
  <div class="next">
    <h2>{{ headline(props) }}</h2>
    <template v-if="closed">
      <p class="small">{{ say('case.finish-dialog.isClosed') }}</p>
      <v-btn @click="emit('finish')">{{ say('case.repairClose') }}</v-btn>
    </template>
    <template v-else-if="next">
      <p v-if="question" class="small">
        {{ say('case.next-box.theAnswerSettlesMostFor', { question }) }}
      </p>
      <p v-else class="small">
        {{
          say('case.next-box.min', {
            minutes: next.minutes,
            phase: onlyCold,
          })
        }}
        <template v-if="isBegun">{{ `${say('case.next-box.begun')} ` }}</template>
        <template v-if="next.setBy">{{
          say('case.next-box.setBy', { who: shop.nameOf(next.setBy), why: checkWhy(next.check) })
        }}</template>
        <template v-else-if="next.locates">{{ preferences.say(next.locates) }}</template>
        <template v-else-if="next.lacks">{{
          say('case.next-box.proofLacks', { guard: goingOn(next.lacks) })
        }}</template>
        <template v-else>{{
          say(
            next.repeats
              ? 'case.next-box.itProvesTheRepair'
              : next.proves
                ? 'case.next-box.itShowsTheLead'
                : 'case.next-box.itSettlesMostForIts',
            { why: checkWhy(next.check) },
          )
        }}</template>
      </p>
      <p v-if="after" class="small">
        {{ say('case.next-box.after', { check: named(after), minutes: after.minutes }) }}
      </p>
      <p v-else-if="isHere && later" class="small">
        {{ say('case.next-box.onceItIsWarm', { check: named(later), minutes: later.minutes }) }}
      </p>
    </template>
    <template v-else-if="settled">
      <p v-if="settled.notShown" class="small">
        {{ say('case.next-box.beforeAPartIsOrdered', { guard: goingOn(settled.notShown) }) }}
      </p>
      <p v-else class="small">
        {{ say('case.next-box.mendItThenProveIt', { proof: settled.proof ?? '' }) }}
      </p>
      <p v-for="check in settled.whileOut" :key="check" class="small">
        {{ say('case.next-box.whileItIsOut') }}
        <button type="button" class="plain-button" @click="open.goTo(check)">
          {{ checkName(check) }}
        </button>
      </p>
    </template>
    <p v-else class="small">
      {{ say(later ? 'case.next-box.noColdCheckThatIs' : 'case.next-box.nothingWouldSettle') }}
      <template v-if="later">
        {{ say('case.next-box.onceItIsWarm', { check: named(later), minutes: later.minutes }) }}
      </template>
    </p>
    <div v-if="!closed" class="row">
      <v-btn
        v-if="next && !isHere"
        class="solid grow"
        aria-keyshortcuts="n"
        @click="open.goTo(next.check)"
        >{{ say('case.next-box.goThere') }}</v-btn
      >
      <v-btn v-else-if="after" aria-keyshortcuts="n" @click="open.goTo(after.check)">{{
        say('case.next-box.goOn')
      }}</v-btn>
      <v-btn
        v-else-if="!next && (settled || !later)"
        :class="{ solid: settled }"
        class="grow"
        aria-keyshortcuts="n"
        @click="emit('finish')"
        >{{ say('case.repairClose') }}</v-btn
      >
      <v-btn
        v-else-if="later && hasPanel(later.check)"
        class="grow"
        :class="{ solid: !isHere }"
        aria-keyshortcuts="n"
        @click="emit('start')"
        >{{ say('case.next-box.startTheEngine') }}</v-btn
      >
      <v-btn aria-keyshortcuts="w" @click="emit('plan')">{{
        say('case.next-box.theWholeWay')
      }}</v-btn>
    </div>
  </div>
</template>

<style scoped>
.next {
  border: 2px solid var(--ink);
  border-radius: 5px;
  padding: 12px;
  display: flex;
  flex-direction: column;
  gap: 6px;
}
h2 {
  font-size: 19px;
}
</style>
