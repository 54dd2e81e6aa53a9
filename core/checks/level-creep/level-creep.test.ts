import { describe, expect, it } from 'vitest'
import { outcome, speaksFor } from '../check.fixture'
import { levelCreepCheck } from './check'

describe('level, hot', () => {
  const creep = (rate: number, more: object = {}) =>
    outcome(levelCreepCheck, 'level-creep.watch', {
      points: [0, 3, 6, 9, 12, 15].map((m) => ({ minutes: m, mm: rate * m })),
      bubbles: 'not-known',
      overflowed: 'not-known',
      startedAt: 'at-mark',
      refilledAndNotBled: 'no',
      ...more,
    } as never)
  it('a level that keeps rising is told from one that rises and holds', () => {
    expect(creep(2).states).toEqual(['keeps-rising'])
    const holds = outcome(levelCreepCheck, 'level-creep.watch', {
      points: [0, 2, 4, 6, 8, 10, 12, 14].map((m) => ({ minutes: m, mm: Math.min(12, 3 * m) })),
      bubbles: 'none',
      overflowed: 'no',
      startedAt: 'at-mark',
      refilledAndNotBled: 'no',
    } as never)
    expect(holds.states).toEqual(['rises-and-holds'])
  })
  it('bubbles after a refill that was not bled count for little', () => {
    const bubbles = (refilledAndNotBled: 'yes' | 'no') =>
      speaksFor(creep(0, { bubbles: 'continuous', refilledAndNotBled }).signs, 'bubbling')
    expect(bubbles('yes')).toBeLessThan(0.4 * bubbles('no'))
  })
})
