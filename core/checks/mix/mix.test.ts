import { describe, expect, it } from 'vitest'
import { celsius, figures, outcome, speaksFor } from '../check.fixture'
import { mixCheck } from './check'
import type { MixAnalysis } from './analysis'

describe('mix', () => {
  it('a freeze point of −37 °C is half-and-half, and a thin mix says what to drain', () => {
    const half = outcome(mixCheck, 'mix.test', {
      instrument: 'refractometer',
      freezePoint: celsius(-37),
    } as never)
    expect(figures<MixAnalysis>(half).volumeFraction).toBeCloseTo(0.5, 1)
    expect(half.states).toEqual(['right'])
    const thin = outcome(mixCheck, 'mix.test', {
      instrument: 'refractometer',
      volumeFraction: 0.25,
    } as never)
    const { plan } = figures<MixAnalysis>(thin)
    expect(plan!.drainedLitres).toBeGreaterThan(3.3)
    expect((0.25 * (10 - plan!.drainedLitres) + plan!.concentrateLitres) / 10).toBeCloseTo(0.5, 1)
    expect(speaksFor(thin.signs, 'mix-off')).toBeGreaterThan(0.5)
    expect(
      outcome(mixCheck, 'mix.test', { instrument: 'strip', volumeFraction: 0.5 } as never, {
        capacityLitres: undefined,
      }).notes[0]!.id,
    ).toBe('mix.capacityUnknown')
  })
})
