import type { CheckId } from '../checks/registry'
import { suspectsOf } from '../inference/rank'
import { foundSuspects, nextSteps, stepsAtHand } from '../planning/next-step'
import type { CaseInput } from '../record/case-input'
import { caseStateOf } from '../record/case-state'
import { believe, type Lead, leadIn, workOf } from './rank-case'

/** What is next in a case: a check, or the repair of what was found. */
export type GlanceNext =
  | { is: 'check'; check: CheckId; minutes: number; question?: string; waitsForHeat?: true }
  | { is: 'found'; names: string[]; isShown: boolean }

/** What a board of many cases says of one. */
export interface Glance extends Lead {
  next?: GlanceNext
}

/** The leading suspect, or "Nothing wrong" where that is likelier, and what is next at a moment, as the case itself says it. */
export function glanceAt(input: CaseInput, at: string): Glance {
  const believed = believe(input)
  const next = nextIn(input, at, believed)
  return { ...leadIn(believed), ...(next && { next }) }
}

function nextIn(
  input: CaseInput,
  at: string,
  believed: ReturnType<typeof believe>,
): GlanceNext | undefined {
  const state = caseStateOf(input)
  if (state.closed) return undefined
  const suspects = suspectsOf(believed.belief, believed.assessment.facts)
  const work = workOf(believed, input, suspects)
  const all = nextSteps(work, state)
  const { offered, later } = stepsAtHand(all, state.engineAt(at).phase)
  const step = offered[0]
  if (step) {
    const { check, minutes, question } = step
    return { is: 'check', check, minutes, ...(question ? { question } : {}) }
  }
  const found = foundSuspects(suspects, work, all)
  if (found.length > 0)
    return {
      is: 'found',
      names: found.map(({ name }) => name),
      isShown: found[0]!.guards.every(({ met }) => met),
    }
  return later && { is: 'check', check: later.check, minutes: later.minutes, waitsForHeat: true }
}
