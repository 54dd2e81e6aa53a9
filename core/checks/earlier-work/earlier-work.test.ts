import { describe, expect, it } from 'vitest'
import type { SignReading } from '../../inference/sign-reading'
import { Belief } from '../../inference/belief'
import { buildModel } from '../../inference/model'
import { BOOK } from '../../knowledge/book'
import { RENEWAL_SIGNS } from '../../knowledge/renewals'
import { RENEWABLE } from '../../vehicle/renewable'
import { outcome } from '../check.fixture'
import { earlierWorkCheck } from './check'
import type { HoldTold, Renewed } from './record'

const hot = buildModel(BOOK, 'overheats', { fan: 'viscous-clutch' })
const loss = buildModel(BOOK, 'coolant-loss', {})
const renewed = (more: Partial<Renewed>) =>
  outcome(earlierWorkCheck, 'earlier-work.renewed', {
    part: 'thermostat',
    by: 'another-shop',
    complaintAfter: 'unchanged',
    ...more,
  })
const hold = (told: HoldTold['told']) =>
  outcome(earlierWorkCheck, 'earlier-work.hold', { told, by: 'another-shop' })
const chance = (model: typeof hot, readings: { signs: readonly SignReading[] }, id: string) =>
  new Belief(
    model,
    readings.signs.map((s) => ({ ...s, epoch: 0 })),
  ).faults[model.faultIndex.get(id)!]!
const NOTHING = { signs: [] }

describe('a part that was renewed before', () => {
  it('is hardly the cause where the complaint stayed', () => {
    const before = chance(hot, NOTHING, 'thermostat-stuck-closed')
    expect(chance(hot, renewed({}), 'thermostat-stuck-closed')).toBeLessThan(0.35 * before)
    expect(chance(hot, renewed({}), 'pump-impeller-loose')).toBeGreaterThan(
      chance(hot, NOTHING, 'pump-impeller-loose'),
    )
  })
  it('is not cleared of what a new part can be too: the wrong rating, a new cap for another place', () => {
    expect(chance(hot, renewed({}), 'thermostat-wrong-rating')).toBeGreaterThan(
      chance(hot, NOTHING, 'thermostat-wrong-rating'),
    )
  })
  it('is suspected where the complaint was better, and a little where it came back', () => {
    const of = (complaintAfter: Renewed['complaintAfter']) =>
      chance(hot, renewed({ part: 'fan-clutch', complaintAfter }), 'fan-clutch-slipping')
    expect(of('better')).toBeGreaterThan(of('came-back'))
    expect(of('came-back')).toBeGreaterThan(of('not-known'))
    expect(of('not-known')).toBe(chance(hot, NOTHING, 'fan-clutch-slipping'))
  })
  it('counts for less, the less is known of who did it', () => {
    const of = (by: Renewed['by']) => chance(hot, renewed({ by }), 'thermostat-stuck-closed')
    expect(of('this-shop')).toBeLessThan(of('another-shop'))
    expect(of('another-shop')).toBeLessThan(of('keeper'))
    expect(of('keeper')).toBeLessThan(of('not-known'))
  })
  it('asks what kills it where it came back', () =>
    expect(renewed({ complaintAfter: 'came-back' }).notes[0]?.id).toBe('earlierWork.whatKillsIt'))
  it('has a sign and a fault for every part', () => {
    expect(RENEWAL_SIGNS.map(({ id }) => id)).toEqual(RENEWABLE.map((p) => `helped-by-new-${p}`))
    for (const { id } of RENEWAL_SIGNS)
      expect(
        BOOK.faults.filter(({ effects }) => effects.some(({ sign }) => sign === id)),
        id,
      ).not.toEqual([])
  })
})

describe('a hold that was told of', () => {
  it('speaks for a leak the louder, the faster it fell', () => {
    const of = (told: HoldTold['told']) => chance(loss, hold(told), 'radiator-core-leak')
    expect(of('held')).toBeLessThan(chance(loss, NOTHING, 'radiator-core-leak'))
    expect(of('fell')).toBeGreaterThan(of('crept-down'))
    expect(of('crept-down')).toBeGreaterThan(of('held'))
  })
  it('is to be pressed again where it held, with figures', () =>
    expect(hold('held').notes[0]?.id).toBe('earlierWork.pressItAgain'))
})
