import { analyseCap, capSigns, type CapAnalysis } from '../checks/cap/analysis'
import {
  interviewSigns,
  lossSizeSign,
  pressurisedHours,
  reportedLossPerWeek,
  stopDrivingAdvice,
} from '../checks/interview/analysis'
import { lookSigns } from '../checks/look-round/signs'
import {
  analyseHold,
  type HoldAnalysis,
  type HoldContext,
  type HoldRecords,
} from '../checks/pressure-hold/analysis'
import { holdSigns } from '../checks/pressure-hold/signs'
import type { SignReading } from '../checks/sign-reading'
import { CHECKS } from '../checks/registry'
import type { CheckContext, CheckOutcome } from '../checks/outcome'
import { DEFAULT_POLICY, type Policy } from '../checks/policy'
import { intervalsOf, type Bounds } from '../checks/spread'
import {
  analyseTesterSelfCheck,
  type TesterSelfCheckAnalysis,
} from '../checks/tester-self-check/analysis'
import type { PlacedReading } from '../inference/evidence'
import { message, type Message } from '../message'
import { costOf } from '../planning/check-costs'
import { atmosphericPressureKPa } from '../physics/atmosphere'
import { massFractionFromVolume, type CoolantBase } from '../physics/coolant'
import { correctedSi } from '../quantity/record'
import { currentFault, currentSign } from '../knowledge/book'
import { factsOf } from './facts'
import { compareMoments } from './moment'
import { knownValue } from './profile'
import {
  isEpochWork,
  isIsolated,
  ofKind,
  standing,
  standingRecords,
  type CaseEvent,
  type CaseRecord,
  type RecordData,
} from './records'
import type { CaseHeader, Vehicle } from './schema'

/** The part of a case that the computation reads; a case file is one, and so is the browser's copy of a case. */
export interface CaseInput {
  case: CaseHeader
  vehicle: Vehicle
  site: { elevationMetres: number }
  records: readonly CaseRecord[]
  events: readonly CaseEvent[]
  /** what the shop decided; the product's defaults when absent */
  policy?: Policy
}

/** Work that begins an epoch: repairs, and anything that let coolant out. */
export interface EpochWork {
  kind: 'repaired' | 'drained'
  faults: string[]
}

export interface AssessedHold {
  id: string
  startedAt: string
  records: HoldRecords
  analysis: HoldAnalysis
}

export interface Assessment {
  holds: AssessedHold[]
  caps: {
    id: string
    record: RecordData<'cap.test'>
    analysis: CapAnalysis
    intervals: Record<string, Bounds>
  }[]
  selfChecks: {
    id: string
    record: RecordData<'tester-self-check.test'>
    analysis: TesterSelfCheckAnalysis
  }[]
  /** every other check's outcomes, in the order of observation */
  outcomes: CheckOutcome[]
  readings: PlacedReading[]
  /** the work before each epoch but the first */
  works: EpochWork[]
  /** where the engine stands by the last event that says so; a case begins cold */
  engine: 'cold' | 'hot'
  facts: ReadonlySet<string>
  lossPerWeek?: { litresPerWeek: number; assumptions: Message[] }
  advice?: Message
  /** what had to be assumed because it is unknown or was not asked */
  assumptions: Message[]
}

