import { believe, type Believed } from '../diagnosis/rank-case'
import { sourceOf } from '../inference/belief'
import type { SignReading } from '../inference/sign-reading'
import { currentFault } from '../knowledge/book'
import type { CheckMinutes } from '../knowledge/shop-book'
import { checksHere } from '../planning/checks-here'
import { minutesOf } from '../planning/next-check'
import { compareMoments } from '../quantity/moment'
import type { CaseInput } from '../record/case-input'
import { eventsOfKind, standing } from '../record/standing'
import type { Complaint } from '../vehicle/complaint'

/** What a check of a case took, and how much it said of the cause that was confirmed. */
export interface CheckPaid {
  check: string
  /** hands-on, as the shop's lead has it, else by the book */
  minutes: number
  /** decibans for the confirmed cause that are missing without this check's records */
  decibans: number
}

/** What is kept of a closed case. */
export interface ClosedCase {
  complaint: Complaint
  outcome: 'cause-confirmed' | 'not-found'
  /** faults of the book */
  causes: readonly string[]
  closedAt: string
  /** it was closed before, and came back */
  isComeback: boolean
  /** what was believed before the first repair, by the book alone */
  lead: { fault: string; probability: number }
  /** probability of the likeliest of the confirmed causes then; absent where none was confirmed */
  causeProbability?: number
  /** what was seen, as "sign:state" */
  signs: readonly string[]
  checks: readonly CheckPaid[]
}

/** A reading that is not so many times likelier in one state than in any other says nothing that a case is found by. */
const TELLS_TIMES = 2

/**
 * What a closed case teaches; undefined while it is open. What was believed is what stood before the first repair: after
 * it, earlier readings speak of a fault that is gone.
 * @example closedCaseOf(CLOSED_CASE).causes.join(' ') // 'thermostat-stuck-closed'
 */
export function closedCaseOf(input: CaseInput): ClosedCase | undefined {
  const events = standing(input.events)
  const ends = events.filter(({ kind }) => kind === 'closed' || kind === 'reopened')
  const end = ends.at(-1)
  if (end?.kind !== 'closed') return undefined
  const { outcome, causes } = end.data
  const believed = believe(beforeRepair(input))
  const { belief, model } = believed
  const lead = belief.faults.reduce((best, p, f) => (p > belief.faults[best]! ? f : best), 0)
  const confirmed = causes.map(currentFault)
  const cause = confirmed
    .flatMap((id) => model.faultIndex.get(id) ?? [])
    .sort((a, b) => belief.faults[b]! - belief.faults[a]!)[0]
  return {
    complaint: input.case.complaint,
    outcome,
    causes: confirmed,
    closedAt: end.observedAt,
    isComeback: ends.length > 1,
    lead: { fault: model.faults[lead]!.id, probability: belief.faults[lead]! },
    ...(cause === undefined ? {} : { causeProbability: belief.faults[cause]! }),
    signs: signsSeen(believed),
    checks: checksOf(believed, cause, input.policy?.book?.checkMinutes),
  }
}

/** A case as it stood when it was first repaired, or is now where it never was. */
export function beforeRepair(input: CaseInput): CaseInput {
  const [first] = eventsOfKind(standing(input.events), 'repaired')
  const at = first?.observedAt
  const isBefore = ({ observedAt }: { observedAt: string }) =>
    at === undefined || compareMoments(observedAt, at) < 0
  return {
    ...input,
    records: input.records.filter(isBefore),
    events: input.events.filter(isBefore),
    ...(at === undefined ? {} : { at }),
  }
}

/**
 * What was seen in a case, as "sign:state", each once: of every sign the state that its newest reading speaks for, where
 * it does. What two cases are compared by.
 */
export function signsSeen({ assessment }: Pick<Believed, 'assessment'>): string[] {
  const newest = new Map(
    assessment.readings.flatMap((reading) => {
      const state = stateSaid(reading)
      return state === undefined ? [] : [[reading.sign, state] as const]
    }),
  )
  return [...newest].map(([sign, state]) => `${sign}:${state}`).sort()
}

function stateSaid({ likelihood }: SignReading): string | undefined {
  const [first, second] = Object.entries(likelihood).sort(([, a], [, b]) => b - a)
  return first && first[1] > TELLS_TIMES * (second?.[1] ?? 0) ? first[0] : undefined
}

const decibans = (p: number) => 10 * Math.log10(p / (1 - p))

/** Every check that something was recorded of, and what it said of a cause. */
function checksOf(
  { belief, assessment }: Believed,
  cause: number | undefined,
  minutes: CheckMinutes | undefined,
): CheckPaid[] {
  const known = new Set(belief.readings.map(sourceOf))
  const spokeFor = (sources: readonly string[]) =>
    cause === undefined
      ? 0
      : sources
          .filter((source) => known.has(source))
          .reduce(
            (sum, source) =>
              sum + decibans(belief.faults[cause]!) - decibans(belief.without(source)[cause]!),
            0,
          )
  return checksHere(minutes).flatMap((check) => {
    const own = assessment.outcomes.filter((outcome) => outcome.check === check.id)
    const sources = [...new Set(own.map(({ source }) => source))]
    return sources.length === 0
      ? []
      : [{ check: check.id, minutes: minutesOf(check), decibans: spokeFor(sources) }]
  })
}
