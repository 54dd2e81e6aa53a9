import type { CheckContext, CheckOutcome, Found } from '../checks/context'
import { ALL_CHECKS } from '../checks/registry'
import type { PlacedReading } from '../inference/evidence'
import { currentFault, currentSign } from '../knowledge/book'
import { atmosphericPressureKPa } from '../physics/atmosphere'
import { massFractionFromVolume, type CoolantBase } from '../physics/coolant'
import type { EngineTemperature } from '../physics/engine-temperature'
import { message, type Message } from '../quantity/message'
import { compareMoments } from '../quantity/moment'
import type { CaseInput } from '../record/case-input'
import { caseStateOf, type CaseState } from '../record/case-state'
import { DEFAULT_POLICY } from '../vehicle/policy'
import { knownValue } from '../vehicle/profile'
import { type DriveAdvice, driveAdvice } from './drive-advice'
import { factsOf } from './facts'
import { heldPressure } from './held-pressure'

/** Work that begins an epoch: repairs, and anything that let coolant out. */
export interface EpochWork {
  kind: 'repaired' | 'drained'
  faults: string[]
}

/** What the records of a case come to, before anything is believed. */
export interface Assessment {
  /** every check's outcomes, in the order of observation */
  outcomes: CheckOutcome[]
  readings: PlacedReading[]
  /** the work before each epoch but the first */
  works: EpochWork[]
  engine: EngineTemperature
  facts: ReadonlySet<string>
  /** whether it may be driven as it stands */
  drive: DriveAdvice
  /** what had to be assumed because it is unknown or was not asked */
  assumptions: Message[]
}

/** Runs every check's analysis and collects what each says, in epochs cut at the repairs. */
export function assess(input: CaseInput): Assessment {
  const state = caseStateOf(input)
  const outcomes = outcomesOfAll(input, state).map((o) => countingWarmth(o, state))
  const readings = outcomes.flatMap((outcome) =>
    outcome.signs.map((sign) => ({
      ...sign,
      sign: currentSign(sign.sign),
      epoch: state.epochOf(outcome.observedAt),
    })),
  )
  const facts = factsOf(state, outcomes)
  return {
    outcomes,
    readings,
    works: worksOf(state),
    engine: state.engineAt(),
    facts,
    drive: driveAdvice(input.case.complaint, state, outcomes, facts),
    assumptions: assumptionsOf(input, outcomes),
  }
}

/** Outcomes of every check: first of those that others reckon with, then of the rest. */
function outcomesOfAll(input: CaseInput, state: CaseState): CheckOutcome[] {
  const { profile } = input.vehicle
  const ratings = (profile.caps ?? []).flatMap((cap) => knownValue(cap.ratingKPa) ?? [])
  const plain: Omit<CheckContext, 'found' | 'heldKPaGauge' | 'heldBy'> = {
    complaint: input.case.complaint,
    profile,
    policy: input.policy ?? DEFAULT_POLICY,
    atmosphereKPa: atmosphericPressureKPa(input.site.elevationMetres),
    mix: mixOf(input),
    capacityLitres: knownValue(profile.capacityLitres),
    epochOf: state.epochOf,
    isIsolated: state.isIsolated,
  }
  const knowing = (found: Found): CheckContext => ({
    ...plain,
    found,
    ...heldPressure(found, ratings, state),
  })
  let found = foundByRecords(state)
  const before = knowing(found)
  const outcomes: CheckOutcome[] = []
  for (const check of ALL_CHECKS) {
    if (!check.finds) continue
    const own = check.assess(state.records, before)
    outcomes.push(...own)
    found = together(found, check.finds(state.records, own, before))
  }
  const after = knowing(found)
  for (const check of ALL_CHECKS)
    if (!check.finds) outcomes.push(...check.assess(state.records, after))
  return outcomes.sort(
    (a, b) => compareMoments(a.observedAt, b.observedAt) || (a.source < b.source ? -1 : 1),
  )
}

const WARM_COUNTS = 0.6

/** A check of the cold work on an engine that was not cold is said to be one, and its readings count for less. */
function countingWarmth(outcome: CheckOutcome, state: CaseState): CheckOutcome {
  if (!outcome.heatMatters) return outcome
  const engine = state.engineAt(outcome.observedAt)
  if (engine.phase === 'cold') return outcome
  const minutes = Math.round(engine.minutesSinceRun ?? 0)
  return {
    ...outcome,
    notes: [...outcome.notes, message('note.coldCheckHot', { minutes })],
    signs: outcome.signs.map((sign) => ({ ...sign, validity: sign.validity * WARM_COUNTS })),
  }
}

function worksOf(state: CaseState): EpochWork[] {
  return state.works.map((work) =>
    work.kind === 'repaired'
      ? { kind: 'repaired', faults: work.data.faults.map(currentFault) }
      : { kind: 'drained', faults: [] },
  )
}

/** What is known already and what another check finds besides. */
const together = (found: Found, more: Found): Found => ({
  ...found,
  ...more,
  holds: [...(found.holds ?? []), ...(more.holds ?? [])],
})

/** What records tell other checks before any of them is judged. */
const foundByRecords = (state: CaseState): Found =>
  ALL_CHECKS.reduce<Found>((found, check) => together(found, check.tells(state.records)), {})

const coolantOf = (input: CaseInput): CoolantBase =>
  knownValue(input.vehicle.profile.coolant) ?? 'ethylene-glycol'

/** Coolant and place for boiling points; half-and-half ethylene glycol by volume when unknown. */
function mixOf(input: CaseInput): CheckContext['mix'] {
  const base = coolantOf(input)
  const volume = knownValue(input.vehicle.profile.glycolVolumeFraction)
  return {
    base,
    massFraction: massFractionFromVolume(base, volume ?? 0.5),
    elevationMetres: input.site.elevationMetres,
  }
}

/** Each assumption once, however many outcomes rest on it. */
function assumptionsOf(input: CaseInput, outcomes: readonly CheckOutcome[]): Message[] {
  const halfGlycol =
    coolantOf(input) !== 'water' &&
    knownValue(input.vehicle.profile.glycolVolumeFraction) === undefined
  const all = [
    ...(halfGlycol ? [message('assumes.halfGlycol')] : []),
    ...outcomes.flatMap((o) => o.assumptions),
  ]
  return all.filter((a, i) => all.findIndex((b) => b.id === a.id) === i)
}
