import type { ComputedRef, InjectionKey, ShallowRef } from 'vue'
import {
  standing,
  standingRecords,
  type CaseEvent,
  type CaseRecord,
} from '../../core/casefile/records'
import type { CaseInput } from '../../core/casefile/assess'
import type { RankAnswer } from '../workers/rank.worker'

/** The case on screen, shared by its panels. */
export interface OpenCase {
  id: string
  input: ComputedRef<CaseInput | undefined>
  records: ComputedRef<CaseRecord[]>
  events: ComputedRef<CaseEvent[]>
  answer: Readonly<ShallowRef<RankAnswer | undefined>>
  mayRecord: ComputedRef<boolean>
}

export const OPEN_CASE: InjectionKey<OpenCase> = Symbol('open case')

export function useOpenCase(): OpenCase {
  const open = inject(OPEN_CASE)
  if (!open) throw new Error('this part belongs inside a case')
  return open
}

/** Standing records and events of a case. */
export function standingOf(input: CaseInput | undefined) {
  return { records: standingRecords(input?.records ?? []), events: standing(input?.events ?? []) }
}
