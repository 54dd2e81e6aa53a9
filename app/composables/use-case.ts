import type { ComputedRef, InjectionKey, Ref, ShallowRef } from 'vue'
import {
  type CaseEvent,
  type CaseInput,
  type CaseRecord,
  type CaseState,
  caseStateOf,
  type CheckId,
  type Part,
} from '#core'
import type { Answer } from '../workers/answer'

/** The case on screen, shared by its panels. */
export interface OpenCase {
  id: string
  input: ComputedRef<CaseInput | undefined>
  state: ComputedRef<CaseState | undefined>
  /** records and events that stand */
  records: ComputedRef<readonly CaseRecord[]>
  events: ComputedRef<readonly CaseEvent[]>
  answer: Readonly<ShallowRef<Answer | undefined>>
  mayRecord: ComputedRef<boolean>
  /** the part that was tapped last, on the loop or in a list */
  part: Ref<Part | undefined>
  goTo: (check: CheckId) => void
  /** asks for what must be done before the engine is started, unless it runs; whether it runs then */
  engineRuns: () => Promise<boolean>
}

export const OPEN_CASE: InjectionKey<OpenCase> = Symbol('open case')

/** Keeps a note beside the check in work: for what its fields cannot take. */
export const KEEP_IN_WORDS: InjectionKey<(text: string) => Promise<unknown>> = Symbol('in words')

export function useOpenCase(): OpenCase {
  const open = inject(OPEN_CASE)
  if (!open) throw new Error('this part belongs inside a case')
  return open
}

/** Where a case of this device's copy stands. */
export function useCaseState(input: () => CaseInput | undefined) {
  const state = computed(() => {
    const value = input()
    return value && caseStateOf(value)
  })
  const records = computed(() => state.value?.records ?? [])
  const events = computed(() => state.value?.events ?? [])
  return { state, records, events }
}
