import type { CaseInput } from '../record/case-input'
import type { Belief } from '../inference/belief'
import type { SignModel } from '../inference/sign-model'
import type { Check } from '../checks/define-check'
import type { Phase } from '../checks/check-terms'
import type { CheckId } from '../checks/registry'
import type { PolicyName } from '../vehicle/policy'
import { coolDownMinutesOf } from '../vehicle/profile'
import {
  isWorthDoing,
  isWorthGoingBack,
  LEAST_WORTH,
  minutesOf,
  openBits,
  openSigns,
  plannedOf,
  possibleChecks,
  stillOpen,
  wasDone,
  worthOf,
} from './next-check'
import { admits, opening } from './policies'
import { type Prediction, predictionOf } from './predict'
import { drawnFor, PARTICLES } from './played-through'
import { provingChecks } from './prove'
import { checkHere } from './checks-here'
import { whileOut } from './while-out'
import { waitBefore, waitsAfter, waitsOf, type Waits } from './waits'
import { firstTwo, isSettled, type Lead, shownFaults, WANTED_LEAD } from './settled'
import { chanceIn, normalise, takeShown, type Shown } from './shown'

export interface PlanStep {
  check: CheckId
  phase: Phase
  /** hands-on, with what must be taken apart */
  minutes: number
  /** waiting that this step forces: warming up, or cooling down */
  waitMinutes: number
  bits: number
  /** expected probability of the leading suspect once this step is done */
  expectedLead: number
  /** the part is out for the repair: it is tested before the new one goes in */
  whileOut?: true
}

/** Whose way a plan is: a school's, or one that begins with an order that somebody set. */
export type PlanName = PolicyName | 'own'

export interface Plan {
  policy: PlanName
  steps: PlanStep[]
  expectedMinutes: number
  expectedLeadNow: number
  /** the plan reaches an expected lead of 90 % */
  reachesLead: boolean
  /** mass of the sets left out of the reckoning */
  lostMass: number
}

/** What comes before everything that the plan finds by itself. */
interface Fixed {
  /** checks that had failed before the last work, and show whether it cured that */
  repeat?: readonly CheckId[]
  /** the order that somebody set */
  order?: readonly CheckId[]
}

const NOTHING_SHOWN: ReadonlySet<string> = new Set()
const PROBES = 16
const MOST_STEPS = 14
const SHORTLIST = 8

interface Candidate {
  check: Check<CheckId>
  signs: SignModel[]
  /** bits found at the last look; never much more later, so that few need looking at again */
  bits: number
}

/**
 * A whole plan, step by step: the check that gives most information per minute, waiting and cool-downs counted,
 * until the leading suspect is expected to have 90 %, and for a lead that has it what is tested while its part is out; before that what lays bare a lead that is likely already, as far as
 * `facts` do not show it yet. What the checks will show is played through on a fixed
 * lattice of possible truths drawn from the belief, so that the plan is the same every time.
 */
