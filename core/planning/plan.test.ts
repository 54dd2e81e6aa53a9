import { CHECK_WORDS } from '../../words/checks'
import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { believe, rankBelieved } from '../diagnosis/rank-case'
import { caseStateOf } from '../record/case-state'
import { readCaseFile } from '../record/read'
import type { CaseFile } from '../record/schema'
import { ALL_CHECKS, checkOf } from '../checks/registry'
import { mayHave } from '../vehicle/profile'
import { POLICIES } from '../vehicle/policy'
import { nextSteps } from './next-step'
import { openBits, openSigns, plannedOf, possibleChecks } from './next-check'
import { pivotAnswer } from './pivot'
import { makePlan } from './plan'
import { waitFor } from './waits'
import { Prediction, predictionOf } from './predict'
import { chanceIn, entropyBits, shownOf } from './shown'
import { setBits } from './set-bits.fixture'
import { testOrReplace } from './test-or-replace'
import { stabilityOf } from '../inference/stability'

const load = (path: string) => readCaseFile(readFileSync(path, 'utf8'))
const only = (file: CaseFile, keep: (kind: string) => boolean): CaseFile => ({
  ...file,
  records: file.records.filter((r) => keep(r.kind)),
  events: [],
})
const told = only(load('data/vignettes/open/overheats-fan-motor.json'), (kind) =>
  kind.startsWith('interview'),
)
/** The same case with an engine that was started and stopped so many minutes after the case was opened. */
const engineEvents = (file: CaseFile, minutes: readonly [number, number]): CaseFile => ({
  ...file,
  events: minutes.map((m, i) => ({
    id: `0197dddd-0000-7000-8000-00000000000${i}`,
    by: file.case.openedBy,
    observedAt: new Date(Date.parse(file.case.openedAt) + (600 + m) * 60_000).toISOString(),
    kind: i === 0 ? ('engine-started' as const) : ('engine-stopped' as const),
    data: {},
  })),
})
const DEMO = readdirSync('data/demo/cases').map((name) => ({
  name,
  input: load(`data/demo/cases/${name}`),
}))
const seam = load('data/demo/cases/01-minibus-radiator-seam.json')

