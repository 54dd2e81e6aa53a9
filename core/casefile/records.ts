import { z } from 'zod'
import { actuatorTest } from '../checks/actuators/record'
import { beltAndPump } from '../checks/belt-and-pump/record'
import { capTest } from '../checks/cap/record'
import { chemicalGasTest } from '../checks/chemical-gas-test/record'
import { cleanAndDry } from '../checks/clean-and-dry/record'
import { clutchHot } from '../checks/clutch-hot/record'
import { coldSoak } from '../checks/cold-soak/record'
import { coolerTest } from '../checks/cooler-test/record'
import { crankingRun } from '../checks/cranking-rise/record'
import { cylinderLeakage } from '../checks/cylinder-leakage/record'
import { endoscopeLook } from '../checks/endoscope/record'
import { fanByHand } from '../checks/fan-by-hand/record'
import { fanCircuit } from '../checks/fan-circuit/record'
import { fanInAction } from '../checks/fan-in-action/record'
import { gasAnalyser } from '../checks/gas-analyser/record'
import { heaterTest } from '../checks/heater/record'
import { interviewAnswer, reportedLoss, usage } from '../checks/interview/record'
import { leakTrace } from '../checks/leak-trace/record'
import { levelAndCondition } from '../checks/level-and-condition/record'
import { levelCreep } from '../checks/level-creep/record'
import { levelFollowUp } from '../checks/level-follow-up/record'
import { loadRun } from '../checks/load-run/record'
import { part } from './profile'
import { airSideLook, partLook } from '../checks/look-round/record'
import { mixTest } from '../checks/mix/record'
import { holdEnd, holdReading, holdRemark, holdStart } from '../checks/pressure-hold/record'
import { pumpDelivery } from '../checks/pump-delivery/record'
import { pumpOff } from '../checks/pump-off/record'
import { radiatorFlow } from '../checks/radiator-flow/record'
import { radiatorSurvey } from '../checks/radiator-survey/record'
import { refill } from '../checks/refill/record'
import { runningPressure } from '../checks/running-pressure/record'
import { sensorAgreement } from '../checks/sensor-agreement/record'
import { teardownMeasure } from '../checks/teardown/record'
import { testerSelfCheck } from '../checks/tester-self-check/record'
import { thermostatBath } from '../checks/thermostat-bath/record'
import { vacuumDecay } from '../checks/vacuum-decay/record'
import { warmUpMark, warmUpReading, warmUpStart, warmUpTrace } from '../checks/warm-up-run/record'
import { compareMoments } from './moment'

/**
 * Every kind of record and the schema of its data. Adding a check adds its kinds here; nothing else in the
 * envelope changes.
 */
export const RECORD_DATA = {
  'interview.answer': interviewAnswer,
  'interview.loss': reportedLoss,
  'interview.usage': usage,
  'interview.words': z.strictObject({ text: z.string().min(1).max(2000) }),
  'cautions.acknowledged': z.strictObject({ cautions: z.array(z.string().max(80)).min(1).max(40) }),
  'level-and-condition.look': levelAndCondition,
  'look-round.part': partLook,
  'cap.test': capTest,
  'tester-self-check.test': testerSelfCheck,
  'pressure-hold.start': holdStart,
  'pressure-hold.reading': holdReading,
  'pressure-hold.remark': holdRemark,
  'pressure-hold.end': holdEnd,
  'look-round.air-side': airSideLook,
  'mix.test': mixTest,
  'leak-trace.trace': leakTrace,
  'clean-and-dry.done': cleanAndDry,
  'vacuum-decay.test': vacuumDecay,
  'cranking-rise.run': crankingRun,
  'endoscope.look': endoscopeLook,
  'cylinder-leakage.test': cylinderLeakage,
  'cooler-test.test': coolerTest,
  'fan-by-hand.test': fanByHand,
  'belt-and-pump.look': beltAndPump,
  'cold-soak.test': coldSoak,
  'fan-circuit.walk': fanCircuit,
  'warm-up-run.start': warmUpStart,
  'warm-up-run.reading': warmUpReading,
  'warm-up-run.mark': warmUpMark,
  'warm-up-run.trace': warmUpTrace,
  'sensor-agreement.compare': sensorAgreement,
  'fan-in-action.watch': fanInAction,
  'clutch-hot.test': clutchHot,
  'heater.test': heaterTest,
  'radiator-survey.grid': radiatorSurvey,
  'pump-delivery.test': pumpDelivery,
  'chemical-gas-test.test': chemicalGasTest,
  'gas-analyser.test': gasAnalyser,
  'running-pressure.run': runningPressure,
  'level-creep.watch': levelCreep,
  'actuators.test': actuatorTest,
  'load-run.run': loadRun,
  'thermostat-bath.test': thermostatBath,
  'radiator-flow.test': radiatorFlow,
  'pump-off.look': pumpOff,
  'teardown.measure': teardownMeasure,
  'refill.fill': refill,
  'level-follow-up.look': levelFollowUp,
  /** a suspect declared proven or withdrawn by a person, with what changed it; moves no probability */
  'suspect.declared': z.strictObject({
    fault: z.string().min(1).max(80),
    as: z.enum(['proven', 'withdrawn']),
    because: z.string().min(1).max(500),
    probability: z.number().min(0).max(1),
  }),
  /** a photograph by reference; its bytes stand beside the case */
  'photo.taken': z.strictObject({
    sha256: z.string().regex(/^[0-9a-f]{64}$/),
    mediaType: z.literal('image/jpeg'),
    bytes: z.number().int().min(1).max(8_000_000),
    part: part.optional(),
    check: z.string().max(40).optional(),
    words: z.string().max(300).optional(),
  }),
  note: z.strictObject({ text: z.string().min(1).max(4000) }),
  /** takes back the record it supersedes; both stay. Taking back a withdrawal brings the record back as it was. */
  withdrawn: z.strictObject({ reason: z.string().max(500).optional() }),
} as const

