import type { Ref } from 'vue'
import { suspectsNow } from '../ranking/suspects-now'
import type { Answer, Chances } from '../workers/answer'
import { formatChance } from '../../words/format'
import type { Work } from './use-step-words'

/** Where a case stands, in two lines: what is next, and who leads while that is open. */
export function useWorkLine(
  work: Readonly<Ref<Work>>,
  answer: Readonly<Ref<Answer | undefined>>,
  chances: Readonly<Ref<Chances | undefined>>,
) {
  const { say } = useWords()
  const { headline } = useStepWords()
  const step = computed(() =>
    answer.value ? headline(work.value) : say('case.suspect-list.workingItOut'),
  )
  const lead = computed(() => {
    const first = suspectsNow(answer.value, chances.value)[0]
    return first && !work.value.settled
      ? say('case.next-foot.lead', { name: first.name, chance: formatChance(first.probability) })
      : ''
  })
  return { step, lead }
}
