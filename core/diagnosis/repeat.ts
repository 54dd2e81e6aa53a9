import { checkOf, checkOfRecord, type CheckId } from '../checks/registry'
import type { CheckOutcome } from '../checks/context'
import { BOOK } from '../knowledge/book'
import type { CaseState } from '../record/case-state'
import { compareMoments } from '../quantity/moment'

/** An abnormal state so many times as likely as the normal one is trouble that was found. */
const FOUND_TROUBLE = 3

const normalOf = new Map(BOOK.signs.map(({ id, states }) => [id, states[0]!]))

/** Whether a check's outcome says of any sign of the book that it is not as it should be. */
export const foundTrouble = (outcome: Pick<CheckOutcome, 'signs'>): boolean =>
  troubledSigns(outcome).length > 0

/** The signs of which an outcome says that they are not as they should be. */
function troubledSigns({ signs }: Pick<CheckOutcome, 'signs'>): string[] {
  return signs
    .filter(({ sign, likelihood }) => {
      const normal = normalOf.get(sign)
      if (normal === undefined) return false
      const worst = Math.max(
        ...Object.keys(likelihood).map((s) => (s === normal ? 0 : likelihood[s]!)),
      )
      return worst >= FOUND_TROUBLE * (likelihood[normal] ?? 0)
    })
    .map(({ sign }) => sign)
}

/** How a repair is proven: what had failed before it, and what came of it since. */
export interface Proof {
  /** failed before the last work on the vehicle; since then not done, or not over anything that had failed */
  left: CheckId[]
  /** done again since over what had failed, and nothing of it failed */
  passed: CheckId[]
  /** done again since, and failed once more */
  failed: CheckId[]
}

/**
 * The checks that found trouble before the last work on the vehicle, by what became of them since; nothing where no work
 * was recorded. What the keeper says is no check of the repair.
 */
export function proofOf(outcomes: readonly CheckOutcome[], state: CaseState): Proof {
  const work = state.works.at(-1)
  const proof: Proof = { left: [], passed: [], failed: [] }
  if (!work) return proof
  const isBefore = ({ observedAt }: CheckOutcome) =>
    compareMoments(observedAt, work.observedAt) <= 0
  const again = outcomes.filter((outcome) => !isBefore(outcome))
  const failing = outcomes.filter((outcome) => isBefore(outcome) && foundTrouble(outcome))
  const byId = new Map(state.records.map((record) => [record.id, record]))
  const checkIn = ({ source, check }: CheckOutcome) => {
    const record = byId.get(source)
    return record ? checkOfRecord(record) : checkOf(check)
  }
  for (const definition of new Set(failing.map(checkIn))) {
    if (!definition || definition.asksKeeper) continue
    const since = again.filter((outcome) => checkIn(outcome) === definition)
    const own = failing.filter((outcome) => checkIn(outcome) === definition)
    const hadFailed = new Set(own.flatMap(troubledSigns))
    const looksAgain = since.some(({ signs }) => signs.some(({ sign }) => hadFailed.has(sign)))
    const into = since.some(foundTrouble) ? 'failed' : looksAgain ? 'passed' : 'left'
    proof[into].push(definition.id)
  }
  return proof
}
