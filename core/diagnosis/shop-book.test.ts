import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { draftLines } from '../quote/draft'
import { auditOf } from '../audit/audit'
import { BOOK } from '../knowledge/book'
import { bookWith } from '../knowledge/book-with'
import type { ShopBook } from '../knowledge/shop-book'
import { PRIOR_NAMES } from '../knowledge/shop-book'
import { makePlan } from '../planning/plan'
import { nextSteps } from '../planning/next-step'
import { caseStateOf } from '../record/case-state'
import { readCaseFile } from '../record/read'
import { DEFAULT_POLICY } from '../vehicle/policy'
import { REPORTED_COMPLAINTS } from '../vehicle/complaint'
import { inputOf } from './case-of.fixture'
import { believe, modelFor, rankCase } from './rank-case'

const of = (name: string) => readCaseFile(readFileSync(`data/demo/cases/${name}.json`, 'utf8'))
const withBook = <T extends object>(input: T, book: ShopBook) => ({
  ...input,
  policy: { ...DEFAULT_POLICY, book },
})
const everywhere = (level: (typeof PRIOR_NAMES)[number], faults: readonly string[]) =>
  Object.fromEntries(
    REPORTED_COMPLAINTS.map((complaint) => [
      complaint,
      Object.fromEntries(faults.map((fault) => [fault, level])),
    ]),
  )
const ALL = BOOK.faults.map(({ id }) => id)

describe('what a lead has otherwise than the book', () => {
  const seam = of('01-minibus-radiator-seam')
  it('moves the ranking: a fault made commoner is likelier, the others together less likely', () => {
    for (const [at, level] of PRIOR_NAMES.entries()) {
      const book = { priors: everywhere(level, ['pump-seal-leak']) }
      const [here, before] = [believe(withBook(seam, book)), believe(seam)]
      const f = before.model.faultIndex.get('pump-seal-leak')!
      const written = PRIOR_NAMES.indexOf(BOOK.faults[f]!.prior['coolant-loss'])
      const more = here.model.prior[f]! - before.model.prior[f]!
      expect(Math.sign(more)).toBe(Math.sign(written - at))
      const sum = (prior: Float64Array) => prior.reduce((total, p) => total + p, 0)
      expect(sum(here.model.prior)).toBeCloseTo(sum(before.model.prior), 9)
      expect(Math.sign(here.belief.faults[f]! - before.belief.faults[f]!)).toBe(Math.sign(more))
    }
  })
  it.each(['everyFourth', 'exceptional'] as const)(
    'leaves a ranking possible where every fault is set to %s',
    (level) => {
      for (const complaint of [...REPORTED_COMPLAINTS, 'inspection'] as const) {
        const input = withBook(inputOf([], { complaint, profile: {} }), {
          priors: everywhere(level, ALL),
        })
        const { prior } = modelFor(input)
        expect(Math.max(...prior)).toBeLessThanOrEqual(0.6)
        expect(Math.min(...prior)).toBeGreaterThan(0)
        expect(rankCase(input).ranking.suspects[0]!.probability).toBeLessThan(0.6)
      }
    },
  )
  it('that no book knows says nothing', () => {
    const book = { priors: everywhere('common', ['long-gone']), checkMinutes: { 'long-gone': 3 } }
    expect([...believe(withBook(seam, book)).belief.faults]).toEqual([
      ...believe(seam).belief.faults,
    ])
  })
  it('moves what is next and the plan: a check that takes long here comes later, and says how long', () => {
    const input = inputOf([], { complaint: 'coolant-loss', profile: {} })
    const stepsOf = (one: typeof input) => nextSteps(rankCase(one), caseStateOf(one))
    const [first] = stepsOf(input)
    const slow = withBook(input, { checkMinutes: { [first!.check]: 1200 } })
    const [now] = stepsOf(slow)
    expect(now!.check).not.toBe(first!.check)
    const { belief, assessment } = believe(slow)
    for (const step of makePlan(belief, slow, 'certainty', assessment.facts).steps)
      expect(step.check).not.toBe(first!.check)
    const quick = withBook(input, { checkMinutes: { [first!.check]: 1 } })
    expect(stepsOf(quick)[0]).toMatchObject({ check: first!.check, minutes: 1 })
  })
  it('moves quote and audit: labour is what the repair takes here', () => {
    const book = { repairMinutes: { 'radiator-core-leak': 300, 'cap-weak': 1 } }
    const faultOf = (own: ShopBook | undefined, id: string) =>
      bookWith(own).faults.find((fault) => fault.id === id)!
    const prices = {
      currency: 'EUR',
      hourlyRate: 60,
      taxPercent: 19,
      validDays: 30,
      concentratePerLitre: 4,
      waterPerLitre: 1,
    }
    const hours = (own: ShopBook | undefined, id: string) =>
      draftLines([faultOf(own, id)], { profile: {}, prices })
        .lines.filter(({ kind }) => kind === 'labour')
        .reduce((sum, { quantity }) => sum + quantity, 0)
    expect(hours(book, 'radiator-core-leak')).toBeCloseTo(5, 1)
    expect(hours(undefined, 'radiator-core-leak')).not.toBeCloseTo(5, 1)
    expect(hours(book, 'cap-weak')).toBeGreaterThan(0)
    const costOf = (input: Parameters<typeof auditOf>[0]) =>
      auditOf(input).find(({ part }) => part === 'cap')!.costHours
    const input = inputOf([], { complaint: 'inspection', profile: {} })
    expect(costOf(withBook(input, book))).toBeLessThan(costOf(input))
  })
})
