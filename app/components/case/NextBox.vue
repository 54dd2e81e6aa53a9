<script setup lang="ts">
import { type NextStep, QUESTIONS } from '#core'
import { hasPanel } from '../../checks'
import type { Settled } from '../../composables/use-case-work'

const { checkName, checkWhy, goingOn, inSentence, say } = useWords()

/** What to do next, and why; or that nothing is left here that would settle much. */
const props = defineProps<{
  next: NextStep | undefined
  nothingIsLeft: boolean
  closed: boolean
  later: NextStep | undefined
  /** what is next and in work already */
  inWork: NextStep | undefined
  settled: Settled | undefined
}>()
const emit = defineEmits<{ plan: []; start: []; finish: [] }>()
const open = useOpenCase()
const preferences = usePreferences()
const shop = useShop()
const question = computed(() => QUESTIONS.find((q) => q.id === props.next?.question)?.asks)
const title = computed(() =>
  question.value
    ? say('case.next-box.askTheKeeper')
    : props.next && inSentence(checkName(props.next.check)),
)
</script>

<template>
  <div v-if="closed" class="next">
    <h2>{{ say('case.next-box.closed') }}</h2>
    <p class="small">{{ say('case.finish-dialog.isClosed') }}</p>
    <v-btn @click="emit('finish')">{{ say('case.repairClose') }}</v-btn>
  </div>
  <div v-else-if="next" class="next">
    <h2>{{ say('case.next-box.next', { title }) }}</h2>
    <p v-if="question" class="small">
      {{ say('case.next-box.theAnswerSettlesMostFor', { question }) }}
    </p>
    <p v-else class="small">
      {{
        say('case.next-box.min', {
          minutes: next.minutes,
          phase: next.phase === 'cold' ? say('case.next-box.onlyWhileItIsCold') : '',
        })
      }}
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
          {
            why: checkWhy(next.check),
          },
        )
      }}</template>
    </p>
    <div class="row">
      <v-btn class="solid grow" aria-keyshortcuts="n" @click="open.goTo(next.check)">{{
        say('case.next-box.goThere')
      }}</v-btn>
      <v-btn aria-keyshortcuts="w" @click="emit('plan')">{{
        say('case.next-box.theWholeWay')
      }}</v-btn>
    </div>
  </div>
  <div v-else-if="settled" class="next">
    <h2>
      {{
        say(settled.notShown ? 'case.next-box.nearlySettled' : 'case.next-box.settled', {
          name: settled.names.join(' + '),
        })
      }}
    </h2>
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
    <div class="row">
      <v-btn class="solid grow" aria-keyshortcuts="n" @click="emit('finish')">{{
        say('case.repairClose')
      }}</v-btn>
      <v-btn aria-keyshortcuts="w" @click="emit('plan')">{{
        say('case.next-box.theWholeWay')
      }}</v-btn>
    </div>
  </div>
  <div v-else-if="nothingIsLeft" class="next">
    <h2>{{ say(later ? 'case.next-box.coldWorkIsDone' : 'case.next-box.nothingMore') }}</h2>
    <p class="small">
      {{ say(later ? 'case.next-box.noColdCheckThatIs' : 'case.next-box.nothingWouldSettle')
      }}<template v-if="later">
        {{
          say('case.next-box.onceItIsWarmMin', {
            check: inSentence(checkName(later.check)),
            minutes: later.minutes,
          })
        }}</template
      >
    </p>
    <div class="row">
      <v-btn
        v-if="later && hasPanel(later.check)"
        class="solid grow"
        aria-keyshortcuts="n"
        @click="emit('start')"
        >{{ say('case.next-box.startTheEngine') }}</v-btn
      >
      <v-btn aria-keyshortcuts="w" @click="emit('plan')">{{
        say('case.next-box.theWholeWay')
      }}</v-btn>
    </div>
  </div>
  <div v-else-if="inWork" class="next">
    <h2>{{ say('case.next-box.here', { check: inSentence(checkName(inWork.check)) }) }}</h2>
    <p class="small">
      {{ say('case.next-box.inWork', { minutes: inWork.minutes }) }}
      <template v-if="later">{{
        say('case.next-box.onceItIsWarmMin', {
          check: inSentence(checkName(later.check)),
          minutes: later.minutes,
        })
      }}</template>
    </p>
    <div class="row">
      <v-btn aria-keyshortcuts="w" @click="emit('plan')">{{
        say('case.next-box.theWholeWay')
      }}</v-btn>
    </div>
  </div>
</template>

<style scoped>
.below {
  display: block;
  margin-top: 4px;
}
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
