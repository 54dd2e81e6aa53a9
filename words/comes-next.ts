import {
  BOOK,
  type CaseState,
  type CheckId,
  foundSuspects,
  nextSteps,
  type RankedCase,
} from '#core'

/** How a page or a paper names things. */
interface Spoken {
  say: (id: string, told?: Record<string, string>) => string
  checkName: (check: CheckId) => string
  checkWhy: (check: CheckId) => string
}

/** From this probability a report says how the repair of the lead would be proven. */
const LIKELY_ENOUGH = 0.3

/**
 * What comes next, as a report tells it: the check and why, and how the repair of a likely lead would be proven; or the
 * repair and its proof, where the cause needs no more. Nothing of a case that is closed.
 */
export function comesNext(
  ranked: RankedCase,
  state: CaseState,
  { say, checkName, checkWhy }: Spoken,
): string[] {
  if (state.closed) return []
  const proofOf = (id: string) => BOOK.faults.find((fault) => fault.id === id)?.proof ?? ''
  const steps = nextSteps(ranked, state)
  const { suspects } = ranked.ranking
  const [found] = foundSuspects(suspects, ranked, steps)
  if (found) return [say('report.paper.mendIt', { proof: proofOf(found.fault) })]
  const [lead] = suspects
  const [step] = steps
  return [
    ...(step ? [`${checkName(step.check)}. ${checkWhy(step.check)}`] : []),
    ...(lead && lead.probability >= LIKELY_ENOUGH
      ? [say('report.paper.ifItIs', { name: lead.name, proof: proofOf(lead.fault) })]
      : []),
  ]
}