export type RecordKind = keyof typeof RECORD_DATA
export type RecordData<K extends RecordKind> = z.infer<(typeof RECORD_DATA)[K]>

const moment = z.iso.datetime({ offset: true })

const recordBase = {
  id: z.uuid(),
  /** id of a person in `people` */
  by: z.uuid(),
  /** device time */
  observedAt: moment,
  /** server time, absent while it has not been received */
  receivedAt: moment.optional(),
  /** server clock minus device clock at sending, milliseconds */
  clockOffsetMs: z.number().int().optional(),
  /** id of the record that this one replaces; the old one stays in the file */
  supersedes: z.uuid().optional(),
  note: z.string().max(2000).optional(),
}

const kinds = Object.keys(RECORD_DATA) as RecordKind[]
const recordOptions = kinds.map((kind) =>
  z.strictObject({ ...recordBase, kind: z.literal(kind), data: RECORD_DATA[kind] }),
)

type RecordOf<K extends RecordKind> = {
  [P in K]: {
    id: string
    by: string
    observedAt: string
    receivedAt?: string | undefined
    clockOffsetMs?: number | undefined
    supersedes?: string | undefined
    note?: string | undefined
    kind: P
    data: RecordData<P>
  }
}[K]
export type CaseRecord<K extends RecordKind = RecordKind> = RecordOf<K>

export const caseRecord = z.discriminatedUnion(
  'kind',
  recordOptions as unknown as [(typeof recordOptions)[0], ...(typeof recordOptions)[0][]],
) as unknown as z.ZodType<CaseRecord>

/** Work that changes the vehicle; phases and epochs derive from these. */
export const EVENT_DATA = {
  'engine-started': z.strictObject({}),
  'engine-stopped': z.strictObject({}),
  drained: z.strictObject({ litres: z.number().min(0).max(200).optional() }),
  'topped-up': z.strictObject({
    litres: z.number().min(0).max(200).optional(),
    with: z.string().max(100).optional(),
  }),
  repaired: z.strictObject({
    faults: z.array(z.string().max(80)).min(1).max(10),
    work: z.string().max(500).optional(),
  }),
  /** a part clamped off or plugged for a test; it leaks no more until the clamp comes off */
  isolated: z.strictObject({ part, words: z.string().max(300).optional() }),
  /** the clamp or plug taken off again */
  released: z.strictObject({ part }),
  closed: z.strictObject({
    outcome: z.enum(['cause-confirmed', 'not-found']),
    causes: z.array(z.string().max(80)).max(5),
    words: z.string().max(1000).optional(),
  }),
  reopened: z.strictObject({ why: z.string().max(500).optional() }),
  /** takes back the event it supersedes, which did not happen; both stay */
  withdrawn: z.strictObject({ reason: z.string().max(500).optional() }),
} as const
export type EventKind = keyof typeof EVENT_DATA

const eventKinds = Object.keys(EVENT_DATA) as EventKind[]
const eventOptions = eventKinds.map((kind) =>
  z.strictObject({ ...recordBase, kind: z.literal(kind), data: EVENT_DATA[kind] }),
)
export type CaseEvent<K extends EventKind = EventKind> = {
  [P in K]: Omit<CaseRecord, 'kind' | 'data'> & { kind: P; data: z.infer<(typeof EVENT_DATA)[P]> }
}[K]
export const caseEvent = z.discriminatedUnion(
  'kind',
  eventOptions as unknown as [(typeof eventOptions)[0], ...(typeof eventOptions)[0][]],
) as unknown as z.ZodType<CaseEvent>

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
