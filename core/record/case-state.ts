import type { Achievement } from '../checks/check-terms'
import { ALL_CHECKS, checkOfKind, checkOfRecord, type CheckId } from '../checks/registry'
import { engineTemperatureAt, type EngineTemperature } from '../physics/engine-temperature'
import { compareMoments, millisecondsOf } from '../quantity/moment'
import type { Part } from '../vehicle/parts'
import { coolDownMinutesOf } from '../vehicle/profile'
import type { CaseInput } from './case-input'
import type { CaseRecord } from './envelope'
import type { CaseEvent } from './events'
import { type OwnOrder, ownOrderIn } from './own-order'
import { isEpochWork, isIsolated, sinceLastWork, standing, standingRecords } from './standing'

/** How far a case has come, as a board says it. */
export type CaseStage = 'closed' | 'repaired' | 'pressed' | 'begun' | 'complaint-taken'

/** Where a case stands: the one reading of its records and events that plan, board, assessment and panels share. */
export interface CaseState {
  /** neither superseded nor withdrawn, in order of observation */
  records: readonly CaseRecord[]
  events: readonly CaseEvent[]
  /** of the records, those since the last work on the vehicle */
  recent: readonly CaseRecord[]
  /** works on the vehicle so far: an epoch begins with each */
  works: readonly CaseEvent[]
  epochOf: (moment: string) => number
  /** checks that something was ever recorded of, and since the last work */
  done: ReadonlySet<CheckId>
  doneSinceWork: ReadonlySet<CheckId>
  has: (achievement: Achievement) => boolean
  hasSinceWork: (achievement: Achievement) => boolean
  isIsolated: (part: Part, moment?: string) => boolean
  /** the engine at a moment; now, where none is given */
  engineAt: (moment?: string) => EngineTemperature
  /** what somebody set in place of the plan's order, while something of it is left */
  ownOrder: OwnOrder | undefined
  /** coolant temperature last recorded, °C */
  coolantC: number | undefined
  closed: boolean
  stage: CaseStage
}

/** Checks that something stands of; what belongs to a run counts only while the record that began it stands. */
function checksIn(records: readonly CaseRecord[]): Set<CheckId> {
  const byId = new Map(records.map((record) => [record.id, record]))
  const begun = (record: CaseRecord) => ('run' in record.data ? byId.get(record.data.run) : record)
  return new Set(
    records.flatMap((record) => {
      const first = begun(record)
      // What is written down by one check and done for another is done for both: after a hot hold no plan begins with a cold one.
      return first
        ? [checkOfRecord(first), checkOfKind(first.kind)].flatMap((c) => c?.id ?? [])
        : []
    }),
  )
}

const bringing = (done: ReadonlySet<CheckId>) => (achievement: Achievement) =>
  ALL_CHECKS.some((check) => check.brings === achievement && done.has(check.id))

/** Whether a case is closed, by its events that stand, in their order. */
const endsClosed = (events: readonly CaseEvent[]): boolean =>
  events.findLast(({ kind }) => kind === 'closed' || kind === 'reopened')?.kind === 'closed'

/** Whether a case is closed, by all its events. */
export const isClosed = (events: readonly CaseEvent[]): boolean => endsClosed(standing(events))

function stageOf(events: readonly CaseEvent[], done: ReadonlySet<CheckId>): CaseStage {
  if (endsClosed(events)) return 'closed'
  if (events.some((e) => e.kind === 'repaired')) return 'repaired'
  const marks = ALL_CHECKS.filter((check) => done.has(check.id)).map((check) => check.marks)
  return marks.includes('pressed')
    ? 'pressed'
    : marks.includes('begun')
      ? 'begun'
      : 'complaint-taken'
}

const newestCoolant = (records: readonly CaseRecord[]) =>
  ALL_CHECKS.map((check) => check.coolantC(records)).find((c) => c !== undefined)

/** The newest moment that a case speaks of: now, where nobody says what time it is. */
function newestMoment(items: readonly { observedAt: string }[], otherwise: string): string {
  return items.reduce(
    (newest, { observedAt }) => (compareMoments(newest, observedAt) < 0 ? observedAt : newest),
    otherwise,
  )
}

/** Reads a case as of `input.at`; as of its newest record or event where that is absent. */
export function caseStateOf(input: CaseInput): CaseState {
  const records = standingRecords(input.records)
  const events = standing(input.events)
  const works = events.filter(isEpochWork)
  const recent = sinceLastWork(records, events)
  const done = checksIn(records)
  const doneSinceWork = checksIn(recent)
  const at = input.at ?? newestMoment([...records, ...events], input.case.openedAt)
  const minutesOf = (moment: string) => millisecondsOf(moment) / 60_000
  const switches = events
    .filter((e) => e.kind === 'engine-started' || e.kind === 'engine-stopped')
    .map((e) => ({ minutes: minutesOf(e.observedAt), running: e.kind === 'engine-started' }))
  const stage = stageOf(events, done)
  return {
    records,
    events,
    recent,
    works,
    epochOf: (moment) => works.filter((w) => compareMoments(w.observedAt, moment) <= 0).length,
    done,
    doneSinceWork,
    has: bringing(done),
    ownOrder: ownOrderIn(recent, input.vehicle.profile, checksIn),
    coolantC: newestCoolant(records),
    hasSinceWork: bringing(doneSinceWork),
    isIsolated: (part, moment) => isIsolated(part, events, moment),
    engineAt: (moment = at) =>
      engineTemperatureAt(switches, minutesOf(moment), coolDownMinutesOf(input.vehicle.profile)),
    closed: stage === 'closed',
    stage,
  }
}
