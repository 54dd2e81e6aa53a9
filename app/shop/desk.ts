import { type CaseEvent, type CaseRecord, compareMoments, isClosed, isKeptOnDevice } from '#core'
import type { Held } from '../local-store/database'
import type { Rows } from '../local-store/rows'

/** The shop as this device knows it, as far as it matters for what stands here. */
export interface OnDevice {
  cases: Iterable<Rows['cases']>
  recordsOf: (caseId: string) => readonly CaseRecord[]
  eventsOf: (caseId: string) => readonly CaseEvent[]
  held: ReadonlyMap<string, Held>
  vehicles: Iterable<Rows['vehicles']>
  profiles: Iterable<Rows['profiles']>
}

/** When something was last recorded in a case. */
export const lastTouch = (openedAt: string, entries: readonly { observedAt: string }[]): string =>
  entries.reduce(
    (last, { observedAt }) => (compareMoments(last, observedAt) < 0 ? observedAt : last),
    openedAt,
  )

/**
 * Cases that this device may put away, and the vehicles and profiles that no other case here speaks of. `nowMs` in ms
 * since 1970.
 */
export function toPutAway(on: OnDevice, nowMs: number): { cases: string[]; others: string[] } {
  const away: string[] = []
  const stays = new Set<string>()
  const goes = new Set<string>()
  for (const { id, openedAt, vehicle } of on.cases) {
    const happened = on.eventsOf(id)
    const here = on.held.get(id)
    const isKept = isKeptOnDevice(
      {
        isClosed: isClosed(happened),
        touchedAt: lastTouch(openedAt, [...on.recordsOf(id), ...happened]),
        openedAt: here?.openedAt,
        isPinned: here?.pinned === 1,
      },
      nowMs,
    )
    if (!isKept) away.push(id)
    ;(isKept ? stays : goes).add(vehicle)
  }
  const isAlone = (vehicle: string) => goes.has(vehicle) && !stays.has(vehicle)
  return {
    cases: away,
    others: [
      ...[...on.vehicles].filter(({ id }) => isAlone(id)),
      ...[...on.profiles].filter(({ vehicle }) => isAlone(vehicle)),
    ].map(({ id }) => id),
  }
}
