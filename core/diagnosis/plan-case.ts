import { type Accounts, accountFor } from '../inference/accounts'
import { makePlan, type Plan } from '../planning/plan'
import { caseStateOf } from '../record/case-state'
import { type Pivot, pivotAnswer } from '../planning/pivot'
import { testOrReplace, type TestOrReplace } from '../planning/test-or-replace'
import type { CaseInput } from '../record/case-input'
import { POLICIES, type PolicyName } from '../vehicle/policy'
import type { CheckId } from '../checks/registry'
import type { Believed } from './rank-case'
import { proofOf } from './repeat'

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
  believed: Believed,
  input: CaseInput,
  school: PolicyName = 'certainty',
): PlannedCase {
  const pivot = pivotAnswer(believed.belief, input)
  const order = caseStateOf(input).ownOrder?.left
  return {
    plans: [
      ...(order ? [planOf(believed, input, school, order)] : []),
      ...POLICIES.map((policy) => planOf(believed, input, policy)),
    ],
    ...(pivot ? { pivot } : {}),
  }
}

/** The way of one school, after what is done again since it failed before a repair; with an order that somebody set. */
export function planOf(
  { belief, assessment }: Pick<Believed, 'belief' | 'assessment'>,
  input: CaseInput,
  policy: PolicyName = 'certainty',
  order: readonly CheckId[] = [],
): Plan {
  const repeat = proofOf(assessment.outcomes, caseStateOf(input)).left
  return makePlan(belief, input, policy, assessment.facts, { order, repeat })
}

/** What is believed of several faults that are mended in one go. */
export interface DecidedTogether {
  /** P(at least one of them is there) */
  anyOf: number
  /** P(nothing else is wrong beside them): what is harmless by the book does not count */
  nothingElse: number
  /** what they account for where all of them are there; nothing where that cannot be */
  accounts?: Accounts
  /** what is topped up and went another way than a hold shows, litres a week */
  lossLeft?: LossLeft
}

/** Of a reported loss, the part that goes another way than the newest hold shows, litres a week. */
export interface LossLeft {
  reported: number
  left: { low: number; high: number }
}

/** The newest that is said of the loss since the last work, where what is shown is less than what is reported. */
function lossLeftIn({ outcomes }: Believed['assessment'], input: CaseInput): LossLeft | undefined {
  const { epochOf, works } = caseStateOf(input)
  const newest = outcomes.findLast(
    ({ loss, observedAt }) => loss && epochOf(observedAt) === works.length,
  )?.loss
  if (!newest || newest.shown.high >= newest.reported) return undefined
  const { shown, reported } = newest
  const left = { low: reported - shown.high, high: reported - Math.max(0, shown.low) }
  return { reported, left }
}

/** So many of the heaviest sets are looked at; what is left out of them is shared out alike. */
const SETS_LOOKED_AT = 5000

/**
 * Several faults decided together: over the heaviest sets of faults, not as a product of what each has by itself, for
 * one that is there makes the others less likely.
 */
export function decideTogether(
  { belief, assessment }: Pick<Believed, 'belief' | 'assessment'>,
  input: CaseInput,
  faults: readonly string[],
): DecidedTogether {
  const all = belief.model.faults
  const isOne = (f: number) => faults.includes(all[f]!.id)
  const isHarmless = (f: number) => all[f]!.group === 'nothing-wrong'
  let [mass, anyOf, nothingElse] = [0, 0, 0]
  const heaviest = belief.heaviestSets(SETS_LOOKED_AT)
  for (const set of heaviest) {
    const present = belief.present(set)
    mass += set.probability
    if (present.some(isOne)) anyOf += set.probability
    if (present.every((f) => isOne(f) || isHarmless(f))) nothingElse += set.probability
  }
  const chosen = faults.flatMap((id) => belief.model.faultIndex.get(id) ?? [])
  const accounts = accountFor(belief, chosen, heaviest)
  const lossLeft = lossLeftIn(assessment, input)
  return {
    anyOf: anyOf / mass,
    nothingElse: nothingElse / mass,
    ...(accounts ? { accounts } : {}),
    ...(lossLeft ? { lossLeft } : {}),
  }
}

/** For each likely fault whether it is tested or its part changed, costs in hours of labour. Done when somebody asks. */
export const decideBelieved = (
  { assessment, belief }: Believed,
  input: CaseInput,
): TestOrReplace[] => testOrReplace(belief, input, assessment.facts)
