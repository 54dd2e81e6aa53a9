import { expect, it } from 'vitest'
import { BOOK } from './book'
import { isLasting } from './lasting'

const lasting = BOOK.faults.filter(isLasting).map(({ id }) => id)

it('what is broken lasts through a refill; what lets coolant out, or went with it, does not', () => {
  expect(lasting).toContain('thermostat-stuck-open')
  expect(lasting).toContain('radiator-restricted')
  expect(lasting).toContain('blend-door-stuck')
  for (const cured of ['trapped-air', 'low-coolant', 'coolant-wrong', 'pump-seal-leak', 'cap-weak'])
    expect(lasting).not.toContain(cured)
})

it('a complaint that went with a refill speaks against each of them', () => {
  const cured = BOOK.signs.find(({ id }) => id === 'cured-by-refill')!
  const against = cured.overrides!.map(({ by }) => by)
  expect(lasting.filter((id) => !against.includes(id))).toEqual([])
})
