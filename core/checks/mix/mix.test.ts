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
  it('says that a concentrate is taken as pure, and reckons with one that is not', () => {
    const plan = (concentrateFraction?: number) =>
      outcome(mixCheck, 'mix.test', {
        instrument: 'refractometer',
        volumeFraction: 0.25,
        concentrateFraction,
      } as never)
    expect(plan().notes.map((n) => n.id)).toEqual(['mix.concentrateTakenAsPure'])
    expect(plan(0.9).notes).toEqual([])
    const { drainedLitres, concentrateLitres } = figures<MixAnalysis>(plan(0.9)).plan!
    expect(drainedLitres).toBeGreaterThan(figures<MixAnalysis>(plan()).plan!.drainedLitres)
    expect((0.25 * (10 - drainedLitres) + 0.9 * concentrateLitres) / 10).toBeCloseTo(0.5, 2)
    expect(plan(0.45).notes.map((n) => n.id)).toEqual(['mix.notReachable'])
  })
})