/** Runs every check's analysis and collects what each says, in epochs cut at the repairs. */
export function assess(input: CaseInput): Assessment {
  const records = standingRecords(input.records)
  const events = standing(input.events)
  const changes = events.filter(isEpochWork)
  const epochOf = (observedAt: string) =>
    changes.filter((r) => compareMoments(r.observedAt, observedAt) <= 0).length
  const works = changes.map((e): EpochWork => ({
    kind: e.kind as 'repaired',
    faults: e.kind === 'repaired' ? e.data.faults.map(currentFault) : [],
  }))
  const readings: PlacedReading[] = []
  const add = (observedAt: string, signs: SignReading[]) => {
    for (const sign of signs)
      readings.push({ ...sign, sign: currentSign(sign.sign), epoch: epochOf(observedAt) })
  }
  const { profile } = input.vehicle
  const assumptions: Message[] = []
  const atmosphereKPa = atmosphericPressureKPa(input.site.elevationMetres)
  const mix = mixOf(input, assumptions)

  const usage = ofKind(records, 'interview.usage').at(-1)?.data
  const loss = ofKind(records, 'interview.loss').at(-1)
  const lossPerWeek = reportedLossPerWeek(loss?.data, usage)
  const answers = ofKind(records, 'interview.answer')
  for (const answer of answers)
    add(answer.observedAt, interviewSigns([{ ...answer.data, id: answer.id }]))
  if (loss && lossPerWeek) add(loss.observedAt, [lossSizeSign(loss.id, lossPerWeek.litresPerWeek)])
  const looks = ofKind(records, 'look-round.part')
  for (const look of looks) add(look.observedAt, lookSigns(look.id, look.data))

  const caps = ofKind(records, 'cap.test').map((cap) => {
    const analysis = analyseCap(cap.data, mix)
    add(cap.observedAt, capSigns(cap.id, cap.data, analysis))
    return {
      id: cap.id,
      record: cap.data,
      analysis,
      intervals: intervalsOf(cap.data, (data) => analyseCap(data, mix)),
      observedAt: cap.observedAt,
    }
  })
  const selfChecks = ofKind(records, 'tester-self-check.test').map((check) => ({
    id: check.id,
    record: check.data,
    analysis: analyseTesterSelfCheck(check.data, atmosphereKPa),
  }))
  const { hours, assumed } = pressurisedHours(usage)
  const capRatings = (profile.caps ?? [])
    .map((c) => knownValue(c.ratingKPa))
    .filter((r) => r !== undefined)
  const context: HoldContext = {
    atmosphereKPa,
    systemRatingKPa: knownValue(profile.systemRatingKPa),
    capacityLitres: knownValue(profile.capacityLitres),
    glycolVolumeFraction:
      profile.coolant === 'water' ? undefined : knownValue(profile.glycolVolumeFraction),
    capRatingKPa: capRatings.length > 0 ? Math.min(...capRatings) : undefined,
    testerFlowMLPerMinute: selfChecks.at(-1)?.analysis.flowMLPerMinute,
    reportedLossLitresPerWeek: lossPerWeek?.litresPerWeek,
    pressurisedHoursPerWeek: hours,
    grossLeakSeen: false,
  }
  const holds = ofKind(records, 'pressure-hold.start').map((start): AssessedHold => {
    const end = ofKind(records, 'pressure-hold.end').findLast((e) => e.data.run === start.id)
    const held: HoldRecords = {
      start: start.data,
      readings: ofKind(records, 'pressure-hold.reading')
        .filter((r) => r.data.run === start.id)
        .map((r) => ({ ...r.data, id: r.id })),
      remarks: ofKind(records, 'pressure-hold.remark')
        .filter((r) => r.data.run === start.id)
        .map((r) => r.data),
      ...(end ? { end: end.data } : {}),
    }
    const before = looks.filter(
      (l) =>
        compareMoments(l.observedAt, start.observedAt) <= 0 &&
        epochOf(l.observedAt) === epochOf(start.observedAt),
    )
    const analysis = analyseHold(held, {
      ...context,
      grossLeakSeen: before.some(
        (l) => l.data.seen === 'issuing' && !isIsolated(l.data.part, events, start.observedAt),
      ),
    })
    add(start.observedAt, holdSigns(start.id, held, analysis))
    return { id: start.id, startedAt: start.observedAt, records: held, analysis }
  })
  const outcomes = runChecks(input, records, mix, atmosphereKPa, heldPressure(caps, capRatings))
  for (const outcome of outcomes) {
    noteWarmEngine(outcome, events)
    add(outcome.observedAt, outcome.signs)
  }
  if (assumed && holds.length > 0) assumptions.push({ id: 'assumes.hoursPerWeek', parameters: {} })
  assumptions.push(...(lossPerWeek?.assumptions ?? []))
  const saidYes = new Set(
    answers.filter((a) => a.data.answer === 'yes').map((a) => a.data.question),
  )
  const advice = stopDrivingAdvice(saidYes)
  const lastEpoch = works.length
  const inLast = <T extends { observedAt: string }>(list: readonly T[]) =>
    list.filter((item) => epochOf(item.observedAt) === lastEpoch)
  return {
    holds,
    caps,
    selfChecks,
    outcomes,
    readings,
    works,
    engine: events.findLast((e) => e.kind === 'engine-started' || e.kind === 'engine-stopped')
      ? 'hot'
      : 'cold',
    facts: factsOf({
      caps: inLast(caps),
      holds: holds.filter((h) => epochOf(h.startedAt) === lastEpoch),
      looks: inLast(looks).map((l) => l.data),
      levels: inLast(ofKind(records, 'level-and-condition.look')).map((l) => l.data),
      answers: answers.map((a) => a.data),
      shown: inLast(outcomes).flatMap((o) => o.facts),
    }),
    ...(lossPerWeek ? { lossPerWeek } : {}),
    ...(advice ? { advice } : {}),
    assumptions,
  }
}

