import type { CheckOutcome } from '../checks/context'
import { ALL_CHECKS } from '../checks/registry'
import { compareMoments } from '../quantity/moment'
import type { CaseState } from '../record/case-state'

/** Facts that only findings of several checks together show. */
export const TOGETHER: readonly { fact: string; of: readonly string[] }[] = [
  { fact: 'clutch-slips-hot-and-cold', of: ['clutch-hot-slips', 'clutch-cold-free'] },
  { fact: 'clutch-grips-hot-and-cold', of: ['clutch-hot-locked', 'clutch-cold-seized'] },
  { fact: 'dash-compared-at-two', of: ['dash-compared-cold', 'dash-compared-hot'] },
  { fact: 'dash-fits-at-two', of: ['dash-fits-cold', 'dash-fits-hot'] },
  { fact: 'core-isolated-passes', of: ['hold-without-heater-tight', 'hold-falls'] },
  { fact: 'level-full-air-out', of: ['level-full', 'no-recent-drain'] },
  { fact: 'level-full-air-out', of: ['level-full', 'bled'] },
  {
    fact: 'cooling-proven',
    of: ['thermostat-opened', 'pump-delivers', 'air-side-clean', 'fan-works'],
  },
]

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
