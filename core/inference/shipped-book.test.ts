import { describe, expect, it } from 'vitest'
import { BOOK } from '../knowledge/book'
import { LEVELS } from '../knowledge/levels'
import { writtenPrior } from '../knowledge/priors'
import { COMPLAINTS } from '../vehicle/complaint'
import type { SystemProfile } from '../vehicle/profile'
import { Belief } from './belief'
import { buildModel, canExist } from './model'

const EVERY_EQUIPMENT: SystemProfile = {
  oilCooler: true,
  transmissionCooler: true,
  egrCooler: true,
  turboCooled: true,
  heavyDiesel: true,
  heatModule: true,
  heaterValve: true,
  auxHeaterPump: true,
  mapThermostat: true,
  switchablePump: true,
  electroViscous: true,
  grilleShutter: true,
}

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
  it.each(COMPLAINTS)('without readings each marginal is the prior: %s', (complaint) => {
    const m = buildModel(BOOK, complaint, {})
    const all = new Belief(m, [])
    m.faults.forEach((f, i) => expect(all.faults[i]!, f.id).toBeCloseTo(m.prior[i]!, 12))
    const { none } = all.weights
    expect(all.counts.total).toBeCloseTo(1, 12)
    expect(none).toBeCloseTo(BOOK.nothingAtAll[complaint], 12)
  })
  it.each(COMPLAINTS)(
    'of a vehicle with every equipment the priors are as written: %s',
    (complaint) => {
      const fan = BOOK.faults.filter((f) => f.needs?.fan === undefined && !f.needs?.pumpDrive)
      const m = buildModel({ ...BOOK, faults: fan }, complaint, EVERY_EQUIPMENT)
      m.faults.forEach((f, i) =>
        expect(m.prior[i]!, f.id).toBeCloseTo(writtenPrior(f, complaint), 12),
      )
    },
  )
  it('equipment that nobody asked about counts by how common it is', () => {
    const of = (profile: SystemProfile) => {
      const m = buildModel(BOOK, 'overheats', profile)
      return (id: string) => m.prior[m.faultIndex.get(id)!]!
    }
    const unknown = of({})
    expect(unknown('switchable-pump-off')).toBeLessThan(0.15 * unknown('pump-impeller-loose'))
    expect(of({ switchablePump: 'not-known' })('switchable-pump-off')).toBe(
      unknown('switchable-pump-off'),
    )
    const fitted = of({ switchablePump: true })
    expect(fitted('switchable-pump-off')).toBeGreaterThan(8 * unknown('switchable-pump-off'))
    const truck = of({ heavyDiesel: true })
    expect(truck('fan-clutch-slipping')).toBeGreaterThan(2 * unknown('fan-clutch-slipping'))
    expect(truck('fan-motor-dead')).toBeLessThan(unknown('fan-motor-dead'))
  })
  it('what faults that cannot exist would have had is shared among the others, for every profile', () => {
    const without = {
      oilCooler: false,
      egrCooler: false,
      turboCooled: false,
      fan: 'electric-relay' as const,
    }
    for (const complaint of COMPLAINTS) {
      const m = buildModel(BOOK, complaint, without)
      const total = BOOK.faults.reduce((a, f) => a + writtenPrior(f, complaint), 0)
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
      { shop: { cases: 10, confirmed: { 'core-plug-leak': 2 } } },
    )
    const plug = book.faultIndex.get('core-plug-leak')!
    const seam = book.faultIndex.get('radiator-seam-leak')!
    const sum = (list: Float64Array) => list.reduce((total, p) => total + p, 0)
    const counted = (40 * book.prior[plug]! + 2) / (40 * book.prior[seam]!)
    expect(shop.prior[plug]! / shop.prior[seam]!).toBeCloseTo(counted, 9)
    expect(sum(shop.prior)).toBeCloseTo(sum(book.prior), 9)
    expect(new Belief(shop, []).faults[plug]!).toBeCloseTo(shop.prior[plug]!, 10)
    expect(shop.prior[seam]!).toBeLessThan(book.prior[seam]!)
  })
  it('priors that sets of so few faults cannot carry are refused', () => {
    const one = {
      ...BOOK,
      faults: BOOK.faults.slice(0, 1),
      nothingAtAll: { 'coolant-loss': 0.9, overheats: 0.9, 'no-heat': 0.9, inspection: 0.9 },
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
