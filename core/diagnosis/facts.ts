import type { CheckOutcome } from '../checks/context'
import { ALL_CHECKS } from '../checks/registry'
import { TOGETHER } from '../checks/together'
import { compareMoments } from '../quantity/moment'
import type { CaseState } from '../record/case-state'

/**
 * Facts that guards ask for, shown since the last work on the vehicle. They are what was shown, not how probable it
 * is; they change no probability.
 */
export function factsOf(state: CaseState, outcomes: readonly CheckOutcome[]): ReadonlySet<string> {
  const lastWork = state.works.at(-1)?.observedAt
  const recent = outcomes.filter(
    (o) => lastWork === undefined || compareMoments(lastWork, o.observedAt) <= 0,
  )
  const facts = new Set(recent.flatMap((o) => o.facts))
  for (const check of ALL_CHECKS) {
    const standing = {
      outcomes: recent.filter((o) => o.check === check.id),
      entries: state.recent,
      ever: state.records,
    }
    for (const fact of check.facts(standing)) facts.add(fact)
  }
  for (const { fact, of } of TOGETHER) if (of.every((f) => facts.has(f))) facts.add(fact)
  return facts
}
