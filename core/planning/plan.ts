import type { CaseInput } from '../casefile/assess'
import type { Belief } from '../inference/belief'
import type { SignModel } from '../inference/model'
import { canBeDone, CHECK_COSTS, PHASES, type CheckCost, type Phase } from './check-costs'
import { openSigns, spokenSigns, stillOpen } from './next-check'
import { admits, opening, type PolicyName } from './policies'
import { Prediction } from './predict'

export interface PlanStep {
  check: string
  phase: Phase
  /** hands-on, with what must be taken apart */
  minutes: number
  /** waiting that this step forces: warming up, or cooling down */
  waitMinutes: number
  bits: number
  why: string
  /** expected probability of the leading suspect once this step is done */
  expectedLead: number
}

export interface Plan {
  policy: PolicyName
  steps: PlanStep[]
  expectedMinutes: number
  expectedLeadNow: number
  /** the plan reaches an expected lead of 90 % */
  reachesLead: boolean
  /** mass of the sets left out of the reckoning */
  lostMass: number
}

export const WANTED_LEAD = 0.9
export const COOL_DOWN_MINUTES = 60
const WARM_UP_MINUTES = 20
/** Heaviest sets that a plan reckons with; the mass left out is reported. */
const PLANNED_SETS = 500
const PARTICLES = 32
const PROBES = 4
const MOST_STEPS = 14
/** A check expected to tell less than this is not worth a step. */
const LEAST_BITS = 0.04
const SHORTLIST = 8

interface Candidate {
  cost: CheckCost
  signs: SignModel[]
  /** bits found at the last look; never much more later, so that few need looking at again */
  bits: number
}

/** Where the engine stands: the furthest phase that was reached since it was last known cold. */
export type EngineState = 'cold' | 'hot'

/** Waiting that a check forces from where the engine stands, minutes. */
export function waitFor(phase: Phase, engine: EngineState): number {
  if (phase === 'any') return 0
  const wantsHot = phase === 'hot' || phase === 'road'
  if (wantsHot) return engine === 'hot' ? 0 : WARM_UP_MINUTES
  return engine === 'hot' ? COOL_DOWN_MINUTES : 0
}

const after = (phase: Phase, engine: EngineState): EngineState =>
  phase === 'warm-up' || phase === 'hot' || phase === 'road'
    ? 'hot'
    : phase === 'any'
      ? engine
      : 'cold'

/** Evenly spread numbers between 0 and 1, the same every time: multiples of the golden ratio. */
const spread = (i: number) => (0.5 + i * 0.6180339887498949) % 1

/**
 * A whole plan, step by step: the check that gives most information per minute, waiting and cool-downs counted,
 * until the leading suspect is expected to have 90 %. What the checks will show is played through on a fixed
 * lattice of possible truths drawn from the belief, so that the plan is the same every time.
 */
export function makePlan(
  belief: Belief,
  input: CaseInput,
  policy: PolicyName = 'certainty',
  engineNow: EngineState = 'cold',
): Plan {
  const prediction = new Prediction(belief, PLANNED_SETS)
  const { weights, flat } = prediction
  const spoken = spokenSigns(belief)
  const candidates: Candidate[] = CHECK_COSTS.filter(
    (c) =>
      canBeDone(c, input.vehicle.profile) &&
      stillOpen(c, belief, input, spoken) &&
      admits(policy, c, belief, input),
  )
    .map((cost) => ({ cost, signs: openSigns(cost, belief, input, spoken), bits: Infinity }))
    .filter((c) => c.signs.length > 0)
  const truths = systematic(weights, PARTICLES)
  const beliefs = truths.map(() => Float64Array.from(weights))
  const faults = belief.model.faults.length
  const lead = () => beliefs.reduce((sum, w) => sum + leadOf(w, flat, faults), 0) / beliefs.length
  const expectedLeadNow = leadOf(weights, flat, faults)
  const steps: PlanStep[] = []
  const done = new Set<string>()
  let engine = engineNow
  let draws = 0
  const first = opening(policy).flatMap((check) => candidates.filter((c) => c.cost.check === check))
  let reached = expectedLeadNow
  while (reached < WANTED_LEAD && steps.length < MOST_STEPS) {
    const fixed = first.find((c) => !done.has(c.cost.check))
    const open = fixed
      ? [fixed]
      : candidates.filter(
          (c) =>
            !done.has(c.cost.check) &&
            (c.cost.after ?? []).every(
              (a) => done.has(a) || !candidates.some((x) => x.cost.check === a),
            ),
        )
    const best = choose(open, beliefs, prediction, engine)
    if (!best || (best.bits < LEAST_BITS && !fixed)) break
    for (let p = 0; p < beliefs.length; p++)
      for (const sign of best.candidate.signs) {
        observe(beliefs[p]!, prediction.of(sign), sign.columns + 1, truths[p]!, spread(++draws))
      }
    done.add(best.candidate.cost.check)
    const { check, phase, minutes, apartMinutes = 0, why } = best.candidate.cost
    reached = lead()
    steps.push({
      check,
      phase,
      minutes: minutes + apartMinutes,
      waitMinutes: waitFor(phase, engine),
      bits: best.bits,
      why,
      expectedLead: reached,
    })
    engine = after(phase, engine)
  }
  return {
    policy,
    steps,
    expectedMinutes: steps.reduce((sum, s) => sum + s.minutes + s.waitMinutes, 0),
    expectedLeadNow,
    reachesLead: reached >= WANTED_LEAD,
    lostMass: prediction.lost,
  }
}

