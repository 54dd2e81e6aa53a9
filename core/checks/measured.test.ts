import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { message } from '../quantity/message'
import { measuredLikelihood, measuredReading, type Expected } from './measured'

const LOW_HIGH = { low: { mean: 5, sd: 1 }, high: { mean: 12, sd: 2 } } as const
const BAND = { no: { mean: 0, sd: 1 }, yes: { low: 10, high: 30 } } as const

/** The whole of a likelihood over its range, by the midpoint rule. */
function mass(error: number, given: Readonly<Record<string, Expected>>, state: string) {
  const step = 0.05
  let sum = 0
  for (let value = -200; value < 200; value += step)
    sum += measuredLikelihood(value + step / 2, error, given)[state]! * step
  return sum
}

describe('how likely a reading is, given where the truth lies', () => {
  it('is a density: the states that fit it best give most, and one in a hundred readings is a slip', () => {
    const slips = 0.01 * (400 / (12 + 4 * 3 - (5 - 4 * 2)))
    expect(mass(1, LOW_HIGH, 'low')).toBeCloseTo(0.99 + slips, 2)
    expect(mass(1, LOW_HIGH, 'high')).toBeCloseTo(0.99 + slips, 2)
  })

  it('widens by the error of the instrument', () => {
    const at = (error: number, value: number) => measuredLikelihood(value, error, LOW_HIGH).low!
    expect(at(3, 5)).toBeLessThan(at(1, 5))
    expect(at(3, 11)).toBeGreaterThan(at(1, 11))
  })

  it('is level within a band, half as much at its ends, and nothing but slips far outside', () => {
    const yes = (value: number) => measuredLikelihood(value, 0.5, BAND).yes!
    const slip = 0.01 / (30 + 1.5 - (0 - 4 * 1.5))
    expect(yes(20)).toBeCloseTo(0.99 / 20 + slip, 6)
    expect(yes(15)).toBeCloseTo(yes(25), 6)
    expect(yes(10)).toBeCloseTo(0.99 / 40 + slip, 4)
    expect(yes(30)).toBeCloseTo(0.99 / 40 + slip, 4)
    expect(yes(-40)).toBeCloseTo(slip, 9)
  })

  it('never rules a state out, and is as likely mirrored', () => {
    const value = fc.double({ min: -100, max: 100, noNaN: true })
    fc.assert(
      fc.property(value, fc.double({ min: 0.1, max: 10, noNaN: true }), (v, error) => {
        const here = measuredLikelihood(v, error, BAND)
        const mirrored = measuredLikelihood(-v, error, {
          no: { mean: 0, sd: 1 },
          yes: { low: -30, high: -10 },
        })
        for (const state of ['no', 'yes']) {
          expect(here[state]).toBeGreaterThan(0)
          expect(mirrored[state]).toBeCloseTo(here[state]!, 6)
        }
      }),
    )
  })

  it('tells the same of a reading in another unit, by the density of that unit', () => {
    const inF = measuredLikelihood(12 * 1.8, 1.8, {
      low: { mean: 9, sd: 1.8 },
      high: { mean: 21.6, sd: 3.6 },
    })
    const inC = measuredLikelihood(12, 1, LOW_HIGH)
    for (const state of ['low', 'high']) expect(inF[state]! * 1.8).toBeCloseTo(inC[state]!, 9)
  })
})

it('a figure becomes a reading of its sign, with all else as it was given', () => {
  const about = {
    source: 'r',
    sign: 'drop',
    validity: 0.9,
    conditions: 'in and out',
    says: message('x'),
  }
  expect(measuredReading({ ...about, value: 12, error: 1, given: LOW_HIGH })).toEqual({
    ...about,
    likelihood: measuredLikelihood(12, 1, LOW_HIGH),
  })
})
