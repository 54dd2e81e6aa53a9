import { ref, shallowRef } from 'vue'
import type { CaseInput } from '#core'
import { type Answer, answerOf, type Chances } from '../../../app/workers/answer'

/** The answer to the case that was asked for last: its screens are rendered one after another. */
let last: { of: string; answer: Answer } | undefined

function answerTo(input: CaseInput): Answer {
  if (last?.of !== input.case.id) last = { of: input.case.id, answer: answerOf(input) }
  return last.answer
}

/** Ranks at once, on the thread that asks, as the worker does beside it. */
export function useRanking(input: () => CaseInput | undefined) {
  const value = input()
  const answer = shallowRef(value && answerTo(value))
  const chances = shallowRef<Chances>()
  return { answer, chances, failed: ref(false), pending: ref(false) }
}
