<script setup lang="ts">
import type { NextStep } from '#core'
import type { Settled } from '../../composables/use-case-work'
import { suspectsNow } from '../../ranking/suspects-now'
import type { Answer, Chances } from '../../workers/answer'
import { formatChance } from '../../../words/format'

const { checkName, inSentence, say } = useWords()

/**
 * At the foot of the check on a phone: what is next, and who leads. A tap opens both. It is there from the start, so that
 * nothing grows under a finger when the ranking comes.
 */
const props = defineProps<{
  next: NextStep | undefined
  inWork: NextStep | undefined
  settled: Settled | undefined
  answer: Answer | undefined
  chances: Chances | undefined
}>()
const named = (step: NextStep) =>
  step.question ? say('case.next-box.askTheKeeper') : inSentence(checkName(step.check))
const step = computed(() => {
  const { next, inWork, settled } = props
  if (next) return say('case.next-box.next', { title: named(next) })
  if (settled) {
    const name = settled.names.join(' + ')
    return say(settled.notShown ? 'case.next-box.nearlySettled' : 'case.next-box.settled', { name })
  }
  if (inWork) return say('case.next-box.here', { check: named(inWork) })
  return props.answer ? say('case.next-box.coldWorkIsDone') : say('case.suspect-list.workingItOut')
})
const lead = computed(() => {
  const first = suspectsNow(props.answer, props.chances)[0]
  return first && !props.settled
    ? say('case.next-foot.lead', { name: first.name, chance: formatChance(first.probability) })
    : ''
})
</script>

<template>
  <button type="button" class="foot">
    <strong>{{ step }}</strong>
    <span v-if="lead" class="lead">{{ lead }}</span>
  </button>
</template>

<style scoped>
.foot {
  display: flex;
  flex-direction: column;
  align-items: flex-start;
  line-height: 1.15;
}
.foot > * {
  max-width: 100%;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.lead {
  font-weight: 400;
  font-size: 15px;
}
</style>
