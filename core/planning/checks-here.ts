import type { Check } from '../checks/define-check'
import { ALL_CHECKS, type CheckId } from '../checks/registry'
import type { CheckMinutes } from '../knowledge/shop-book'

const made = new WeakMap<CheckMinutes, readonly Check<CheckId>[]>()

/**
 * Every check, with the minutes of hands-on work that it takes in this shop; those of the product where the shop says
 * nothing else.
 * @example checksHere({ cap: 25 }).find(({ id }) => id === 'cap').minutes // 25
 */
export function checksHere(own: CheckMinutes | undefined): readonly Check<CheckId>[] {
  if (!own) return ALL_CHECKS
  const known = made.get(own)
  if (known) return known
  const checks = ALL_CHECKS.map((check) => ({ ...check, minutes: own[check.id] ?? check.minutes }))
  made.set(own, checks)
  return checks
}

/** One of them by its id. */
export const checkHere = (id: string, own: CheckMinutes | undefined): Check<CheckId> | undefined =>
  checksHere(own).find((check) => check.id === id)
