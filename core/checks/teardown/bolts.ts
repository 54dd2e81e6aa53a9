import { type BoltRule, DEFAULT_POLICY, type Policy } from '../../vehicle/policy'

/** Whether an engine was driven very hot. */
export type Overheated = 'yes' | 'no' | 'not-known'

/** What a shop says of head bolts, or the product where it says nothing. */
export const boltRuleOf = (policy: Pick<Policy, 'stretchBolts'> | undefined): BoltRule =>
  policy?.stretchBolts ?? DEFAULT_POLICY.stretchBolts

/**
 * Whether head bolts that are within their limit go back in. Where it is not known that it did not overheat, they are
 * taken as overheated: a bolt that was stretched hot looks like any other.
 * @example boltsGoBack('new-after-overheating', 'not-known') // 'false'
 */
export function boltsGoBack(rule: BoltRule, overheated: Overheated): boolean {
  if (rule === 'always-new') return false
  return rule === 'within-limit' || overheated === 'no'
}

/**
 * Whether new head bolts stand in the quote of a job with the head off: needed where they cannot go back in, advised where
 * nobody knows whether it overheated, not at all where the old ones may serve.
 * @example boltsQuoted('within-limit', 'yes') // 'undefined'
 */
export function boltsQuoted(
  rule: BoltRule,
  overheated: Overheated,
): 'needed' | 'advised' | undefined {
  if (boltsGoBack(rule, overheated)) return undefined
  return rule !== 'always-new' && overheated === 'not-known' ? 'advised' : 'needed'
}