export function makePlan(
  belief: Belief,
  input: CaseInput,
  policy: PolicyName = 'certainty',
  facts: ReadonlySet<string> = NOTHING_SHOWN,
  { order = [], repeat = [] }: Fixed = {},
): Plan {
  const prediction = predictionOf(belief)
  const { weights } = prediction
  const planned = plannedOf(belief, input)
  const coolDownMinutes = coolDownMinutesOf(input.vehicle.profile)
  const { checks: proofs, asked } = provingChecks(prediction, planned, facts)
  const unknown = prediction.unknownIn(weights)
  const isStillWorth = (check: Check<CheckId>, signs: readonly SignModel[]) =>
    !wasDone(check, planned.state) ||
    isWorthGoingBack(check, openBits(check, signs, prediction, unknown))
  const begins = [...repeat, ...order, ...opening(policy).map(({ id }) => id), ...proofs]
  const isFixed = (id: CheckId) => repeat.includes(id) || order.includes(id) || proofs.includes(id)
  const candidates: Candidate[] = possibleChecks(planned)
    .filter((c) => isFixed(c.id) || (stillOpen(c, planned) && admits(policy, c, belief, input)))
    .map((check) => ({ check, signs: openSigns(check, planned), bits: Infinity }))
    .filter(
      ({ check, signs }) => isFixed(check.id) || (signs.length > 0 && isStillWorth(check, signs)),
    )
  const shown = shownFaults(belief, facts)
  const truths = systematic(weights, PARTICLES)
  const beliefs = truths.map(() => Float64Array.from(weights))
  const expected = (): Lead => {
    const all = beliefs.map((w) => firstTwo(w, prediction, shown))
    const mean = (which: keyof Lead) => all.reduce((sum, one) => sum + one[which], 0) / all.length
    return { first: mean('first'), second: mean('second') }
  }
  const now = firstTwo(weights, prediction, shown)
  const steps: PlanStep[] = []
  const done = new Set<string>()
  let waits = waitsOf(planned.state.engineAt())
  const numberOf = new Map(belief.model.book.signs.map(({ id }, i) => [id, i]))
  const first = begins.flatMap((id) => candidates.filter(({ check }) => check.id === id))
  let reached = now
  while (steps.length < MOST_STEPS) {
    const fixed = first.find((c) => !done.has(c.check.id))
    if (isSettled(reached) && !fixed) break
    const open = fixed
      ? [fixed]
      : candidates.filter((c) => !done.has(c.check.id) && !waitsForAnother(c, candidates, done))
    // The first step may wait for days; a further one is to be worth its waiting, too.
    const leastWorth = fixed ? undefined : steps.length === 0 ? 0 : LEAST_WORTH
    const best = choose(open, beliefs, prediction, waits, leastWorth)
    if (!best) break
    for (let p = 0; p < beliefs.length; p++) {
      for (const sign of best.candidate.signs)
        observe(
          beliefs[p]!,
          prediction.of(sign),
          truths[p]!,
          drawnFor(numberOf.get(sign.sign.id)!, p),
        )
      normalise(beliefs[p]!)
    }
    const { check } = best.candidate
    done.add(check.id)
    reached = expected()
    steps.push({
      check: check.id,
      phase: check.phase,
      minutes: minutesOf(check),
      waitMinutes: waitBefore(check, waits),
      bits: best.bits,
      expectedLead: reached.first,
    })
    waits = waitsAfter(check.phase, waits, coolDownMinutes)
  }
  const askedFor = steps.length === 0 && asked && !isSettled(now) ? asked.check : undefined
  if (askedFor) {
    const check = checkHere(askedFor, input.policy?.book?.checkMinutes)!
    steps.push({
      check: check.id,
      phase: check.phase,
      minutes: minutesOf(check),
      waitMinutes: waitBefore(check, waits),
      bits: 0,
      expectedLead: now.first,
    })
  }
  for (const check of whileOut(prediction, planned, now))
    if (!done.has(check))
      steps.push({
        check,
        phase: 'bench',
        // Its part is out already.
        minutes: checkHere(check, input.policy?.book?.checkMinutes)!.minutes,
        waitMinutes: 0,
        bits: 0,
        expectedLead: reached.first,
        whileOut: true,
      })
  return {
    policy: order.length > 0 ? 'own' : policy,
    steps,
    expectedMinutes: steps.reduce((sum, s) => sum + s.minutes + s.waitMinutes, 0),
    expectedLeadNow: now.first,
    reachesLead: reached.first >= WANTED_LEAD,
    lostMass: prediction.lost,
  }
}

/** Whether a check comes only after something that another open one of the plan still has to bring about. */
function waitsForAnother(
  { check }: Candidate,
  candidates: readonly Candidate[],
  done: ReadonlySet<string>,
): boolean {
  if (!check.after) return false
  return candidates.some((c) => c.check.brings === check.after && !done.has(c.check.id))
}

/** Most information per minute over a few of the played-through beliefs; lazily, from last time's figures. */
function choose(
  open: Candidate[],
  beliefs: readonly Float64Array[],
  prediction: Prediction,
  waits: Waits,
  /** where a check is fixed, nothing is asked of it */
  leastWorth: number | undefined,
) {
  const worth = (c: Candidate) => worthOf(c.check, c.bits, waits)
  const sorted = [...open].sort((a, b) => worth(b) - worth(a))
  const fresh = sorted.filter((c) => c.bits === Infinity)
  const list = fresh.length > 0 ? fresh : sorted.slice(0, SHORTLIST)
  // The first look is at one of the beliefs, which are alike then.
  const looks = fresh.length > 0 ? 1 : PROBES
  const stride = Math.max(1, Math.floor(beliefs.length / PROBES))
  const probes = Array.from({ length: looks }, (_, p) =>
    prediction.unknownIn(beliefs[(p * stride) % beliefs.length]!),
  )
  for (const candidate of list) {
    const { check, signs } = candidate
    const found = probes.map((probe) => openBits(check, signs, prediction, probe))
    candidate.bits = found.reduce((sum, bits) => sum + bits, 0) / looks
  }
  const best = open
    .filter((c) => c.bits !== Infinity)
    .filter(
      (c) =>
        leastWorth === undefined ||
        (isWorthDoing(c.bits, minutesOf(c.check)) && worth(c) > leastWorth),
    )
    .sort((a, b) => worth(b) - worth(a))[0]
  return best && { candidate: best, bits: best.bits }
}

/** Draws what a reading of the sign shows when `truth` is true, and takes it into the belief, which no longer sums to one. */
function observe(weights: Float64Array, shown: Shown, truth: number, u: number) {
  let state = 0
  for (let sum = chanceIn(shown, truth, 0); u >= sum && state < shown.states - 1;)
    sum += chanceIn(shown, truth, ++state)
  takeShown(weights, shown, state)
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
