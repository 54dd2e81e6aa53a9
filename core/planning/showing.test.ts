import { describe, expect, it } from 'vitest'
import { BOOK } from '../knowledge/book'
import { checksToMeet } from './showing'

const guardOf = (fault: string, guard: string) =>
  BOOK.faults.find(({ id }) => id === fault)!.guards.find(({ id }) => id === guard)!
const toMeet = (fault: string, guard: string, facts: string[] = [], profile = {}) =>
  checksToMeet(guardOf(fault, guard), new Set(facts), profile)

describe('the checks that would meet a guard', () => {
  it('those that show what is missing, and none where it is met', () => {
    expect(toMeet('cap-weak', 'cap-adapter')).toEqual(['cap'])
    expect(toMeet('cap-weak', 'cap-adapter', ['cap-bad'])).toEqual([])
    expect(toMeet('radiator-seam-leak', 'seen:radiator-seam')).toEqual(['leak-trace'])
  })
  it('of several ways the one with the least work, and only what is missing of it', () => {
    expect(toMeet('thermostat-stuck-closed', 'thermostat-shown-shut')).toEqual(['warm-up-run'])
    const open = 'thermostat-open-pump-delivers'
    expect(toMeet('radiator-restricted', open, ['air-side-clean'])).toEqual(['radiator-survey'])
    expect(toMeet('radiator-restricted', open)).toEqual(['radiator-survey', 'look-round'])
  })
  it('what several checks show together, each of them', () => {
    expect(toMeet('fan-clutch-slipping', 'clutch-hot-and-cold')).toEqual([
      'fan-by-hand',
      'clutch-hot',
    ])
    expect(toMeet('fan-clutch-slipping', 'clutch-hot-and-cold', ['clutch-cold-free'])).toEqual([
      'clutch-hot',
    ])
  })
  it('none that the vehicle has nothing for, and none where no check can show it', () => {
    const viscous = { fan: 'viscous-clutch' }
    expect(toMeet('fan-motor-dead', 'fed-and-dead', [], viscous)).toEqual([])
    expect(toMeet('unlisted-flow', 'all-excluded')).toEqual([])
  })
  it('every guard of every listed fault can be met by some', () => {
    const without = BOOK.faults
      .filter(({ group }) => group !== 'not-in-the-book')
      .flatMap(({ id, guards }) =>
        guards
          .filter((guard) => checksToMeet(guard, new Set(), {}).length === 0)
          .map((guard) => `${id} ${guard.id}`),
      )
    expect(without).toEqual([])
  })
})
