import { describe, expect, it } from 'vitest'
import type { Entry } from '../checks/context'
import type { Check } from '../checks/define-check'
import { ALL_CHECKS } from '../checks/registry'
import { drawnOf, saidBy, SPEAKING } from '../checks/verdict-says.fixture'
import { Belief } from '../inference/belief'
import { buildModel, type Model } from '../inference/model'
import { BOOK } from '../knowledge/book'
import type { Guard } from '../knowledge/types'
import { predictionOf } from '../planning/predict'
import { type Complaint, REPORTED_COMPLAINTS } from '../vehicle/complaint'
import { assess } from './assess'
import { inputOf } from './case-of.fixture'
import { timelineOf } from './rank-case'

/** Draws of each check; more, where its signs or the book were changed. */
const DRAWS = Number(process.env.ONE_VOICE_DRAWS ?? 3)
/** At the limit of a verdict the ranking may move a little against it: odds by a factor of two. */
const LITTLE = Math.log10(2)

/** A bus of which what the checks reckon with is known, and nothing that leaves faults out. */
const PROFILE = { thermostatSide: 'outlet', thermostatRatingC: 88 } as const

const logOdds = (p: number) => Math.log10(Math.max(1e-12, p) / Math.max(1e-12, 1 - p))

/** How likely a sign is to be read abnormal, by all that is believed. */
function isAbnormal(belief: Belief, sign: string): number {
  const model = belief.model.signs.get(sign)
  if (!model) return Number.NaN
  const prediction = predictionOf(belief)
  const { states, row, chance } = prediction.of(model)
  return prediction.weights.reduce(
    (sum, weight, i) => sum + weight * (1 - chance[row[i]! * states]!),
    0,
  )
}

interface Start {
  complaint: Complaint
  model: Model
  before: Belief
}
const STARTS: readonly Start[] = REPORTED_COMPLAINTS.map((complaint) => {
  const model = buildModel(BOOK, complaint, PROFILE)
  return { complaint, model, before: new Belief(model, []) }
})

/** Verdicts of one draw that the ranking moves against. */
function contradictions(
  check: Check,
  entries: readonly Entry[],
  { complaint, model, before }: Start,
) {
  const { readings, outcomes, works } = assess(inputOf(entries, { complaint, profile: PROFILE }))
  const said = outcomes
    .filter((outcome) => outcome.check === check.id)
    .flatMap(({ states }) =>
      states.flatMap((state) => saidBy(check, state).map((one) => ({ state, ...one }))),
    )
    .filter(({ sign }) => readings.some((reading) => reading.sign === sign))
  if (said.length === 0) return []
  const timeline = timelineOf(model, works)
  const moved = (counted: typeof readings, sign: string) =>
    logOdds(isAbnormal(new Belief(model, counted, timeline), sign)) -
    logOdds(isAbnormal(before, sign))
  const against = (way: '+' | '-' | '0', by: number) =>
    ({ '+': -by, '-': by, '0': Math.abs(by) })[way]
  return said.flatMap(({ state, way, sign }) => {
    const by = moved(readings, sign)
    if (against(way, by) <= LITTLE) return []
    // One record can find two things, of which one explains the other away: then each alone must hold.
    const own = readings.filter((reading) => reading.sign === sign)
    return against(way, moved(own, sign)) > LITTLE
      ? [`${complaint}: ${state}, and ${sign} ${by.toFixed(2)}`]
      : []
  })
}

/** Faults all of whose guards the records of one draw meet, while the ranking moves away from them. */
function provenAgainst(entries: readonly Entry[], { complaint, model, before }: Start): string[] {
  const { readings, facts, works } = assess(inputOf(entries, { complaint, profile: PROFILE }))
  const isMet = ({ anyOf }: Guard) => anyOf.some((row) => row.every((fact) => facts.has(fact)))
  const shown = model.faults.flatMap(({ id, guards }, at) =>
    guards.length > 0 && guards.every(isMet) ? [{ id, at }] : [],
  )
  if (shown.length === 0) return []
  const movedBy = (counted: typeof readings, at: number) =>
    logOdds(new Belief(model, counted, timelineOf(model, works)).faults[at]!) -
    logOdds(before.faults[at]!)
  return shown.flatMap(({ id, at }) => {
    // What else the same record finds can explain the complaint instead: then what this fault does must speak alone.
    const own = new Set(model.faults[at]!.effects.map(({ sign }) => sign))
    const by = Math.max(
      movedBy(readings, at),
      movedBy(
        readings.filter(({ sign }) => own.has(sign)),
        at,
      ),
    )
    return -by > LITTLE ? [`${complaint}: ${id} ${by.toFixed(2)}`] : []
  })
}

describe('one voice: the panel and the ranking', () => {
  it.each(SPEAKING.map((check) => [check.id, check] as const))(
    'what a verdict of %s says, the ranking does not move against',
    (_, check) => {
      const found = new Map<string, string>()
      drawnOf(check, DRAWS).forEach((entries, i) => {
        const start = STARTS[i % STARTS.length]!
        for (const said of contradictions(check, entries, start))
          found.set(
            said.replace(/ -?[\d.]+$/, ''),
            `${said} ${JSON.stringify(entries.map((e) => e.data))}`,
          )
      })
      expect([...found.values()]).toEqual([])
    },
  )
  it.each(ALL_CHECKS.map((check) => [check.id, check] as const))(
    'a fault whose guards %s meets gains by it',
    (_, check) => {
      const found = new Map<string, string>()
      drawnOf(check, DRAWS).forEach((entries, i) => {
        for (const said of provenAgainst(entries, STARTS[i % STARTS.length]!))
          found.set(
            said.replace(/ -?[\d.]+$/, ''),
            `${said} ${JSON.stringify(entries.map((e) => e.data))}`,
          )
      })
      expect([...found.values()]).toEqual([])
    },
  )
})
