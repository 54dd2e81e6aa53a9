import { describe, expect, it } from 'vitest'
import { z } from 'zod'
import { given, measured } from '../quantity/field'
import { quantity } from './check.fixture'
import { propagatedIntervals } from './propagated-error'
import { temperature, volts } from './quantities'

const half = (interval: { low: number; high: number } | undefined) =>
  interval && (interval.high - interval.low) / 2
/** Half of a 90 % interval for an error of one volt meter. */
const ONE = 1.6448536 * 0.05

describe('the error of a reading reaches a figure', () => {
  it('through a list of them, each by itself', () => {
    const schema = z.strictObject({ list: z.array(volts) })
    const sum = ({ list }: { list: number[] }) => ({ sum: list.reduce((a, b) => a + b, 0) })
    expect(half(propagatedIntervals(schema, { list: [1, 2, 3, 4] }, sum).sum)).toBeCloseTo(
      2 * ONE,
      6,
    )
  })
  it('through records within the record, and through what may be left out', () => {
    const schema = z.strictObject({
      inner: z.strictObject({ a: volts, name: z.string() }),
      b: volts.optional(),
      c: volts.nullable(),
    })
    const data = { inner: { a: 2, name: 'x' }, b: 3, c: null }
    const figures = propagatedIntervals(schema, data, (d) => ({ product: d.inner.a * d.b! }))
    expect(half(figures.product)).toBeCloseTo(ONE * Math.hypot(2, 3), 6)
  })
  it('through the one choice that fits', () => {
    const schema = z.strictObject({ v: z.union([z.literal('none'), volts]) })
    const figure = (d: { v: number | 'none' }) => ({ twice: d.v === 'none' ? 0 : 2 * d.v })
    expect(half(propagatedIntervals(schema, { v: 5 }, figure).twice)).toBeCloseTo(2 * ONE, 6)
    expect(propagatedIntervals(schema, { v: 'none' as const }, figure)).toEqual({})
  })
  it('of a quantity by its value in the unit of core, whatever else is inside', () => {
    const schema = z.strictObject({ t: temperature, name: z.string() })
    const data = { t: quantity('temperature', 80, '°C'), name: 'scan' }
    const { twice } = propagatedIntervals(schema, data, (d) => ({ twice: 2 * d.t.coreValue }))
    const { once } = propagatedIntervals(schema, data, (d) => ({ once: d.t.coreValue }))
    expect((twice!.low + twice!.high) / 2).toBeCloseTo(160, 9)
    expect(half(twice)).toBeCloseTo(2 * half(once)!, 9)
  })
  it('into figures within figures, and not into lists, and not into intervals that are there', () => {
    const schema = z.strictObject({ v: volts })
    const figures = propagatedIntervals(schema, { v: 5 }, ({ v }) => ({
      inside: { deep: v },
      list: [v, v],
      nothing: null,
      text: 'x',
      endless: v / 0,
      estimate: { low: v - 1, value: v, high: v + 1 },
      oneSided: { low: 1, other: v },
    }))
    expect(Object.keys(figures).sort()).toEqual(['inside.deep', 'oneSided.other'])
  })
})

describe('no interval', () => {
  it('of what is asked for, of what no reading moves, of settings and validities', () => {
    const schema = z.strictObject({ v: volts, asked: given(z.number()) })
    const figures = propagatedIntervals(schema, { v: 5, asked: 7 }, ({ v, asked }) => ({
      asked,
      count: 3,
      validity: v / 10,
      ratingC: v,
      moved: v,
    }))
    expect(Object.keys(figures)).toEqual(['moved'])
  })
  it('where nothing is read, or far too much', () => {
    const schema = z.strictObject({ list: z.array(volts) })
    const sum = ({ list }: { list: number[] }) => ({ sum: list.reduce((a, b) => a + b, 0) })
    const of = (count: number) => propagatedIntervals(schema, { list: Array(count).fill(1) }, sum)
    expect(of(0)).toEqual({})
    expect(Object.keys(of(120))).toEqual(['sum'])
    expect(of(121)).toEqual({})
  })
})

describe('at the edge of what can be', () => {
  const share = measured(z.number(), { unit: 'fraction', usualError: { by: 0.1 } })
  const schema = z.strictObject({ share })
  const within = (low: number, high: number) => (d: { share: number }) => {
    if (d.share < low || d.share > high) throw new RangeError('outside')
    return { twice: 2 * d.share }
  }
  it('the one side that can be stands for both', () => {
    const full = half(propagatedIntervals(schema, { share: 0.5 }, within(0, 1)).twice)
    expect(full).toBeCloseTo(1.6448536 * 0.2, 6)
    expect(half(propagatedIntervals(schema, { share: 0 }, within(0, 1)).twice)).toBeCloseTo(
      full!,
      6,
    )
    expect(half(propagatedIntervals(schema, { share: 1 }, within(0, 1)).twice)).toBeCloseTo(
      full!,
      6,
    )
  })
  it('where neither can, there is none', () =>
    expect(propagatedIntervals(schema, { share: 0.5 }, within(0.45, 0.55))).toEqual({}))
  it('another fault of the analysis is not swallowed', () =>
    expect(() =>
      propagatedIntervals(schema, { share: 0.5 }, (d) => {
        if (d.share !== 0.5) throw new TypeError('broken')
        return { twice: 1 }
      }),
    ).toThrow('broken'))
})
