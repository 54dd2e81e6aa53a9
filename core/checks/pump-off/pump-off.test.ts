import { describe, expect, it } from 'vitest'
import { outcome, speaksFor } from '../check.fixture'
import { pumpOffCheck } from './check'

describe('pump taken off', () => {
  it('a worn impeller is doubtful where a loose one is clear', () => {
    const pump = (impeller: 'worn' | 'loose-on-shaft') =>
      speaksFor(
        outcome(pumpOffCheck, 'pump-off.look', { impeller, seal: 'sound', shaftPlay: 'none' })
          .signs,
        'impeller-bad',
      )
    expect(pump('loose-on-shaft')).toBeGreaterThan(1.4 * pump('worn'))
  })
})
