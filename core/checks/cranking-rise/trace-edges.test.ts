import { describe, expect, it } from 'vitest'
import { InputError } from '../../quantity/message'
import { crankingOf } from './trace'

/** A trace at ten values a second: calm, then climbing by `rise` kPa with pulses while it cranks, then as `after` says. */
function traceOf({
  calm = 3,
  crank = 4,
  rise = 8,
  rest = 3,
  after = (_: number) => 0,
}: {
  calm?: number
  crank?: number
  rise?: number
  rest?: number
  after?: (seconds: number) => number
}) {
  const seconds = Array.from({ length: Math.round((calm + crank + rest) * 10) }, (_, i) => i / 10)
  const kPa = seconds.map((t) => {
    if (t < calm) return 2
    if (t < calm + crank) return 2 + (rise * (t - calm)) / crank + (Math.round(t * 10) % 3) * 0.4
    return 2 + rise + after(t - calm - crank)
  })
  return crankingOf(seconds, kPa)
}
const problem = (seconds: number[], kPa: number[]) => {
  try {
    crankingOf(seconds, kPa)
    return 'taken'
  } catch (error) {
    if (!(error instanceof InputError)) throw error
    return { path: error.path, ...error.problem }
  }
}
const count = (n: number) => Array.from({ length: n }, (_, i) => i)

describe('a trace is refused', () => {
  it('with fewer than ten values, or as many pressures as there are times', () => {
    const tooShort = { path: 'trace', id: 'crankTrace.tooShort', parameters: { least: 10 } }
    expect(problem(count(9), count(9))).toEqual(tooShort)
    expect(problem(count(10), count(11))).toEqual(tooShort)
    expect(problem(count(10), count(10))).toBe('taken')
  })
  it('that runs backward or stands still', () => {
    const back = { path: 'trace', id: 'crankTrace.backward', parameters: {} }
    expect(problem([...count(10), 8], count(11))).toEqual(back)
    expect(problem([...count(10), 9], count(11))).toEqual(back)
  })
  it('with a gap of more than eight usual steps, which is named', () => {
    const seconds = [...count(10), 17.5, 18.5]
    expect(problem(seconds, count(12))).toEqual({
      path: 'trace',
      id: 'crankTrace.gap',
      parameters: { from: '9.0', to: '17.5' },
    })
    expect(problem([...count(10), 17, 18], count(12))).toBe('taken')
  })
})

describe('a cranking is found', () => {
  it('with its length, the calm before and what stands after', () => {
    const found = traceOf({})
    expect(found.beforeKPa).toBeCloseTo(2, 1)
    expect(found.afterKPa).toBeCloseTo(10, 1)
    expect(found.crankSeconds).toBeGreaterThan(3.3)
    expect(found.crankSeconds).toBeLessThan(5.2)
    expect(found.staysAfter).toBe('yes')
    expect(found.resolutionKPa).toBeLessThan(0.41)
  })
  it('wherever it lies, and however long', () => {
    const shifted = traceOf({ calm: 6 }).crankSeconds - traceOf({}).crankSeconds
    expect(Math.abs(shifted)).toBeLessThan(0.5)
    const longer = traceOf({ crank: 8, rise: 16 }).crankSeconds - traceOf({}).crankSeconds
    expect(longer).toBeGreaterThan(3.5)
    expect(longer).toBeLessThan(4.5)
  })
  it('that falls back afterwards does not stay; down to two thirds of the rise it does', () => {
    expect(traceOf({ after: (t) => -Math.min(8, 6 * t) }).staysAfter).toBe('no')
    expect(traceOf({ after: (t) => -Math.min(3, 3 * t) }).staysAfter).toBe('no')
    expect(traceOf({ after: (t) => -Math.min(2, 2 * t) }).staysAfter).toBe('yes')
  })
  it('that ends with the trace was not watched', () => {
    const found = traceOf({ rest: 0.3 })
    expect(found.staysAfter).toBe('not-watched')
    expect(found.afterKPa).toBeGreaterThan(8.5)
  })
  it('of a pressure that never moves: nothing rises, and nothing falls', () => {
    const flat = crankingOf(count(20), Array<number>(20).fill(5))
    expect(flat).toMatchObject({ beforeKPa: 5, afterKPa: 5, resolutionKPa: 0.1 })
    expect(flat.staysAfter).not.toBe('no')
  })
  it('the smallest step of its gauge is told, and never nothing', () => {
    const steps = (by: number) =>
      crankingOf(
        count(20),
        count(20).map((i) => i * by),
      )
    expect(steps(0.5).resolutionKPa).toBeCloseTo(0.5, 9)
    expect(steps(1e-5).resolutionKPa).toBe(0.001)
  })
})
