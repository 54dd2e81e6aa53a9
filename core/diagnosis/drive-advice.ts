import { levelAndConditionCheck } from '../checks/level-and-condition/check'
import { pressureHoldCheck } from '../checks/pressure-hold/check'
import type { CheckOutcome } from '../checks/context'
import { ALL_CHECKS, outcomesOf } from '../checks/registry'
import { message, type Message } from '../quantity/message'
import { compareMoments } from '../quantity/moment'
import type { CaseState } from '../record/case-state'
import type { Complaint } from '../vehicle/complaint'

/** Whether a vehicle may be driven as it stands, and why. */
export interface DriveAdvice {
  may: 'not' | 'with-care' | 'yes'
  why: Message
}

/** What was found since the last work on the vehicle. */
interface SinceWork {
  recent: readonly CheckOutcome[]
  facts: ReadonlySet<string>
}

/** What forbids driving, the worst first. */
const FORBIDS: readonly [id: string, when: (since: SinceWork) => boolean][] = [
  ['cylinder', ({ facts }) => facts.has('cylinder-wet')],
  ['oil', ({ facts }) => facts.has('oil-and-coolant-mixed')],
  ['gearbox', ({ recent }) => isSeen(recent, ['gearbox-fluid'])],
  ['empty', ({ recent }) => isSeen(recent, ['empty', 'radiator-empty'])],
  [
    'gross',
    ({ recent }) => outcomesOf(recent, pressureHoldCheck).at(-1)?.figures.state === 'gross',
  ],
  [
    'limit',
    ({ recent }) => recent.some((o) => o.cautions.some((c) => c.id === 'caution.stopLimit')),
  ],
]

/** Whether the newest look at level and condition found one of these. */
const isSeen = (recent: readonly CheckOutcome[], states: readonly string[]) =>
  outcomesOf(recent, levelAndConditionCheck)
    .at(-1)
    ?.states.some((state) => states.includes(state)) === true

const BY_COMPLAINT: Readonly<Record<Complaint, DriveAdvice>> = {
  overheats: { may: 'not', why: message('drive.overheats') },
  'coolant-loss': { may: 'with-care', why: message('drive.loses') },
  'no-heat': { may: 'yes', why: message('drive.noHeat') },
  inspection: { may: 'yes', why: message('drive.freely') },
}

/**
 * Whether the vehicle may be driven: not where what was found since the last work would ruin it, or the keeper tells of
 * what would; with care while it loses coolant, or until a repair is proven; else by the complaint.
 * @example driveAdvice('no-heat', caseStateOf(CASE), [], new Set()).may // 'yes'
 */
export function driveAdvice(
  complaint: Complaint,
  state: CaseState,
  outcomes: readonly CheckOutcome[],
  facts: ReadonlySet<string>,
): DriveAdvice {
  const mended = state.works.findLast(({ kind }) => kind === 'repaired')?.observedAt
  const recent = outcomes.filter(
    ({ observedAt }) => mended === undefined || compareMoments(mended, observedAt) <= 0,
  )
  const forbidden = FORBIDS.find(([, when]) => when({ recent, facts }))
  if (forbidden) return { may: 'not', why: message(`drive.${forbidden[0]}`) }
  if (mended !== undefined) return { may: 'with-care', why: message('drive.mended') }
  const told = ALL_CHECKS.map((check) => check.advises(state.records)).find((one) => one)
  if (told) return { may: 'not', why: told }
  return facts.has('level-low')
    ? { may: 'with-care', why: message('drive.loses') }
    : BY_COMPLAINT[complaint]
}
