import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { vignettes } from '../diagnosis/vignette.fixture'
import { Belief } from '../inference/belief'
import { buildModel } from '../inference/model'
import { BOOK_WEIGHT_CASES, MOST_MOVED, movedPrior, movedPriors } from '../inference/shop-prior'
import { BOOK } from '../knowledge/book'
import { writtenPrior } from '../knowledge/priors'
import { REPORTED_COMPLAINTS } from '../vehicle/complaint'
import { believe, leadOf } from '../diagnosis/rank-case'
import { beforeRepair, closedCaseOf } from './closed-case'
import { priorHere, priorsMoved } from './priors'
import { likeness, signWeight } from './similar'

const CLOSED = vignettes('open').map(({ file }) => file)
const learnt = CLOSED.map((file) => closedCaseOf(file)!)

describe('what a closed case teaches', () => {
  it('every vignette ends with its cause, and what was believed of it', () => {
    for (const one of learnt) {
      expect(one.lead.probability).toBeGreaterThan(0)
      expect(one.signs.length).toBeGreaterThan(0)
      if (one.outcome === 'cause-confirmed') expect(one.causes.length).toBeGreaterThan(0)
    }
    const inLead = learnt.filter(({ causes, lead }) => causes.includes(lead.fault)).length
    expect(inLead / learnt.length).toBeGreaterThan(0.9)
  })
  it('nothing while it is open, or open again; a comeback once it was closed twice', () => {
    const [file] = CLOSED
    const event = (kind: 'reopened' | 'closed', day: string, data: object) => ({
      id: `0197dddd-0000-7000-8000-0000000000${day}`,
      by: file!.case.openedBy,
      observedAt: `2027-01-${day}T09:00:00.000Z`,
      kind,
      data,
    })
    const again = [...file!.events, event('reopened', '02', {})] as (typeof CLOSED)[0]['events']
    expect(closedCaseOf({ ...file!, events: again })).toBeUndefined()
    const twice = [
      ...again,
      event('closed', '03', { outcome: 'not-found', causes: [] }),
    ] as typeof again
    const back = closedCaseOf({ ...file!, events: twice })!
    expect(back.isComeback).toBe(true)
    expect(back.outcome).toBe('not-found')
    expect(back.causeProbability).toBeUndefined()
    expect(closedCaseOf(file!)!.isComeback).toBe(false)
  })
  it('what was believed is what stood before the first repair', () => {
    const [file] = CLOSED
    const last = file!.records.map(({ observedAt }) => observedAt).sort()[0]!
    const repaired = {
      id: '0197dddd-0000-7000-8000-000000000077',
      by: file!.case.openedBy,
      observedAt: last,
      kind: 'repaired' as const,
      data: { faults: ['cap-weak'] },
    }
    const cut = beforeRepair({ ...file!, events: [...file!.events, repaired] })
    expect(cut.records).toEqual([])
    expect(believe(cut).assessment.readings).toEqual([])
  })
  it('a check that told of the cause paid, and one that told nothing did not', () => {
    const paid = learnt.flatMap(({ checks }) => checks)
    expect(paid.some(({ decibans }) => decibans > 5)).toBe(true)
    for (const { decibans, minutes } of paid) {
      expect(Number.isFinite(decibans)).toBe(true)
      expect(minutes).toBeGreaterThan(0)
    }
  })
})

describe('how alike two cases are', () => {
  const signs = fc.uniqueArray(fc.constantFrom('a:yes', 'b:no', 'c:low', 'd:yes', 'e:no'))
  const weights = { 'a:yes': 4, 'b:no': 0.1, 'c:low': 2, 'd:yes': 1, 'e:no': 0.5 }
  const weightOf = (sign: string) => weights[sign as keyof typeof weights]
  it('is the same both ways, one with itself, and nothing where nothing is shared', () => {
    fc.assert(
      fc.property(signs, signs, (a, b) => {
        const alike = likeness(a, b, weightOf)
        expect(alike).toBeCloseTo(likeness(b, a, weightOf), 12)
        expect(alike).toBeGreaterThanOrEqual(0)
        expect(alike).toBeLessThanOrEqual(1)
        if (a.length > 0) expect(likeness(a, a, weightOf)).toBeCloseTo(1, 12)
        if (!a.some((sign) => b.includes(sign))) expect(alike).toBe(0)
      }),
    )
  })
  it('a rare sign in common weighs more than a common one', () => {
    const rare = likeness(['a:yes', 'b:no'], ['a:yes', 'd:yes'], weightOf)
    const common = likeness(['a:yes', 'b:no'], ['b:no', 'd:yes'], weightOf)
    expect(rare).toBeGreaterThan(common)
    expect(signWeight(1, 1000)).toBeGreaterThan(signWeight(500, 1000))
    expect(signWeight(1000, 1000)).toBe(0)
  })
})

