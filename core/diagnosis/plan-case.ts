import { makePlan, type Plan } from '../planning/plan'
import { type Pivot, pivotAnswer } from '../planning/pivot'
import { testOrReplace, type TestOrReplace } from '../planning/test-or-replace'
import type { CaseInput } from '../record/case-input'
import { POLICIES } from '../vehicle/policy'
import type { Believed } from './rank-case'

/** Ways from what is believed of a case to a cause that is shown, and what could turn it. */
export interface PlannedCase {
  /** one of each school, the product's own first */
  plans: Plan[]
  /** the single answer that would change the lead; nothing where none that may come would */
  pivot?: Pivot
}

/** Plans a case by every school. It takes several times as long as ranking it, and is done when somebody asks. */
export function planBelieved({ assessment, belief }: Believed, input: CaseInput): PlannedCase {
  const pivot = pivotAnswer(belief, input)
  return {
    plans: POLICIES.map((policy) => makePlan(belief, input, policy, assessment.facts)),
    ...(pivot ? { pivot } : {}),
  }
}

/** For each likely fault whether it is tested or its part changed, costs in hours of labour. Done when somebody asks. */
export const decideBelieved = (
  { assessment, belief }: Believed,
  input: CaseInput,
): TestOrReplace[] => testOrReplace(belief, input, assessment.facts)
