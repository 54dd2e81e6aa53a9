import { describe, expect, it } from 'vitest'
import { inputOf } from '../diagnosis/case-of.fixture'
import { BOOK } from '../knowledge/book'
import { adviceLines, alongWith } from './along'
import { auditOf } from './audit'
import { compareWays } from './compare-ways'
import { COMPONENTS } from './components'
import { DEFAULT_LIVES } from './lives'

const prices = {
  currency: 'EUR',
  taxPercent: 20,
  hourlyRate: 100,
  concentratePerLitre: 6,
  waterPerLitre: 1,
  validDays: 14,
}
const AT = '2026-11-20T10:00:00.000Z'
/** A car of so many years, of which nothing was renewed. */
function rowsOf(years: number) {
  const input = inputOf([], { complaint: 'inspection', profile: {} })
  return auditOf({ ...input, at: AT, vehicle: { ...input.vehicle, year: 2026 - years } })
}

describe('what is best renewed with a repair', () => {
  const old = rowsOf(14)
  it('shares its labour, and adds that much less than it costs alone', () => {
    const along = alongWith(['pump-seal-leak'], old)
    expect(along.length).toBeGreaterThan(0)
    for (const { row, addsHours, aloneHours } of along) {
      expect(aloneHours).toBe(row.costHours)
      expect(addsHours).toBeLessThan(aloneHours)
      expect(addsHours).toBeGreaterThan(0)
    }
  })
  it('is not what the repair renews already', () => {
    for (const fault of ['pump-seal-leak', 'thermostat-stuck-closed', 'radiator-core-leak'])
      for (const { row } of alongWith([fault], old))
        expect(COMPONENTS[row.part].renewedWith).not.toContain(fault)
  })
  it('is advised by its part at the book’s hours, and by the labour that it adds', () => {
    for (const along of alongWith(['pump-seal-leak', 'radiator-core-leak'], old)) {
      const lines = adviceLines(along, prices)
      const { partHours } = along.row.fault.cost
      expect(lines.map(({ kind }) => kind)).toEqual(partHours > 0 ? ['part', 'labour'] : ['labour'])
      expect(lines.every(({ need }) => need === 'advised')).toBe(true)
      const sum = lines.reduce((all, { quantity, unitPrice }) => all + quantity * unitPrice, 0)
      // Labour is asked for by the tenth of an hour, and never none.
      expect(Math.abs(sum - along.addsHours * prices.hourlyRate)).toBeLessThanOrEqual(
        0.1 * prices.hourlyRate,
      )
    }
  })
  it('is nothing where nothing is opened, and nothing on a new car', () => {
    expect(alongWith(['fan-relay-dead'], old)).toEqual([])
    expect(alongWith([], old)).toEqual([])
    expect(alongWith(['pump-seal-leak'], rowsOf(0))).toEqual([])
  })
  it('is never more than a few, what is worth most for what it adds first', () => {
    const along = alongWith(['radiator-core-leak', 'pump-seal-leak'], rowsOf(18))
    expect(along.length).toBeLessThanOrEqual(4)
    expect(new Set(along.map(({ row }) => row.part)).size).toBe(along.length)
  })
})

describe('ways beside each other', () => {
  const compared = (id: string, lives = {}) =>
    compareWays(
      BOOK.faults.find((fault) => fault.id === id)!,
      { prices, lives, profile: {} },
    )

  it('have the price of the new part as the book and the shop’s rate have it', () => {
    const fault = BOOK.faults.find(({ id }) => id === 'radiator-core-leak')!
    const made = compared('radiator-core-leak').find(({ id }) => id === 'new')!
    expect(made.price).toBeCloseTo((fault.cost.partHours + fault.cost.minutes / 60) * 100, 2)
    expect(made.lastsYears).toBe(DEFAULT_LIVES.radiator.years)
    expect(made.pricePerYear).toBeCloseTo(made.price / made.lastsYears!, 12)
  })
  it('last by what the shop has set', () => {
    const lives = { radiator: { years: 6, kilometres: 100_000 } }
    expect(compared('radiator-core-leak', lives).map(({ lastsYears }) => lastsYears)).toEqual(
      compared('radiator-core-leak').map(({ lifeShare }) => 6 * lifeShare),
    )
  })
  it('say no life of a part whose life nobody knows', () => {
    const [mended] = compared('head-cracked')
    expect(mended).toMatchObject({ id: 'mend' })
    expect(mended!.lastsYears).toBeUndefined()
  })
  it('are none where there is nothing to choose', () => expect(compared('cap-weak')).toEqual([]))
})
