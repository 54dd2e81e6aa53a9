import type { LedStory } from '../../data/stories/led/led'
import type { Suspect } from '../inference/rank'
import { nextSteps } from '../planning/next-step'
import { caseStateOf } from '../record/case-state'
import { rankCase } from './rank-case'

/** One step that the plan asked for, and what was believed once it was done. */
interface Step {
  check: string
  /** suspects that a part would be ordered for: likely, with every guard met */
  condemned: string[]
  lead: Suspect
}

/** From here on a part is ordered, if nothing is missing in its proof. */
const CONDEMNED = 0.85
/** More than any of the stories needs: a plan that goes in circles ends here. */
const MOST_STEPS = 20

export const isShown = ({ guards }: Suspect): boolean => guards.every(({ met }) => met)

/**
 * Does what is next, and nothing else, until nothing is.
 *
 * @throws Error where the plan asks for a check that the vehicle has nothing to show for
 */
export function follow({ caseOf, begun, answer, shows }: LedStory): Step[] {
  const steps: Step[] = []
  let told = [...begun]
  let ranked = rankCase(caseOf(told))
  while (steps.length < MOST_STEPS) {
    const [next] = nextSteps(ranked, caseStateOf(caseOf(told)))
    if (!next) return steps
    const found =
      next.check === 'interview'
        ? ranked.questions.flatMap(({ question }) => answer(question))
        : shows(next.check)
    if (!found) {
      const way = steps.map(({ check }) => check).join(' > ')
      throw new Error(`the plan asks for ${next.check}, of which nothing is told (${way})`)
    }
    told = [...told, ...found]
    ranked = rankCase(caseOf(told))
    const { suspects } = ranked.ranking
    steps.push({
      check: next.check,
      condemned: suspects
        .filter((suspect) => suspect.probability >= CONDEMNED && isShown(suspect))
        .map(({ fault }) => fault),
      lead: suspects[0]!,
    })
  }
  return steps
}
