import { makePlan, type Plan } from '../planning/plan'
import { caseStateOf } from '../record/case-state'
import { type Pivot, pivotAnswer } from '../planning/pivot'
import { testOrReplace, type TestOrReplace } from '../planning/test-or-replace'
import type { CaseInput } from '../record/case-input'
import { POLICIES, type PolicyName } from '../vehicle/policy'
import type { Believed } from './rank-case'

/** Ways from what is believed of a case to a cause that is shown, and what could turn it. */
export interface PlannedCase {
  /** first the one with the order that somebody set, if anybody did; then one of each school, the product's own first */
  plans: Plan[]
  /** the single answer that would change the lead; nothing where none that may come would */
  pivot?: Pivot
}

/**
 * Plans a case by every school, and where an order was set by hand, that order with the rest as a school would do it. It
 * takes several times as long as ranking it, and is done when somebody asks.
 */
export function planBelieved(
  { assessment, belief }: Believed,
  input: CaseInput,
  school: PolicyName = 'certainty',
): PlannedCase {
  const pivot = pivotAnswer(belief, input)
  const order = caseStateOf(input).ownOrder?.left
  const planBy = (policy: PolicyName, first?: typeof order) =>
    makePlan(belief, input, policy, assessment.facts, first)
  return {
    plans: [...(order ? [planBy(school, order)] : []), ...POLICIES.map((policy) => planBy(policy))],
    ...(pivot ? { pivot } : {}),
  }
}

/** What is believed of several faults that are mended in one go. */
export interface DecidedTogether {
  /** P(at least one of them is there) */
  anyOf: number
  /** P(nothing else is wrong beside them): what is harmless by the book does not count */
  nothingElse: number
}

/** So many of the heaviest sets are looked at; what is left out of them is shared out alike. */
const SETS_LOOKED_AT = 5000

/**
 * Several faults decided together: over the heaviest sets of faults, not as a product of what each has by itself, for
 * one that is there makes the others less likely.
 */
export function decideTogether(
  { belief }: Pick<Believed, 'belief'>,
  faults: readonly string[],
): DecidedTogether {
  const all = belief.model.faults
  const isOne = (f: number) => faults.includes(all[f]!.id)
  const isHarmless = (f: number) => all[f]!.group === 'nothing-wrong'
  let [mass, anyOf, nothingElse] = [0, 0, 0]
  for (const set of belief.heaviestSets(SETS_LOOKED_AT)) {
    const present = belief.present(set)
    mass += set.probability
    if (present.some(isOne)) anyOf += set.probability
    if (present.every((f) => isOne(f) || isHarmless(f))) nothingElse += set.probability
  }
  return { anyOf: anyOf / mass, nothingElse: nothingElse / mass }
}

/** For each likely fault whether it is tested or its part changed, costs in hours of labour. Done when somebody asks. */
export const decideBelieved = (
  { assessment, belief }: Believed,
  input: CaseInput,
): TestOrReplace[] => testOrReplace(belief, input, assessment.facts)
