import type { Plan } from './plan'

/** Two ways compared where they get equally far. */
export interface PlansCompared {
  /** expected probability of the leading suspect that both come to */
  lead: number
  /** by how much longer the first takes until then, minutes; negative where it is shorter */
  longerMinutes: number
}

/** Minutes, waiting counted, until the leading suspect is expected to have this probability. */
function minutesToLead(
  { steps, expectedLeadNow }: Pick<Plan, 'steps' | 'expectedLeadNow'>,
  lead: number,
) {
  if (expectedLeadNow >= lead) return 0
  const last = steps.findIndex(({ expectedLead }) => expectedLead >= lead)
  return steps
    .slice(0, last + 1)
    .reduce((sum, { minutes, waitMinutes }) => sum + minutes + waitMinutes, 0)
}

/**
 * By how much longer a way takes than another until the leading suspect is as likely as the one that comes less far makes
 * it. What either does beyond that is not compared: a way that leaves more open is no shorter for it.
 * @example comparePlans(plan, plan).longerMinutes // 0
 */
export function comparePlans(
  way: Pick<Plan, 'steps' | 'expectedLeadNow'>,
  other: Pick<Plan, 'steps' | 'expectedLeadNow'>,
): PlansCompared {
  const furthest = ({ steps, expectedLeadNow }: typeof way) =>
    Math.max(expectedLeadNow, ...steps.map(({ expectedLead }) => expectedLead))
  const lead = Math.min(furthest(way), furthest(other))
  return { lead, longerMinutes: minutesToLead(way, lead) - minutesToLead(other, lead) }
}
