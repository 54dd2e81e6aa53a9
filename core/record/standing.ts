import { compareMoments } from '../quantity/moment'
import type { CaseRecord } from './envelope'
import type { CaseEvent, EventKind } from './events'
import type { RecordKind } from './kinds'

/**
 * Items that stand: neither superseded nor withdrawn, in order of observation, then of id. A withdrawal that was
 * itself taken back takes nothing away.
 */
export function standing<
  T extends { id: string; kind: string; supersedes?: string | undefined; observedAt: string },
>(items: readonly T[]): T[] {
  const superseding = new Map<string, T[]>()
  for (const item of items)
    if (item.supersedes)
      superseding.set(item.supersedes, [...(superseding.get(item.supersedes) ?? []), item])
  const isGone = (id: string): boolean =>
    superseding.get(id)?.some((by) => by.kind !== 'withdrawn' || !isGone(by.id)) ?? false
  return items
    .filter((item) => item.kind !== 'withdrawn' && !isGone(item.id))
    .sort((a, b) => compareMoments(a.observedAt, b.observedAt) || (a.id < b.id ? -1 : 1))
}

/**
 * Records that stand, with what belongs to a run (a hold's readings) naming the start that stands: when the start was
 * corrected, its readings go with it.
 */
export function standingRecords(records: readonly CaseRecord[]): CaseRecord[] {
  const followedBy = new Map(
    records.filter((r) => r.supersedes && r.kind !== 'withdrawn').map((r) => [r.supersedes!, r.id]),
  )
  const currentOf = (id: string): string =>
    followedBy.has(id) ? currentOf(followedBy.get(id)!) : id
  return standing(records).map((record) => {
    const run = 'run' in record.data ? record.data.run : undefined
    return run !== undefined && followedBy.has(run)
      ? ({ ...record, data: { ...record.data, run: currentOf(run) } } as CaseRecord)
      : record
  })
}

/** Work after which everything is a new observation: repairs, and anything that let coolant out. */
export const isEpochWork = (event: { kind: string }): boolean =>
  event.kind === 'repaired' || event.kind === 'drained'

/** Of standing items, those observed since the last work that changed the vehicle. */
export function sinceLastWork<T extends { observedAt: string }>(
  items: readonly T[],
  events: readonly CaseEvent[],
): T[] {
  const work = events.findLast(isEpochWork)
  return work
    ? items.filter((item) => compareMoments(work.observedAt, item.observedAt) <= 0)
    : [...items]
}

/** Whether a part stood clamped off or plugged, by the last of these events that says so; at a moment, or after all of them. */
export function isIsolated(part: string, events: readonly CaseEvent[], at?: string): boolean {
  return (
    events.findLast(
      (e) =>
        (e.kind === 'isolated' || e.kind === 'released') &&
        e.data.part === part &&
        (at === undefined || compareMoments(e.observedAt, at) <= 0),
    )?.kind === 'isolated'
  )
}

/** The records of one kind, in the order given. */
export function ofKind<K extends RecordKind>(
  records: readonly CaseRecord[],
  kind: K,
): Extract<CaseRecord, { kind: K }>[] {
  return records.filter((record) => record.kind === kind) as Extract<CaseRecord, { kind: K }>[]
}

/** The events of one kind, in the order given. */
export function eventsOfKind<K extends EventKind>(
  events: readonly CaseEvent[],
  kind: K,
): Extract<CaseEvent, { kind: K }>[] {
  return events.filter((event) => event.kind === kind) as Extract<CaseEvent, { kind: K }>[]
}
