import type { Ranking } from '../inference/rank'
import { reasonFor } from '../knowledge/book'
import type { Message } from '../quantity/message'

/** What one record, or run, does to a fault. */
export interface EvidenceFor {
  source: string
  /** positive: for it */
  decibans: number
  /** what it says, of what this fault has to do with; all that it says, where it has to do with none */
  says: Message[]
  /** why the book lets it speak of the fault; absent where it does so by way of the others */
  reason?: string
}

/** What moves a fault by less is not told, decibans. */
const LEAST_TOLD = 0.3

/** What speaks for a fault and against it, the strongest first. */
export function evidenceFor({ moved, says }: Ranking, fault: string): EvidenceFor[] {
  return moved
    .filter((m) => m.fault === fault && Math.abs(m.decibans) >= LEAST_TOLD)
    .sort((a, b) => Math.abs(b.decibans) - Math.abs(a.decibans))
    .map(({ source, decibans }) => {
      const all = says.filter((said) => said.source === source)
      const own = all.filter(({ sign }) => reasonFor(fault, sign) !== undefined)
      const told = own.length > 0 ? own : all
      const reason = told.map(({ sign }) => reasonFor(fault, sign)).find(Boolean)
      return {
        source,
        decibans,
        says: told.map(({ message }) => message),
        ...(reason ? { reason } : {}),
      }
    })
}
