import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { logNormalDensity, normalBetween, normalCdf } from './normal'
import { theilSenSlope } from './theil-sen-slope'

describe('normal distribution', () => {
  it('has 97.5 % below 1.96 and is symmetric', () => {
    expect(normalCdf(1.959964)).toBeCloseTo(0.975, 6)
    expect(normalCdf(-1.3) + normalCdf(1.3)).toBeCloseTo(1, 6)
  })
  it('keeps far tails above zero, so that no reading is ever impossible by rounding', () => {
    expect(normalBetween(8, 9, 0, 1)).toBeGreaterThan(0)
    expect(normalBetween(-9, -8, 0, 1)).toBeGreaterThan(0)
  })
  it('the log-normal density integrates to one', () => {
    let sum = 0
    for (let u = -12; u < 12; u += 0.01)
      sum += logNormalDensity(Math.exp(u), 0.6, 0.7) * Math.exp(u) * 0.01
    expect(sum).toBeCloseTo(1, 4)
  })
})

describe('Theil-Sen slope', () => {
  it('is exact on a line and unmoved by one wild reading', () => {
    const x = [0, 1, 2, 3, 4, 5, 6, 7]
    const y = x.map((t) => 100 - 0.9 * t)
    expect(theilSenSlope(x, y).slope).toBeCloseTo(-0.9, 10)
    y[3] = 60
    expect(theilSenSlope(x, y).slope).toBeCloseTo(-0.9, 1)
  })
  it('holds its slope inside its interval and turns with the sign of y', () => {
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -50, max: 50, noNaN: true }), { minLength: 2, maxLength: 30 }),
        (y) => {
          const x = y.map((_, i) => i)
          const up = theilSenSlope(x, y)
          const down = theilSenSlope(
            x,
            y.map((v) => -v),
          )
          expect(up.low).toBeLessThanOrEqual(up.slope)
          expect(up.high).toBeGreaterThanOrEqual(up.slope)
          expect(down.slope).toBeCloseTo(-up.slope, 9)
        },
      ),
    )
  })
  it('takes an hour of ten readings a second in its stride, and finds the slope that is in it', () => {
    const x = Array.from({ length: 36_000 }, (_, i) => i / 600)
    const y = x.map((t, i) => Math.round(100 - 0.2 * t + Math.sin(i * 12.9898)))
    const begun = performance.now()
    const { slope, low, high } = theilSenSlope(x, y)
    expect(performance.now() - begun).toBeLessThan(2_000)
    expect(slope).toBeCloseTo(-0.2, 2)
    expect(low).toBeLessThanOrEqual(slope)
    expect(high).toBeGreaterThanOrEqual(slope)
  })
  it('refuses readings that all have the same time', () => {
    expect(() => theilSenSlope([3, 3], [1, 2])).toThrow(RangeError)
  })
})
