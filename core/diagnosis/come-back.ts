import type { CaseEvent } from '../record/events'

/** A case that was closed and came back: how it was closed, what was believed then, and why it is open again. */
export interface ComeBack {
  closedAt: string
  outcome: 'cause-confirmed' | 'not-found'
  causes: readonly string[]
  /** the leading suspects as they were ranked when it was closed */
  believed: readonly { fault: string; probability: number }[]
  why: string | undefined
}

/**
 * The last time that a case was opened again, by its standing events in their order; undefined where it never was, or is
 * closed again.
 * @example comeBackOf([]) // 'undefined'
 */
export function comeBackOf(events: readonly CaseEvent[]): ComeBack | undefined {
  const at = events.findLastIndex(({ kind }) => kind === 'reopened' || kind === 'closed')
  const reopened = events[at]
  if (reopened?.kind !== 'reopened') return undefined
  const closed = events.slice(0, at).findLast((event) => event.kind === 'closed')
  if (closed?.kind !== 'closed') return undefined
  const { outcome, causes, believed = [] } = closed.data
  return { closedAt: closed.observedAt, outcome, causes, believed, why: reopened.data.why }
}
