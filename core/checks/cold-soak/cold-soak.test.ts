import { describe, expect, it } from 'vitest'
import { celsius, outcome, speaksFor } from '../check.fixture'
import { coldSoakCheck } from './check'

describe('sensors, cold', () => {
  it('3 K of disagreement counts only after a long soak', () => {
    const soak = (hoursStood: number, coolant: number) =>
      outcome(coldSoakCheck, 'cold-soak.test', {
        hoursStood,
        coolant: celsius(coolant),
        ambient: celsius(10),
        wiring: 'not-known',
      } as never)
    expect(soak(12, 11).states).toEqual(['agrees'])
    expect(soak(12, 18).states).toEqual(['biased'])
    expect(soak(2, 24).states).toEqual(['not-soaked'])
    expect(speaksFor(soak(12, 20).signs, 'sensor-off-cold')).toBeGreaterThan(
      4 * speaksFor(soak(2, 20).signs, 'sensor-off-cold'),
    )
    expect(
      outcome(coldSoakCheck, 'cold-soak.test', {
        hoursStood: 12,
        coolant: celsius(8),
        wiring: 'jumps',
      } as never).states,
    ).toEqual(['nothing-to-compare'])
  })
})
