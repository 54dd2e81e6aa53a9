import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { BOOK } from './book'
import { bookWith } from './book-with'
import { changedBook, type ShopBook, shopBook, shopBookChange } from './shop-book'

const because = 'Salted roads'
const set = (...changes: object[]) =>
  changes.reduce<ShopBook>(
    (own, change) => changedBook(own, shopBookChange.parse({ because, ...change })),
    {},
  )
const faults = fc.constantFrom(...BOOK.faults.slice(0, 12).map(({ id }) => id))
const changes = fc.oneof(
  fc.record({
    of: fc.constant('prior' as const),
    fault: faults,
    complaint: fc.constantFrom('coolant-loss' as const, 'no-heat' as const),
    to: fc.constantFrom('rare' as const, 'common' as const, null),
  }),
  fc.record({
    of: fc.constant('repair' as const),
    fault: faults,
    to: fc.constantFrom(30, 240, null),
  }),
  fc.record({
    of: fc.constant('check' as const),
    check: fc.constantFrom('cap', 'mix'),
    to: fc.constantFrom(5, 60, null),
  }),
)

describe('what a shop has otherwise than the book', () => {
  it('is what was set last of each entry, and holds nothing that was given back', () => {
    fc.assert(
      fc.property(fc.array(changes, { maxLength: 12 }), (list) => {
        const own = set(...list)
        expect(shopBook.parse(own)).toEqual(own)
        const keyOf = ({ to: _, ...entry }: (typeof list)[number]) => JSON.stringify(entry)
        for (const change of list) {
          const { to } = list.findLast((other) => keyOf(other) === keyOf(change))!
          const now =
            change.of === 'prior'
              ? own.priors?.[change.complaint]?.[change.fault]
              : change.of === 'repair'
                ? own.repairMinutes?.[change.fault]
                : own.checkMinutes?.[change.check]
          expect(now ?? null).toBe(to)
        }
        if (list.every(({ to }) => to === null)) expect(own).toEqual({})
        expect(JSON.stringify(own)).not.toContain(':{}')
      }),
    )
  })
  it('stands in the book in place of what is written, and nowhere else', () => {
    const own = set(
      { of: 'prior', fault: 'cap-weak', complaint: 'overheats', to: 'everyFourth' },
      { of: 'repair', fault: 'cap-weak', to: 9 },
    )
    const book = bookWith(own)
    for (const [f, fault] of book.faults.entries()) {
      const written = BOOK.faults[f]!
      if (fault.id !== 'cap-weak') expect(fault).toBe(written)
      else
        expect(fault).toEqual({
          ...written,
          prior: { ...written.prior, overheats: 'everyFourth' },
          cost: { ...written.cost, minutes: 9 },
        })
    }
    expect(bookWith(JSON.parse(JSON.stringify(own)) as ShopBook)).toBe(book)
    expect(bookWith(undefined)).toBe(BOOK)
    expect(bookWith({ checkMinutes: { cap: 9 } })).toBe(BOOK)
  })
  it.each([
    ['without its reason', { of: 'check', check: 'cap', to: 20, because: ' ' }],
    ['in no time', { of: 'check', check: 'cap', to: 0 }],
    ['in half minutes', { of: 'repair', fault: 'cap-weak', to: 2.5 }],
    ['as common as no level is', { of: 'prior', fault: 'x', complaint: 'overheats', to: 'mostly' }],
    ['behind no complaint', { of: 'prior', fault: 'x', complaint: 'inspection', to: 'rare' }],
  ])('is not set %s', (_, change) => {
    expect(shopBookChange.safeParse({ because, ...change }).success).toBe(false)
  })
  it('is given back without a reason', () => {
    expect(shopBookChange.safeParse({ of: 'check', check: 'cap', to: null }).success).toBe(true)
  })
})
