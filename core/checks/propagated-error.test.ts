import { describe, expect, it } from 'vitest'
import { readCaseFile } from '../record/read'
import { assess } from '../diagnosis/assess'
import { celsius, kPa, outcome } from './check.fixture'
import { heaterCheck } from './heater/check'
import { mixCheck } from './mix/check'
import { pumpDeliveryCheck } from './pump-delivery/check'
import { propagatedIntervals } from './propagated-error'
import { mixTest } from './mix/record'
import { volts } from './quantities'
import { z } from 'zod'
import { readdirSync, readFileSync } from 'node:fs'

const half = (b: { low: number; high: number }) => (b.high - b.low) / 2

describe('intervals of figures', () => {
  it('a drop between two temperatures has the error of both', () => {
    const o = outcome(heaterCheck, 'heater.test', {
      inlet: celsius(85),
      outlet: celsius(55),
      level: 'full',
      setting: 'full-hot',
      air: 'strong',
      direction: 'right',
    })
    expect(half(o.intervals.dropK!)).toBeCloseTo(1.645 * 1.5 * Math.SQRT2, 2)
    expect((o.intervals.dropK!.low + o.intervals.dropK!.high) / 2).toBeCloseTo(30, 9)
    expect(o.intervals).not.toHaveProperty('validity')
  })

  it('a share of delivery grows as uncertain as the square of a low speed makes it', () => {
    const share = (port: number, still: number, engineRpm: number) =>
      outcome(pumpDeliveryCheck, 'pump-delivery.test', {
        port: kPa(port),
        static: kPa(still),
        engineRpm,
        specified: { pressure: kPa(120), rpm: 1600, includesStatic: false },
        returnStream: 'not-known',
        lowerHose: 'not-known',
      }).intervals.share!
    expect(half(share(95, 70, 800))).toBeGreaterThan(2 * half(share(190, 70, 1600)))
  })

  it('agrees with drawing the errors at random', () => {
    const analyse = ({ aVolts, bVolts }: { aVolts: number; bVolts: number }) => ({
      product: aVolts * bVolts,
    })
    const schema = z.strictObject({ aVolts: volts, bVolts: volts })
    const { product } = propagatedIntervals(schema, { aVolts: 12, bVolts: 3 }, analyse)
    expect(half(product!)).toBeCloseTo(1.645 * 0.05 * Math.hypot(12, 3), 3)
  })

  it('what was asked for, and a count, have none', () => {
    const o = outcome(mixCheck, 'mix.test', {
      instrument: 'refractometer',
      volumeFraction: 0.3,
      wantedFraction: 0.5,
    })
    expect(o.intervals).toHaveProperty('freezePointC')
    expect(o.intervals).toHaveProperty('boilingPointC')
    expect(o.intervals).not.toHaveProperty('wantedFraction')
    const asked = { instrument: 'strip' as const, wantedFraction: 0.5 }
    expect(
      propagatedIntervals(mixTest, asked, ({ wantedFraction }) => ({ wantedFraction })),
    ).toEqual({})
  })

  it('in every vignette each figure that is computed from readings lies inside its interval', () => {
    let seen = 0
    for (const folder of ['open', 'kept-apart'])
      for (const file of readdirSync(`data/vignettes/${folder}`).filter((f) => f.endsWith('.json')))
        for (const { figures, intervals } of assess(
          readCaseFile(readFileSync(`data/vignettes/${folder}/${file}`, 'utf8')),
        ).outcomes)
          for (const [path, { low, high }] of Object.entries(intervals)) {
            const value = path
              .split('.')
              .reduce<unknown>(
                (part, key) => (part as Record<string, unknown>)[key],
                figures,
              ) as number
            expect(low, `${file} ${path}`).toBeLessThan(value)
            expect(high, `${file} ${path}`).toBeGreaterThan(value)
            seen++
          }
    expect(seen).toBeGreaterThan(200)
  })
})
