import { describe, expect, it } from 'vitest'
import { ACCESS, coolantShare } from './access'
import { BOOK } from './book'

const faultOf = (id: string) => BOOK.faults.find((fault) => fault.id === id)

describe('work that repairs share', () => {
  it('is of faults that the book has, each once', () => {
    for (const { id, faults } of ACCESS) {
      for (const fault of faults) expect(faultOf(fault), `${id} ${fault}`).toBeDefined()
      expect(new Set(faults).size, id).toBe(faults.length)
    }
  })
  it('is less than each of the repairs takes', () => {
    for (const { id, cost } of BOOK.faults) {
      const shared = ACCESS.filter(({ faults }) => faults.includes(id))
      const minutes = shared.reduce((sum, access) => sum + access.minutes, 0)
      if (shared.length > 0) expect(minutes, id).toBeLessThan(cost.minutes)
    }
  })
  it('opens the loop wherever the front, the pump side or the head is opened for a part in it', () => {
    const opened = ACCESS[0]!.faults
    const dry = /^(condenser|shroud|fan|electro|blend)/
    for (const { id, faults } of ACCESS.slice(1))
      for (const fault of faults.filter((one) => !dry.test(one)))
        expect(opened, `${id} ${fault}`).toContain(fault)
  })
})

describe('coolant that runs out', () => {
  it('is none for a relay, most for a head, all where it must not go back', () => {
    expect(coolantShare([])).toBe(0)
    expect(coolantShare(['fan-relay-dead', 'fan-clutch-slipping'])).toBe(0)
    expect(coolantShare(['upper-hose-leak'])).toBe(0.4)
    expect(coolantShare(['upper-hose-leak', 'pump-seal-leak'])).toBe(0.7)
    expect(coolantShare(['gasket-to-cylinder', 'upper-hose-leak'])).toBe(0.9)
    expect(coolantShare(['upper-hose-leak', 'coolant-wrong'])).toBe(1)
  })
})
