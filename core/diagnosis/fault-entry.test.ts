import { describe, expect, it } from 'vitest'
import { BOOK } from '../knowledge/book'
import { LEVELS } from '../knowledge/levels'
import { faultEntry, searchFaults } from './fault-entry'

const found = (typed: string) => searchFaults(typed).map(({ id }) => id)

describe('what the book knows of a fault', () => {
  it('is something for every fault that it lists: tells, the most frequent first, and a proof', () => {
    for (const fault of searchFaults('')) {
      const { tells, guards } = faultEntry(fault.id)!
      expect(tells.length, fault.id).toBeGreaterThan(0)
      const levels = tells.map(({ level }) => LEVELS[level])
      expect(levels, fault.id).toEqual([...levels].sort((a, b) => b - a))
      expect(new Set(tells.map(({ sign }) => sign)).size).toBe(tells.length)
      for (const { text, checks } of guards) expect(checks, `${fault.id}: ${text}`).not.toEqual([])
    }
  })
  it('knows what acts through the state of the system: a low level shows at the mark', () => {
    const tells = faultEntry('low-coolant')!.tells.map(({ sign }) => sign)
    expect(tells).toContain('level-cold')
    expect(tells).toContain('gurgle')
  })
  it('names both ends of a link', () => {
    expect(faultEntry('thermostat-stuck-closed')!.leadsTo.map(({ id }) => id)).toContain(
      'gasket-gas-to-coolant',
    )
    expect(faultEntry('gasket-gas-to-coolant')!.comesFrom.map(({ id }) => id)).toContain(
      'thermostat-stuck-closed',
    )
  })
  it('is nothing for what is no fault', () => expect(faultEntry('no-such-fault')).toBeUndefined())
})

describe('the search for a fault', () => {
  it('finds by name, by what is seen, and by several words', () => {
    expect(found('thermostat').slice(0, 3)).toContain('thermostat-stuck-closed')
    expect(found('gurgle')).toContain('trapped-air')
    expect(found('THERMOSTAT  closed')).toContain('thermostat-stuck-closed')
    expect(found('carburettor')).toEqual([])
  })
  it('puts those with a word in their name first', () => {
    const first = searchFaults('cap')[0]!
    expect(first.name.toLowerCase()).toContain('cap')
  })
  it('shows the whole book, without what is not in it, where nothing is typed', () =>
    expect(found('').length).toBe(
      BOOK.faults.filter(({ group }) => group !== 'not-in-the-book').length,
    ))
})
