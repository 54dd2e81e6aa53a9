/** What the order of times that run is told from; moments in ms since 1970. */
export interface TimerInOrder {
  caseId: string
  startedAt: number
  plannedMs: number
  due: boolean
}

/**
 * Times that run, what presses most first: those of the open case, then what is over (the
 * one that was over last before what was forgotten long ago), then what is over next.
 */
export function mostPressing<T extends TimerInOrder>(timers: readonly T[], openCase: string): T[] {
  const over = ({ startedAt, plannedMs }: T) => startedAt + plannedMs
  const rank = (timer: T) => (timer.caseId === openCase ? 0 : timer.due ? 1 : 2)
  return [...timers].sort(
    (a, b) => rank(a) - rank(b) || (a.due && b.due ? over(b) - over(a) : over(a) - over(b)),
  )
}

/** A time that was set going for a check is over once something of the check is kept. */
export const isOver = (
  timer: { caseId: string; check: string; startedAt: number },
  kept: readonly { caseId: string; kind: string; observedMs: number }[],
): boolean =>
  kept.some(
    ({ caseId, kind, observedMs }) =>
      caseId === timer.caseId &&
      kind.startsWith(`${timer.check}.`) &&
      observedMs >= timer.startedAt,
  )
