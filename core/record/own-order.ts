import { ALL_CHECKS, type CheckId } from '../checks/registry'
import { compareMoments } from '../quantity/moment'
import { mayHave, type SystemProfile } from '../vehicle/profile'
import type { CaseRecord } from './envelope'
import { ofKind } from './standing'

/** An order of checks that somebody set in place of the plan's, and what is left of it. */
export interface OwnOrder {
  by: string
  at: string
  /** checks of it that this vehicle can have and of which nothing was recorded since it was set, in their order */
  left: readonly CheckId[]
}

/**
 * The order that stands: the one set last since the last work on the vehicle. One without steps gives the plan back its
 * own, and one of which nothing is left has had its time.
 * @param recent records that stand, since the last work
 * @param checksIn checks that something of these records is of
 */
export function ownOrderIn(
  recent: readonly CaseRecord[],
  profile: SystemProfile,
  checksIn: (records: readonly CaseRecord[]) => ReadonlySet<CheckId>,
): OwnOrder | undefined {
  const set = ofKind(recent, 'plan.set').at(-1)
  if (!set) return undefined
  const { by, observedAt: at, data } = set
  const since = checksIn(recent.filter(({ observedAt }) => compareMoments(at, observedAt) < 0))
  const left = data.steps.flatMap((id) => {
    const check = ALL_CHECKS.find((one) => one.id === id)
    return check && mayHave(profile, check.needs) && !since.has(check.id) ? [check.id] : []
  })
  return left.length > 0 ? { by, at, left } : undefined
}

/**
 * The same case as it would stand with an order set at a moment: what is asked before it is kept.
 * @example withOrderSet(input, { steps: ['cap'], by: person, at: '2026-03-04T09:00:00.000Z' }).records.length
 */
export function withOrderSet<Case extends { records: readonly CaseRecord[] }>(
  input: Case,
  { steps, by, at }: { steps: readonly CheckId[]; by: string; at: string },
): Case & { records: CaseRecord[] } {
  const set: CaseRecord<'plan.set'> = {
    id: NOT_KEPT,
    by,
    observedAt: at,
    kind: 'plan.set',
    data: { steps: [...steps] },
  }
  return { ...input, records: [...input.records, set] }
}
/** Comes after every id that is given: of two records of one moment it is the later. */
const NOT_KEPT = 'ffffffff-ffff-7fff-bfff-ffffffffffff'

/**
 * What is to be kept of an order into which the steps of a plan were put: its beginning, as far as it differs from the
 * plan's. The rest goes on being planned as results come in.
 * @example orderToKeep(['cap', 'mix', 'heater'], ['mix', 'cap', 'heater']) // ['mix', 'cap']
 */
export function orderToKeep(
  planned: readonly CheckId[],
  wanted: readonly CheckId[],
): readonly CheckId[] {
  return wanted.slice(0, wanted.findLastIndex((check, at) => planned[at] !== check) + 1)
}
