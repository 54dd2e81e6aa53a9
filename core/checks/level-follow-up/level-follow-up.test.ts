import { describe, expect, it } from 'vitest'
import { outcome, speaksFor } from '../check.fixture'
import { levelFollowUpCheck } from './check'

describe('level after a week', () => {
  it('a week at the mark says far more than a day', () => {
    const after = (daysAfter: number) =>
      speaksFor(
        outcome(levelFollowUpCheck, 'level-follow-up.look', { daysAfter, level: 'at-mark' }).signs,
        'level-falls-after',
      )
    expect(after(7)).toBeLessThan(2 * after(1))
    expect(after(0)).toBeGreaterThan(-0.05)
  })
})
