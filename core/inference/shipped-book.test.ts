import { describe, expect, it } from 'vitest'
import { BOOK } from '../knowledge/book'
import { LEVELS, PRIORS } from '../knowledge/levels'
import { Belief } from './belief'
import { buildModel, canExist } from './model'

describe('the shipped book', () => {
  it('ranks at least 15 faults over at least 12 signs, each level with a reason', () => {
    expect(BOOK.faults.length).toBeGreaterThanOrEqual(15)
    expect(BOOK.signs.length).toBeGreaterThanOrEqual(12)
    const known = new Set(BOOK.signs.map((s) => s.id))
    for (const fault of BOOK.faults) {
      expect(fault.guards.length, fault.id).toBeGreaterThan(0)
      for (const effect of fault.effects) {
        expect(known.has(effect.sign), `${fault.id} ${effect.sign}`).toBe(true)
        expect(effect.because.length).toBeGreaterThan(4)
        const states = BOOK.signs.find((s) => s.id === effect.sign)!.states
        const ladder = states
          .slice(1)
          .map((s) => (effect.atLeast[s] ? LEVELS[effect.atLeast[s]] : 0))
        expect(
          [...ladder].sort((a, b) => b - a),
          `${fault.id} ${effect.sign}`,
        ).toEqual(ladder)
        for (const state of Object.keys(effect.atLeast))
          expect(states, `${fault.id} ${effect.sign}`).toContain(state)
      }
      for (const link of fault.links) expect(BOOK.faults.some((f) => f.id === link.to)).toBe(true)
    }
  })
  it.each(['coolant-loss', 'overheats', 'no-heat'] as const)(
    'without readings each marginal is the prior: %s',
    (complaint) => {
      const m = buildModel(BOOK, complaint, {})
      const all = new Belief(m, [])
      m.faults.forEach((f, i) =>
        expect(all.faults[i]!, f.id).toBeCloseTo(PRIORS[f.prior[complaint]], 12),
      )
      const { none } = all.weights
      expect(all.counts.total).toBeCloseTo(1, 12)
      expect(none).toBeCloseTo(0.03, 12)
    },
  )
  it('what faults that cannot exist would have had is shared among the others, for every profile', () => {
    const without = {
      oilCooler: false,
      egrCooler: false,
      turboCooled: false,
      fan: 'electric-relay' as const,
    }
    for (const complaint of ['coolant-loss', 'overheats', 'no-heat'] as const) {
      const m = buildModel(BOOK, complaint, without)
      const total = BOOK.faults.reduce((a, f) => a + PRIORS[f.prior[complaint]], 0)
      expect(m.faults.length).toBeLessThan(BOOK.faults.length)
      expect(new Belief(m, []).faults.reduce((a, b) => a + b, 0)).toBeCloseTo(total, 9)
    }
  })
  it('the shop’s confirmed cases move a prior by counting, the book weighing 40 cases', () => {
    const book = buildModel(BOOK, 'coolant-loss', {})
    const shop = buildModel(
      BOOK,
      'coolant-loss',
      {},
      { shop: { cases: 10, confirmed: { 'core-plug-leak': 5 } } },
    )
    const plug = book.faultIndex.get('core-plug-leak')!
    const seam = book.faultIndex.get('radiator-seam-leak')!
    expect(new Belief(shop, []).faults[plug]!).toBeCloseTo((40 * book.prior[plug]! + 5) / 50, 10)
    expect(shop.prior[seam]!).toBeLessThan(book.prior[seam]!)
  })
  it('priors that sets of so few faults cannot carry are refused', () => {
    const one = {
      ...BOOK,
      faults: BOOK.faults.slice(0, 1),
      nothingAtAll: { 'coolant-loss': 0.9, overheats: 0.9, 'no-heat': 0.9 },
    }
    expect(() =>
      buildModel(
        {
          ...one,
          faults: one.faults.map((f) => ({
            ...f,
            prior: { ...f.prior, 'coolant-loss': 'everyFourth' as const },
          })),
        },
        'coolant-loss',
        {},
      ),
    ).toThrow(RangeError)
  })
  it('a fault exists unless the profile is known to exclude it', () => {
    const egr = BOOK.faults.find((f) => f.id === 'egr-cooler-internal')!
    expect(canExist(egr, {})).toBe(true)
    expect(canExist(egr, { egrCooler: 'not-known' })).toBe(true)
    expect(canExist(egr, { egrCooler: false })).toBe(false)
  })
})