const COOLED_MINUTES = 45

/** A cold check after the engine ran is said to be one, and its readings count for less. */
function noteWarmEngine(outcome: CheckOutcome, events: readonly CaseEvent[]) {
  if (costOf(outcome.check)?.phase !== 'cold') return
  const last = events.findLast(
    (e) =>
      (e.kind === 'engine-started' || e.kind === 'engine-stopped') &&
      compareMoments(e.observedAt, outcome.observedAt) <= 0,
  )
  if (!last) return
  const minutes =
    last.kind === 'engine-started'
      ? 0
      : compareMoments(outcome.observedAt, last.observedAt) / 60_000
  if (minutes >= COOLED_MINUTES) return
  outcome.notes.push(message('note.coldCheckHot', { minutes: Math.round(minutes) }))
  outcome.signs = outcome.signs.map((sign) => ({ ...sign, validity: sign.validity * 0.6 }))
}

/** Pressure the system is known to hold: the lowest of the cap's opening and holding, and of the ratings; 70 kPa when nothing is known. */
function heldPressure(
  caps: readonly { analysis: CapAnalysis }[],
  ratings: readonly number[],
): number {
  const tested = caps.at(-1)?.analysis.effectiveKPaGauge
  const known = [...ratings, ...(tested === undefined ? [] : [tested])]
  return known.length > 0 ? Math.min(...known) : 70
}

function runChecks(
  input: CaseInput,
  records: readonly CaseRecord[],
  mix: CheckContext['mix'],
  atmosphereKPa: number,
  heldKPaGauge: number,
): CheckOutcome[] {
  const context: CheckContext = {
    complaint: input.case.complaint,
    profile: input.vehicle.profile,
    policy: input.policy ?? DEFAULT_POLICY,
    atmosphereKPa,
    mix,
    heldKPaGauge,
    capacityLitres: knownValue(input.vehicle.profile.capacityLitres),
  }
  return CHECKS.flatMap((check) => check.assess(records, context)).sort(
    (a, b) => compareMoments(a.observedAt, b.observedAt) || (a.source < b.source ? -1 : 1),
  )
}

/** Coolant and place for boiling points; half-and-half ethylene glycol by volume is assumed, and said, when unknown. */
function mixOf(input: CaseInput, assumptions: Message[]) {
  const base: CoolantBase = knownValue(input.vehicle.profile.coolant) ?? 'ethylene-glycol'
  const volume = knownValue(input.vehicle.profile.glycolVolumeFraction)
  if (base !== 'water' && volume === undefined)
    assumptions.push({ id: 'assumes.halfGlycol', parameters: {} })
  return {
    base,
    massFraction: massFractionFromVolume(base, volume ?? 0.5),
    elevationMetres: input.site.elevationMetres,
  }
}

/** Highest pressure marked or rated among what is known, for the proposal of a hold's target. */
export function proposedCap(input: CaseInput, records = standingRecords(input.records)) {
  const tested = ofKind(records, 'cap.test').at(-1)
  if (tested)
    return {
      place: tested.data.place,
      marking:
        typeof tested.data.marking === 'object'
          ? { si: correctedSi(tested.data.marking) }
          : tested.data.marking,
    }
  const cap = input.vehicle.profile.caps?.[0]
  const rating = knownValue(cap?.ratingKPa)
  return cap && rating !== undefined ? { place: cap.place, marking: { si: rating } } : undefined
}
