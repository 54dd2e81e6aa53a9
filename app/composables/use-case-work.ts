import type { ComputedRef, ShallowRef } from 'vue'
import {
  type CaseInput,
  type CaseState,
  checkOf,
  type CheckId,
  laterCheck,
  nextStep,
  nothingLeft,
  type WorkedOut,
} from '#core'
import { hasPanel, RECORDABLE } from '../checks'
import type { Answer } from '../workers/answer'

interface Case {
  input: ComputedRef<CaseInput | undefined>
  state: ComputedRef<CaseState | undefined>
  answer: Readonly<ShallowRef<Answer | undefined>>
}

/** How many of the most telling checks are always offered beside the usual ones. */
const OFFERED = 3

/** What the page says about the work: where the engine stands, what is next, which checks the rail shows. */
export function useCaseWork({ input, state, answer }: Case, active: ComputedRef<CheckId>) {
  const { now } = useTimers()
  const minute = computed(() => Math.floor(now.value / 60_000))
  const engine = computed(() =>
    state.value?.engineAt(new Date(Math.max(minute.value * 60_000, Date.now())).toISOString()),
  )
  const workedOut = computed<WorkedOut | undefined>(() => {
    const ranked = answer.value?.ranked
    return (
      ranked && {
        next: ranked.next,
        questions: ranked.questions,
        locate: ranked.locate,
        leadProbability: ranked.ranking.suspects[0]?.probability ?? 0,
      }
    )
  })
  const next = computed(() =>
    workedOut.value && state.value
      ? nextStep(workedOut.value, state.value, active.value, hasPanel)
      : undefined,
  )
  const nothingIsLeft = computed(
    () =>
      workedOut.value !== undefined &&
      state.value !== undefined &&
      nothingLeft(workedOut.value, state.value, active.value, hasPanel),
  )
  const later = computed(() => workedOut.value && laterCheck(workedOut.value, hasPanel))
  const shownChecks = computed(() => {
    const complaint = input.value?.case.complaint
    const usual = RECORDABLE.filter(
      (check) => complaint !== undefined && check.usualFor?.includes(complaint),
    ).map((check) => check.id)
    const telling = (workedOut.value?.next ?? [])
      .map((n) => n.check)
      .filter((id) => hasPanel(id) && checkOf(id))
      .slice(0, OFFERED)
    return new Set<CheckId>([...usual, ...telling])
  })
  return { engine, next, nothingIsLeft, later, shownChecks }
}
