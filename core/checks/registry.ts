import type { CheckOutcome, Entry } from './context'
import type { Check } from './define-check'
import { CHECKS } from './index'

export type CheckId = (typeof CHECKS)[number]['id']

/** Every check under the type that the rest of the product uses. */
export const ALL_CHECKS: readonly Check<CheckId>[] = CHECKS

const byId = new Map<string, Check<CheckId>>(ALL_CHECKS.map((check) => [check.id, check]))

/** The check of an id, or undefined for an id that is none. */
export const checkOf = (id: string): Check<CheckId> | undefined => byId.get(id)

/** Whether a text is the id of a check. */
export const isCheckId = (id: unknown): id is CheckId => typeof id === 'string' && byId.has(id)

/** The check that a record is done for: the one that counts it, else the one it is written down by. */
export const checkOfRecord = (record: Entry): Check<CheckId> | undefined =>
  ALL_CHECKS.find((check) => check.counts?.(record)) ?? checkOfKind(record.kind)

/** The check that a kind of record belongs to, or undefined for a kind that belongs to none. */
export const checkOfKind = (kind: string): Check<CheckId> | undefined =>
  byId.get(kind.slice(0, kind.indexOf('.')))

/**
 * The outcomes of one check, with the figures that its own analysis computes.
 * @example outcomesOf([{ check: 'cap' }, { check: 'mix' }], { id: 'cap' }).length // 1
 */
export function outcomesOf<F extends object>(
  outcomes: readonly CheckOutcome[],
  check: { id: string; assess: (...parameters: never[]) => CheckOutcome<F>[] },
): CheckOutcome<F>[] {
  return outcomes.filter((o): o is CheckOutcome<F> => o.check === check.id)
}