describe('the plan', () => {
  const { belief } = believe(told)
  const plan = makePlan(belief, told)
  it('does cheap and telling checks first, and reaches or approaches a lead of 90 %', () => {
    expect(plan.steps.length).toBeGreaterThan(1)
    expect(plan.steps.at(-1)!.expectedLead).toBeGreaterThan(plan.expectedLeadNow + 0.2)
    expect(
      plan.steps[0]!.bits / (plan.steps[0]!.minutes + plan.steps[0]!.waitMinutes),
    ).toBeGreaterThan(0.02)
    expect(plan.expectedMinutes).toBe(plan.steps.reduce((s, x) => s + x.minutes + x.waitMinutes, 0))
    expect(plan.lostMass).toBeLessThan(0.35)
  })
  it('is the same every time, and names each check once', () => {
    expect(makePlan(belief, told)).toEqual(plan)
    expect(new Set(plan.steps.map((s) => s.check)).size).toBe(plan.steps.length)
  })
  it('counts the cool-down that a cold check after a hot one forces, and the warm-up before a hot one', () => {
    const cold = { untilHot: 20, untilCold: 0 }
    const hot = { untilHot: 0, untilCold: 60 }
    expect([
      waitFor('cold', hot),
      waitFor('hot', cold),
      waitFor('cold', cold),
      waitFor('any', hot),
      waitFor('warm-up', hot),
    ]).toEqual([60, 20, 0, 0, 60])
    const ran = engineEvents(told, [0, 60])
    const plan = makePlan(belief, ran)
    const firstCold = plan.steps.find((s) => s.phase === 'cold')
    if (firstCold)
      expect(
        plan.steps.slice(0, plan.steps.indexOf(firstCold) + 1).some((s) => s.waitMinutes > 50),
      ).toBe(true)
  })
  it('leaves out what this vehicle does not have', () => {
    expect(mayHave(told.vehicle.profile, checkOf('clutch-hot')!.needs)).toBe(false)
    for (const policy of POLICIES)
      expect(makePlan(belief, told, policy).steps.map((s) => s.check)).not.toContain('clutch-hot')
  })
  it('knows five policies, that differ: press first presses, ask first does not press an overheating minibus', () => {
    expect(POLICIES.length).toBe(5)
    expect(
      makePlan(belief, told, 'press-first')
        .steps.slice(0, 3)
        .map((s) => s.check),
    ).toEqual(['level-and-condition', 'cap', 'pressure-hold'])
    expect(makePlan(belief, told, 'ask-first').steps.map((s) => s.check)).not.toContain(
      'pressure-hold',
    )
    expect(makePlan(belief, told, 'follow-pattern').steps.map((s) => s.check)).not.toContain(
      'leak-trace',
    )
    expect(makePlan(belief, told, 'bleed-first').steps[0]!.check).toBe('level-and-condition')
  })
  it('proposes nothing where the lead is shown and nothing else is likely', () => {
    const done = load('data/vignettes/open/coolant-loss-cap-wrong.json')
    const { belief, assessment } = believe(done)
    expect(makePlan(belief, done, 'certainty', assessment.facts).steps).toEqual([])
  })
  it('goes on beside a lead that is shown while a second suspect is open', () => {
    const done = load('data/vignettes/open/coolant-loss-upper-hose.json')
    const { belief, assessment } = believe(done)
    const [first, second] = belief.faults.toSorted((a, b) => b - a)
    expect(first).toBeGreaterThan(0.9)
    expect(second).toBeGreaterThan(0.1)
    expect(makePlan(belief, done, 'certainty', assessment.facts).steps[0]!.check).toBe('look-round')
  })
  it('shows a likely lead first, by what can be done at once; what makes one wait takes a likelier one', () => {
    for (const { name, input } of DEMO) {
      const believed = believe(input)
      const ranked = rankBelieved(believed, input)
      const { prove } = ranked
      const { steps } = makePlan(believed.belief, input, 'certainty', believed.assessment.facts)
      expect(steps.slice(0, prove.length).map(({ check }) => check)).toEqual(prove)
      const state = caseStateOf(input)
      const onScreen = nextSteps(ranked, state).map(({ check }) => check)
      if (state.closed) expect(onScreen, name).toEqual([])
      else {
        const { repeat } = ranked
        const first = [...repeat, ...prove.filter((check) => !repeat.includes(check))]
        expect(onScreen.slice(0, first.length), name).toEqual(first)
        const toFind = steps.filter(({ whileOut }) => !whileOut)
        if (first.length === 0) expect(onScreen[0], name).toBe(toFind[0]?.check)
      }
      const lead = Math.max(...believed.belief.faults)
      if (lead < 0.25) expect(prove).toEqual([])
    }
    expect(DEMO.length).toBeGreaterThan(10)
  })
  it('finds no more in a check than there is to find, however many of its signs tell something', () => {
    const believed = believe(told)
    const prediction = predictionOf(believed.belief)
    const planned = plannedOf(believed.belief, told)
    const all = entropyBits(prediction.weights)
    for (const check of possibleChecks(planned)) {
      const signs = openSigns(check, planned)
      const unknown = prediction.unknownIn(prediction.weights)
      const each = signs.map((sign) => prediction.bits(unknown, sign))
      const bits = openBits({}, signs, prediction, unknown)
      expect(bits).toBeLessThanOrEqual(
        Math.min(
          all,
          each.reduce((a, b) => a + b, 0),
        ) + 1e-9,
      )
      expect(bits).toBeGreaterThanOrEqual(Math.max(0, ...each) - 1e-9)
    }
  })
  it('every check of the cost table has minutes, signs and a reason', () => {
    for (const c of ALL_CHECKS) {
      expect(c.minutes, c.id).toBeGreaterThan(0)
      expect(CHECK_WORDS[c.id].why.length, c.id).toBeGreaterThan(5)
    }
  })
})

