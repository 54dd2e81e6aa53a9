import { describe, expect, it } from 'vitest'
import { BOOK } from '../knowledge/book'
import { draftLines } from './draft'
import type { ShopPrices } from './prices'
import { minutesOf, WAYS, wayOf, waysOf } from './ways'

const PRICES: ShopPrices = {
  currency: 'EUR',
  taxPercent: 20,
  hourlyRate: 100,
  concentratePerLitre: 6,
  waterPerLitre: 1,
  validDays: 14,
}
const fault = (id: string) => BOOK.faults.find((one) => one.id === id)!
const mendable = BOOK.faults.filter(({ id }) => waysOf(id).length > 0)

describe('ways to put a part right', () => {
  it('are of faults of the book, each way once, in one order, with the new part among them', () => {
    expect(mendable.length).toBeGreaterThan(10)
    for (const { id } of mendable) {
      const ids = waysOf(id).map((way) => way.id)
      expect(ids).toContain('new')
      expect(ids).toEqual(WAYS.filter((way) => ids.includes(way)))
      expect(ids.length).toBeGreaterThan(1)
    }
  })
  it('cost less and last shorter mended, cost more and last longer of a better make', () => {
    for (const { id } of mendable)
      for (const { id: way, partShare, lifeShare } of waysOf(id)) {
        if (way === 'mend' || way === 'recore')
          expect([partShare < 1, lifeShare < 1]).toEqual([true, true])
        if (way === 'better') expect([partShare > 1, lifeShare > 1]).toEqual([true, true])
      }
  })
  it('are the new part where none is chosen, or one that does not exist', () => {
    expect(wayOf('radiator-core-leak', undefined).id).toBe('new')
    expect(wayOf('expansion-tank-leak', 'recore').id).toBe('new')
    expect(wayOf('cap-weak', 'mend').id).toBe('new')
  })
})

describe('a quote by a way', () => {
  const lines = (way?: 'mend' | 'better') =>
    draftLines([fault('pump-seal-leak')], {
      profile: {},
      prices: PRICES,
      ways: way ? { 'pump-seal-leak': way } : {},
    }).lines
  const part = (way?: 'mend' | 'better') => lines(way).find(({ kind }) => kind === 'part')!
  const own = (way?: 'mend' | 'better') =>
    lines(way).find(({ kind, fault: of }) => kind === 'labour' && of !== undefined)!

  it('prices its part and its own labour by the way', () => {
    expect(part('better').unitPrice / part().unitPrice).toBeCloseTo(1.4, 2)
    expect(part('mend').unitPrice / part().unitPrice).toBeCloseTo(0.55, 2)
    expect(own('mend').quantity).toBeGreaterThan(own().quantity)
    expect(part('mend').says.id).toBe('quote.line.part.mend')
  })
  it('leaves what must be opened for it as it is', () => {
    const shared = (way?: 'mend') =>
      lines(way).filter(({ kind, fault: of }) => kind === 'labour' && of === undefined)
    expect(shared('mend')).toEqual(shared())
  })
  it('minutes that are shared and those of its own are all that the book says', () => {
    for (const one of BOOK.faults) {
      const { own: alone, shared } = minutesOf(one)
      expect(alone + shared).toBe(one.cost.minutes)
      expect(alone, one.id).toBeGreaterThanOrEqual(0)
    }
  })
})
