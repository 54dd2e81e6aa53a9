import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { inputOf } from '../diagnosis/case-of.fixture'
import type { CaseInput } from '../record/case-input'
import { auditOf, type AuditRow, withinBudget } from './audit'
import { AUDIT_PARTS, DEFAULT_LIVES, lifeOf, shopLives } from './lives'
import { failsInYear, failsWithin } from './risk'

const at = '2026-11-20T10:00:00.000Z'
const ID = (n: number) => `0196aaaa-0000-7000-8000-0000000000${n}`
const vehicle = (year?: number, kilometres?: number, profile = {}): CaseInput => {
  const input = inputOf([], { complaint: 'inspection', profile })
  return {
    ...input,
    at,
    vehicle: {
      ...input.vehicle,
      ...(year === undefined ? {} : { year }),
      ...(kilometres === undefined ? {} : { kilometres }),
    },
  }
}
const withRecord = (input: CaseInput, kind: string, data: object): CaseInput => ({
  ...input,
  records: [
    ...input.records,
    { id: ID(10 + input.records.length), by: ID(99), observedAt: at, kind, data } as never,
  ],
})
const row = (input: CaseInput, part: string): AuditRow =>
  auditOf(input).find((one) => one.part === part)!

describe('the chance that something fails within a time', () => {
  it('is a half at its life from new, rises with age, and lies between none and all', () => {
    expect(failsWithin(0, 8, 8)).toBeCloseTo(0.5, 12)
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 40, noNaN: true }),
        fc.double({ min: 0, max: 5, noNaN: true }),
        fc.double({ min: 1, max: 30, noNaN: true }),
        (age, further, life) => {
          const now = failsWithin(age, further, life)
          expect(now).toBeGreaterThanOrEqual(0)
          expect(now).toBeLessThanOrEqual(1)
          expect(failsWithin(age + 1, further, life)).toBeGreaterThanOrEqual(now - 1e-12)
          // Failing in two steps is failing in one.
          const first = failsWithin(age, further / 2, life)
          const then = failsWithin(age + further / 2, further / 2, life)
          expect(1 - (1 - first) * (1 - then)).toBeCloseTo(now, 9)
        },
      ),
    )
  })
})

describe('the chance that it fails within a year, where nobody knows what was renewed', () => {
  it('is that of the first one in a young vehicle, and one in so many years in an old one', () => {
    expect(failsInYear(2, 12)).toBeCloseTo(failsWithin(2, 1, 12) * (1 - failsWithin(0, 2, 12)), 2)
    for (const life of [5, 8, 12]) expect(failsInYear(50, life)).toBeCloseTo(1 / life, 2)
  })
  it('is never more than that of one that is known to be as old as the vehicle, by much', () => {
    for (const years of [1, 5, 10, 20])
      expect(failsInYear(years, 10)).toBeLessThanOrEqual(failsWithin(years, 1, 10) + 0.02)
  })
})

describe('a preventive audit', () => {
  it('an older vehicle has more to renew than one that is nearly new, and one that nobody knows is taken for ten years', () => {
    for (const part of AUDIT_PARTS) {
      const [young, old] = [2025, 2004].map((year) => row(vehicle(year), part).risk)
      expect(old).toBeGreaterThan(3 * young!)
    }
    expect(row(vehicle(), 'pump')).toMatchObject({ years: 10, ageFrom: 'assumed' })
    expect(row(vehicle(2016), 'pump')).toMatchObject({ years: 10, ageFrom: 'vehicle' })
  })
  it('of years and distance the one that is further on counts', () => {
    const few = row(vehicle(2022, 40_000), 'pump').risk
    const many = row(vehicle(2022, 320_000), 'pump').risk
    expect(many).toBeGreaterThan(3 * few)
    const truck = row(vehicle(2022, 320_000, { heavyDiesel: true }), 'pump').risk
    expect(truck).toBeLessThan(many / 2)
  })
  it('what was renewed counts from then, by earlier work with its year or by a repair of this case', () => {
    const old = vehicle(2008, 220_000)
    const told = withRecord(old, 'earlier-work.renewed', {
      part: 'thermostat',
      by: 'keeper',
      complaintAfter: 'not-known',
      year: 2024,
    })
    expect(row(told, 'thermostat')).toMatchObject({ years: 2, ageFrom: 'renewed' })
    expect(row(told, 'thermostat').risk).toBeLessThan(row(old, 'thermostat').risk / 3)
    const repaired: CaseInput = {
      ...old,
      events: [
        {
          id: ID(50),
          by: ID(99),
          observedAt: at,
          kind: 'repaired',
          data: { faults: ['pump-seal-leak'] },
        },
      ],
    }
    expect(row(repaired, 'pump').risk).toBeLessThan(0.01)
    expect(row(repaired, 'radiator').risk).toBe(row(old, 'radiator').risk)
  })
  it('what was seen worn is likelier to go, what was looked at and found sound less so', () => {
    const young = vehicle(2021)
    const look = (wear: string[]) =>
      withRecord(young, 'look-round.part', {
        part: 'upper-hose',
        seen: 'dry',
        pressed: false,
        wear,
      })
    expect(row(look(['cracked']), 'upper-hose')).toMatchObject({ condition: 'worn', risk: 0.6 })
    expect(row(look([]), 'upper-hose').risk).toBeLessThan(row(young, 'upper-hose').risk)
    expect(row(look(['cracked']), 'lower-hose').condition).toBeUndefined()
  })
  it('leaves out what the vehicle does not have, and puts first what is worth most', () => {
    const parts = (profile: object) =>
      auditOf(vehicle(2010, 150_000, profile)).map(({ part }) => part)
    expect(parts({ pumpDrive: 'electric', fan: 'electric-relay' })).not.toContain('belt')
    expect(parts({ pumpDrive: 'electric', fan: 'electric-relay' })).not.toContain('fan-clutch')
    expect(parts({ fan: 'viscous-clutch' })).not.toContain('fan-motor')
    const worth = auditOf(vehicle(2010, 150_000)).map((one) => one.worth)
    expect(worth).toEqual(worth.toSorted((a, b) => b - a))
  })
  it('a budget is never spent beyond, and a larger one buys no less', () => {
    const rows = auditOf(vehicle(2006, 260_000))
    const spent = (hours: number) =>
      withinBudget(rows, hours).reduce((sum, one) => sum + one.costHours, 0)
    fc.assert(
      fc.property(fc.double({ min: 0, max: 60, noNaN: true }), (hours) => {
        expect(spent(hours)).toBeLessThanOrEqual(hours + 1e-9)
      }),
    )
    expect(withinBudget(rows, 0)).toEqual([])
    expect(withinBudget(rows, 100).length).toBeGreaterThan(withinBudget(rows, 3).length)
    expect(withinBudget(auditOf(vehicle(2026)), 100)).toEqual([])
  })
  it('lives are the shop’s where it has set them, and figures that cannot be are refused', () => {
    expect(lifeOf('belt', {}, {})).toEqual(DEFAULT_LIVES.belt)
    const own = shopLives.parse({ belt: { years: 4, kilometres: 60_000 } })
    expect(lifeOf('belt', {}, own).years).toBe(4)
    const [shorter, usual] = [own, {}].map(
      (lives) => auditOf(vehicle(2021), lives).find(({ part }) => part === 'belt')!.risk,
    )
    expect(shorter).toBeGreaterThan(usual!)
    for (const bad of [
      { belt: { years: -1, kilometres: 1 } },
      { wheel: { years: 1, kilometres: 5_000 } },
    ])
      expect(shopLives.safeParse(bad).success).toBe(false)
  })
})