describe('what a check would tell', () => {
  const { belief } = believe(told)
  const prediction = new Prediction(belief, 800)
  it('predictions are probabilities, and information is never more than is left to know', () => {
    for (const sign of belief.model.signs.all()) {
      const shown = prediction.of(sign)
      for (let i = 0; i < 20; i++) {
        const row = sign.sign.states.map((_, j) => chanceIn(shown, i, j))
        expect(row.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9)
      }
      const bits = setBits(prediction.weights, shown)
      expect(bits).toBeGreaterThanOrEqual(0)
      expect(bits).toBeLessThanOrEqual(entropyBits(prediction.weights) + 1e-9)
    }
  })
  it('a sign that no set changes tells nothing', () => {
    const even = Float64Array.of(0.5, 0.5)
    const two = Uint16Array.of(0, 1)
    expect(setBits(even, shownOf(2, two, Float64Array.of(0.3, 0.7, 0.3, 0.7)))).toBeCloseTo(0, 12)
    expect(setBits(even, shownOf(2, two, Float64Array.of(1, 0, 0, 1)))).toBeCloseTo(1, 12)
    expect(setBits(even, shownOf(2, Uint16Array.of(0, 0), Float64Array.of(0.3, 0.7)))).toBeCloseTo(
      0,
      12,
    )
  })
})

describe('test or replace, and is it enough to order', () => {
  it('a cheap part of a likely fault is changed, a dear one tested first', () => {
    const { belief, assessment } = believe(seam)
    const rows = testOrReplace(belief, seam, assessment.facts)
    const radiator = rows.find((r) => r.fault === 'radiator-seam-leak')!
    expect(radiator.advice).toBe('test')
    expect(radiator.expectedTestFirst!).toBeLessThan(radiator.expectedReplaceFirst)
    expect(radiator.enoughToOrder).toBe(false)
    expect(radiator.guardsOpen.length).toBeGreaterThan(0)
  })
  it('enough means probability, guards and cost together', () => {
    const proven = load('data/vignettes/open/coolant-loss-upper-hose.json')
    const { belief, assessment } = believe(proven)
    const hose = testOrReplace(belief, proven, assessment.facts)[0]!
    expect(hose.fault).toBe('upper-hose-leak')
    expect(hose.enoughToOrder).toBe(true)
    expect(testOrReplace(belief, proven, new Set())[0]!.enoughToOrder).toBe(false)
  })
  it('the shop’s prices turn the advice: a part that costs nothing is changed, a dear one is tested', () => {
    const { belief, assessment } = believe(seam)
    const priced = (price: number, hourlyRate: number) =>
      testOrReplace(belief, seam, assessment.facts, {
        hourlyRate,
        parts: { 'radiator-seam-leak': price },
      }).find((r) => r.fault === 'radiator-seam-leak')!
    expect(priced(5000, 80).advice).toBe('test')
    expect(priced(5000, 80).replaceCost).toBeCloseTo(5000 + 2 * 80, 6)
    expect(priced(1, 80).expectedReplaceFirst).toBeLessThan(priced(5000, 80).expectedReplaceFirst)
  })
})

describe('what the lead hangs on', () => {
  it('the pivot is an open answer that would put another fault in the lead', () => {
    const { belief } = believe(seam)
    const pivot = pivotAnswer(belief, seam)!
    expect(pivot.newLead).not.toBe('radiator-seam-leak')
    expect(belief.readings.map((r) => r.sign)).not.toContain(pivot.sign)
    expect(pivot.newLeadProbability).toBeGreaterThan(0.3)
  })
  it('a proven case keeps its lead under every shift of one level, a doubtful one is said to hang on few', () => {
    const proven = stabilityOf(
      believe(load('data/vignettes/open/coolant-loss-upper-hose.json')).belief,
    )
    expect(proven.keeps).toBe(1)
    expect(proven.shifts).toBeGreaterThan(50)
    const doubtful = stabilityOf(believe(told).belief)
    expect(doubtful.keeps).toBeLessThan(1)
    for (const u of doubtful.upsets)
      expect(u.lead).not.toBe(
        believe(told).belief.model.faults[
          believe(told).belief.faults.indexOf(Math.max(...believe(told).belief.faults))
        ]!.id,
      )
  })
})
