import { describe, expect, it } from 'vitest'
import { multisetsOf, placeOf, valuesOf } from './multisets'

describe('multisets of up to three classes', () => {
  it.each([1, 2, 3, 7, 20])('of %i classes each have a place of their own', (count) => {
    const multisets = multisetsOf(count)
    const seen = new Set<number>()
    for (let a = 0; a < count; a++)
      for (let b = a; b < count; b++)
        for (let c = b; c < count; c++) seen.add(placeOf(multisets, a, b, c))
    expect([seen.size, Math.min(...seen), Math.max(...seen)]).toEqual([
      multisets.size,
      0,
      multisets.size - 1,
    ])
    expect(multisets.size).toBe((count * (count + 1) * (count + 2)) / 6)
  })
  it('stand in one place in whatever order their classes are told', () => {
    const multisets = multisetsOf(6)
    for (const [a, b, c] of [
      [0, 2, 5],
      [1, 1, 4],
      [3, 3, 3],
    ] as const) {
      const orders = [
        [a, b, c],
        [a, c, b],
        [b, a, c],
        [b, c, a],
        [c, a, b],
        [c, b, a],
      ] as const
      expect(new Set(orders.map(([x, y, z]) => placeOf(multisets, x, y, z))).size).toBe(1)
    }
  })
  it('hold the values of a function, each at its place', () => {
    const values = valuesOf(5, (a, b, c) => 100 * a + 10 * b + c)
    expect(values[placeOf(multisetsOf(5), 4, 1, 3)]).toBe(134)
  })
})
