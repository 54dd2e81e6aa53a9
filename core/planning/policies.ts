import type { Check } from '../checks/define-check'
import type { Belief } from '../inference/belief'
import type { Group } from '../knowledge/types'
import type { CaseInput } from '../record/case-input'
import type { PolicyName } from '../vehicle/policy'
import { ALL_CHECKS } from '../checks/registry'

/** What a school always does first, in order. */
export function opening(policy: PolicyName): Check[] {
  const place = (check: Check) => check.opens?.[policy]
  return ALL_CHECKS.filter((check) => place(check) !== undefined).toSorted(
    (a, b) => place(a)! - place(b)!,
  )
}

/** Group with the most probability, those of nothing wrong and the unlisted counted apart. */
export function leadingGroup(belief: Belief): Group {
  const mass = new Map<Group, number>()
  belief.model.faults.forEach((fault, f) =>
    mass.set(fault.group, (mass.get(fault.group) ?? 0) + belief.faults[f]!),
  )
  mass.delete('not-in-the-book')
  return [...mass].sort((a, b) => b[1] - a[1])[0]![0]
}

/** Whether a policy would do this check at all on this case. */
export function admits(
  policy: PolicyName,
  check: Check,
  belief: Belief,
  input: CaseInput,
): boolean {
  if (policy === 'ask-first')
    return (
      input.case.complaint === 'coolant-loss' || leadingGroup(belief) === 'leak' || !check.presses
    )
  if (policy === 'follow-pattern')
    return check.asksKeeper === true || check.sides?.includes(leadingGroup(belief)) === true
  return true
}
