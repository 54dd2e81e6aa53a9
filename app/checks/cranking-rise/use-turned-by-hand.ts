import type { Ref } from 'vue'
import { compareMoments, type CrankingRun, outcomesOf, pressureHoldCheck } from '#core'

interface Run {
  observedAt: string
  data: CrankingRun
}

/**
 * Whether a cylinder may be full of coolant, and whether somebody has turned the engine by hand since the last hold.
 * Pressure went and nobody saw where to: a cylinder may be full, and a full cylinder breaks an engine.
 */
export function useTurnedByHand(open: OpenCase, runs: Ref<readonly Run[]>) {
  const assessment = computed(() => open.answer.value?.ranked.assessment)
  const holds = computed(() => outcomesOf(assessment.value?.outcomes ?? [], pressureHoldCheck))
  const mayBeFull = computed(
    () =>
      holds.value.some((hold) => ['seep', 'leak', 'gross'].includes(hold.figures.state)) &&
      !assessment.value?.facts.has('loss-traced'),
  )
  const isAfterLastHold = (run: Run) => {
    const lastHold = holds.value.at(-1)
    return lastHold === undefined || compareMoments(run.observedAt, lastHold.observedAt) > 0
  }
  const turned = ref(false)
  watch(
    () => runs.value.some((run) => run.data.turnedByHandFirst && isAfterLastHold(run)),
    (was) => {
      if (was) turned.value = true
    },
    { immediate: true },
  )
  return { mayBeFull, turned }
}
