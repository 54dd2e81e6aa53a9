import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { freezingPointC, massFractionFromVolume, volumeFractionFromFreezePoint } from './coolant'
import { fractionAfterRefill, mixPlan, residualAfterFlush } from './mix'

describe('mix, drain, refill', () => {
  it('after flushing with water, half drained and refilled with 50 % premix gives 25 %', () => {
    expect(fractionAfterRefill(10, 5, 0, 0.5)).toBeCloseTo(0.25, 12)
  })
  it('a plan reaches the fraction it promises by mass balance, and says when it cannot', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 2, max: 40, noNaN: true }),
        fc.double({ min: 0.05, max: 0.6, noNaN: true }),
        fc.double({ min: 0.05, max: 0.6, noNaN: true }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (capacity, from, to, share) => {
          const drained = share * capacity
          const plan = mixPlan(capacity, from, to, drained)
          if (plan.reachable)
            expect((from * (capacity - drained) + plan.concentrateLitres) / capacity).toBeCloseTo(
              to,
              6,
            )
          expect(plan.concentrateLitres).toBeGreaterThanOrEqual(0)
          expect(plan.concentrateLitres).toBeLessThanOrEqual(drained + 1e-9)
          expect(plan.reachable).toBe(drained >= plan.leastDrainLitres - 1e-6)
        },
      ),
    )
  })
  it('reaching 50 % from 30 % in 10 L needs at least 10·0.2/0.7 L drained', () => {
    expect(mixPlan(10, 0.3, 0.5, 5).leastDrainLitres).toBeCloseTo(2 / 0.7, 9)
    expect(mixPlan(10, 0.3, 0.5, 2).reachable).toBe(false)
    expect(() => mixPlan(10, 0.3, 0.5, 11)).toThrow(RangeError)
  })
  it('four passes that drain half leave a sixteenth', () => {
    expect(residualAfterFlush(10, 5, 4)).toBeCloseTo(1 / 16, 12)
  })
  it('a freeze point gives the fraction that freezes there', () => {
    for (const fraction of [0.1, 0.3, 0.45])
      expect(
        volumeFractionFromFreezePoint(
          'ethylene-glycol',
          freezingPointC('ethylene-glycol', massFractionFromVolume('ethylene-glycol', fraction)),
        ),
      ).toBeCloseTo(fraction, 6)
    expect(volumeFractionFromFreezePoint('propylene-glycol', 2)).toBe(0)
    expect(volumeFractionFromFreezePoint('ethylene-glycol', -80)).toBeCloseTo(0.578, 6)
  })
})
