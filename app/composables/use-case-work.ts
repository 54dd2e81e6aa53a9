import type { ComputedRef, ShallowRef } from 'vue'
import {
  BOOK,
  foundSuspects,
  type CaseInput,
  type CaseState,
  type CheckId,
  type NextStep,
  nextSteps,
  stepsAtHand,
} from '#core'
import { hasPanel, RECORDABLE } from '../checks'
import { coldAt } from '../shop/clock'
import type { Answer } from '../workers/answer'
import type { Work } from './use-step-words'

interface Case {
  input: ComputedRef<CaseInput | undefined>
  state: ComputedRef<CaseState | undefined>
  answer: Readonly<ShallowRef<Answer | undefined>>
}

/** Suspects that need no more work to be found, in the book's words. */
export interface Settled {
  names: string[]
  /** how the repair of the first is proven */
  proof: string | undefined
  /** what is asked of a proof and is not there */
  notShown: string | undefined
  /** what is tested while its part is out */
  whileOut: CheckId[]
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
  const coldAgainAt = computed(() =>
    engine.value && engine.value.phase !== 'cold' ? coldAt(engine.value) : undefined,
  )
  const all = computed<NextStep[]>(() =>
    answer.value && state.value ? nextSteps(answer.value.ranked, state.value) : [],
  )
  const atHand = computed(() => stepsAtHand(all.value, engine.value?.phase, hasPanel))
  /** the first step that waits: for an engine that runs, or for a screen of its own */
  const later = computed(() => atHand.value.later)
  /** what can be done now */
  const offered = computed(() => atHand.value.offered)
  /** what can be recorded here first */
  const steps = computed(() => [...offered.value, ...atHand.value.waiting])
  /** what is next, here or elsewhere: board, plan and page name the same */
  const next = computed(() => offered.value[0])
  const isHere = computed(() => next.value?.check === active.value)
  /** where what is next stands open already: what comes after it */
  const after = computed(() => (isHere.value ? offered.value[1] : undefined))
  /** what is found, where it needs no more work or none is left that would tell much */
  const settled = computed<Settled | undefined>(() => {
    const ranked = answer.value?.ranked
    const found = ranked ? foundSuspects(ranked.ranking.suspects, ranked, all.value) : []
    if (found.length === 0) return undefined
    return {
      names: found.map(({ name }) => name),
      proof: BOOK.faults.find(({ id }) => id === found[0]?.fault)?.proof,
      notShown: found[0]?.guards.find(({ met }) => !met)?.text,
      whileOut: ranked?.whileOut ?? [],
    }
  })
  const work = computed<Work>(() => ({
    closed: state.value?.closed ?? false,
    next: next.value,
    isHere: isHere.value,
    settled: settled.value,
    later: later.value,
  }))
  const shownChecks = computed(() => {
    const complaint = input.value?.case.complaint
    const usual = RECORDABLE.filter(
      (check) => complaint !== undefined && check.usualFor?.includes(complaint),
    ).map((check) => check.id)
    const telling = offered.value.map(({ check }) => check).slice(0, OFFERED)
    return new Set<CheckId>([...usual, ...telling])
  })
  return { engine, coldAgainAt, steps, work, after, shownChecks }
}
