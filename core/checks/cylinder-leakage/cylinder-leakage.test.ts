import { describe, expect, it } from 'vitest'
import { outcome, speaksFor } from '../check.fixture'
import { cylinderLeakageCheck } from './check'

describe('cylinder leakage', () => {
  it('bubbles in the neck, not the per cent, say that a cylinder leaks to the coolant', () => {
    const test = (leakPercent: number, bubblesInNeck: 'yes' | 'no') =>
      outcome(cylinderLeakageCheck, 'cylinder-leakage.test', {
        cylinder: 1,
        leakPercent,
        bubblesInNeck,
      })
    expect(test(6, 'yes').states).toEqual(['leaks-to-coolant'])
    expect(test(45, 'no').states).toEqual(['leaks-elsewhere'])
    expect(test(45, 'no').facts).toEqual([])
    expect(speaksFor(test(6, 'yes').signs, 'leakage-bubbles')).toBeGreaterThan(1)
  })
})