/** Most information per minute over a few of the played-through beliefs; lazily, from last time's figures. */
function choose(
  open: Candidate[],
  beliefs: readonly Float64Array[],
  prediction: Prediction,
  engine: EngineState,
) {
  const minutes = (c: Candidate) =>
    c.cost.minutes + (c.cost.apartMinutes ?? 0) + waitFor(c.cost.phase, engine)
  const worth = (c: Candidate) => c.bits / minutes(c) / (1 + 0.02 * PHASES.indexOf(c.cost.phase))
  const sorted = [...open].sort((a, b) => worth(b) - worth(a))
  const fresh = sorted.filter((c) => c.bits === Infinity)
  const list = fresh.length > 0 ? fresh : sorted.slice(0, SHORTLIST)
  const stride = Math.max(1, Math.floor(beliefs.length / PROBES))
  for (const candidate of list) {
    let bits = 0
    for (let p = 0; p < PROBES; p++) {
      const w = beliefs[(p * stride) % beliefs.length]!
      for (const sign of candidate.signs) bits += prediction.bits(w, sign)
      if (fresh.length > 0) {
        bits *= PROBES
        break
      }
    }
    candidate.bits = bits / PROBES
  }
  const best = [...open].filter((c) => c.bits !== Infinity).sort((a, b) => worth(b) - worth(a))[0]
  return best && { candidate: best, bits: best.bits }
}

/** Draws what a reading of the sign shows when `truth` is true, and takes it into the belief. */
function observe(
  weights: Float64Array,
  given: Float64Array,
  states: number,
  truth: number,
  u: number,
) {
  let shown = states - 1
  let sum = 0
  for (let j = 0; j < states; j++) {
    sum += given[truth * states + j]!
    if (u < sum) {
      shown = j
      break
    }
  }
  let total = 0
  for (let i = 0; i < weights.length; i++) total += weights[i]! *= given[i * states + shown]!
  for (let i = 0; i < weights.length; i++) weights[i]! /= total
}

/** Truths in proportion to their weight, by equal steps through the running sum. */
function systematic(weights: Float64Array, count: number): number[] {
  const out: number[] = []
  let sum = 0
  let next = 0.5 / count
  for (let i = 0; i < weights.length && out.length < count; i++) {
    sum += weights[i]!
    while (next < sum && out.length < count) {
      out.push(i)
      next += 1 / count
    }
  }
  while (out.length < count) out.push(0)
  return out
}

/** Probability of the leading suspect; sets without any fault count as one suspect, "nothing". */
function leadOf(weights: Float64Array, flat: Int16Array, faults: number): number {
  const p = new Float64Array(faults + 1)
  let nothing = 0
  for (let i = 0; i < weights.length; i++) {
    const w = weights[i]!
    if (flat[3 * i] === faults) nothing += w
    p[flat[3 * i]!]! += w
    p[flat[3 * i + 1]!]! += w
    p[flat[3 * i + 2]!]! += w
  }
  p[faults] = nothing
  let top = 0
  for (let f = 0; f <= faults; f++) if (p[f]! > top) top = p[f]!
  return top
}