describe('what the shop has confirmed', () => {
  it('moves a prior towards its own share, and never by more than the stated factor', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.001, max: 0.3, noNaN: true }),
        fc.nat(5000),
        fc.nat(5000),
        (written, cases, some) => {
          const confirmed = Math.min(some, cases)
          const moved = movedPrior(written, 'x', { cases, confirmed: { x: confirmed } })
          expect(moved).toBeLessThanOrEqual(written * MOST_MOVED + 1e-12)
          expect(moved).toBeGreaterThanOrEqual(written / MOST_MOVED - 1e-12)
          if (cases > 0 && confirmed / cases > written)
            expect(moved).toBeGreaterThanOrEqual(written)
        },
      ),
    )
    expect(movedPrior(0.1, 'x', undefined)).toBe(0.1)
    expect(BOOK_WEIGHT_CASES).toBe(40)
  })
  it('whatever was confirmed, all priors together stay what they are, and every case can be ranked', () => {
    const ids = BOOK.faults.map(({ id }) => id)
    fc.assert(
      fc.property(
        fc.constantFrom(...REPORTED_COMPLAINTS),
        fc.nat(5000),
        fc.uniqueArray(fc.constantFrom(...ids), { maxLength: 6 }),
        (complaint, cases, causes) => {
          // Every case closed on each of the causes, or on none.
          const shop = { cases, confirmed: Object.fromEntries(causes.map((id) => [id, cases])) }
          const written = BOOK.faults.map((fault) => writtenPrior(fault, complaint))
          const moved = movedPriors(written, ids, shop)
          const sum = (list: readonly number[]) => list.reduce((total, p) => total + p, 0)
          expect(sum(moved)).toBeCloseTo(sum(written), 9)
          moved.forEach((p, f) => {
            expect(p).toBeLessThanOrEqual(written[f]! * MOST_MOVED + 1e-12)
            expect(p).toBeGreaterThanOrEqual(written[f]! / MOST_MOVED - 1e-12)
          })
          const model = buildModel(BOOK, complaint, {}, { shop })
          expect(new Belief(model, []).faults.every((p) => p >= 0 && p < 1)).toBe(true)
        },
      ),
      { numRuns: 40 },
    )
  })
  it('moves the ranking, and shows by how much', () => {
    const file = CLOSED.find(({ case: { complaint } }) => complaint === 'overheats')!
    const vehicle = { ...file.vehicle, profile: { fan: 'electric-relay' as const } }
    const plain = { ...file, vehicle, records: [], events: [] }
    const shop = { cases: 30, confirmed: { 'fan-relay-dead': 20 } }
    const [before, after] = [plain, { ...plain, experience: { overheats: shop } }].map((input) => {
      const { belief, model } = believe(input)
      return belief.faults[model.faultIndex.get('fan-relay-dead')!]!
    })
    const elsewhere = { ...plain, experience: { 'no-heat': shop } }
    expect(leadOf(elsewhere)).toEqual(leadOf(plain))
    expect(priorHere('fan-relay-dead', 'overheats', shop)!.confirmed).toBe(20)
    expect(priorHere('cap-weak', 'overheats', shop)!.moved).toBeLessThan(
      priorHere('cap-weak', 'overheats', shop)!.written,
    )
    expect(priorHere('cap-weak', 'overheats', undefined)).toBeUndefined()
    const [moved] = priorsMoved('overheats', shop)
    expect(moved).toMatchObject({ fault: 'fan-relay-dead', confirmed: 20 })
    expect(moved!.moved / moved!.written).toBeGreaterThan(2)
    expect(after!).toBeGreaterThan(1.5 * before!)
  })
})
