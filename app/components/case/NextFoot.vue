<script setup lang="ts">
import type { Work } from '../../composables/use-step-words'
import { suspectsNow } from '../../ranking/suspects-now'
import type { Answer, Chances } from '../../workers/answer'
import { formatChance } from '../../../words/format'

const { say } = useWords()
const { headline } = useStepWords()

/**
 * At the foot of the check on a phone: what is next, and who leads. A tap opens both. It is there from the start, so that
 * nothing grows under a finger when the ranking comes.
 */
const props = defineProps<
  Work & {
    answer: Answer | undefined
    chances: Chances | undefined
  }
>()
const step = computed(() =>
  props.answer ? headline(props) : say('case.suspect-list.workingItOut'),
)
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
