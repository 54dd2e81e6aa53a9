import { describe, expect, it } from 'vitest'
import { kPa, outcome, speaksFor } from '../check.fixture'
import { vacuumDecayCheck } from './check'

describe('vacuum decay', () => {
  it('a vacuum that holds speaks against leaks, weakly; pressure leaks stay open', () => {
    const vacuum = (end: number) =>
      outcome(vacuumDecayCheck, 'vacuum-decay.test', {
        drawn: kPa(-80),
        end: kPa(end),
        minutes: 10,
      } as never)
    expect(vacuum(-79.5).states).toEqual(['holds'])
    expect(vacuum(-50).states).toEqual(['falls'])
    expect(speaksFor(vacuum(-50).signs, 'vacuum-falls')).toBeGreaterThan(0.5)
    expect(vacuum(-79.5).doesNotProve[0]!.id).toBe('vacuum.pass.pressureLeaks')
  })
})

describe('a vacuum that deepens by itself', () => {
  it('is said and says nothing of the system', () => {
    const o = outcome(vacuumDecayCheck, 'vacuum-decay.test', {
      drawn: kPa(-60),
      end: kPa(-66),
      minutes: 10,
    } as never)
    expect([o.states, o.signs, o.notes.map((n) => n.id)]).toEqual([['rises'], [], ['vacuum.rises']])
  })
})
