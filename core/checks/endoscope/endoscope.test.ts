import { describe, expect, it } from 'vitest'
import { outcome, speaksFor } from '../check.fixture'
import { endoscopeCheck } from './check'

describe('endoscope', () => {
  it('a wet cylinder convinces; one dry cylinder of four clears little, and without pressure less', () => {
    const look = (seen: 'wet' | 'dry', pressed = true) =>
      speaksFor(
        outcome(endoscopeCheck, 'endoscope.look', { cylinder: 2, seen, pressed }).signs,
        'cylinder-wet',
      )
    expect(look('wet')).toBeGreaterThan(1)
    expect(look('dry')).toBeLessThan(0)
    expect(look('dry')).toBeGreaterThan(-0.2)
    expect(look('dry', false)).toBeGreaterThan(look('dry'))
    expect(
      outcome(endoscopeCheck, 'endoscope.look', { cylinder: 9, seen: 'wet', pressed: true }).signs,
    ).toEqual([])
  })
})
