import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { placeOfElements, type ClassFactor } from './class-factor'
import { Elimination, maskOf, stateOf } from './elimination'
import { multisetsOf } from './multisets'

const ELEMENTS = 6
const CONDITIONS = 4

/** Factors over a few conditions, each with classes of its own, and the number 0 for elements of class 0. */
const factors = fc
  .record({
    scopes: fc.array(fc.integer({ min: 1, max: (1 << CONDITIONS) - 1 }), {
      minLength: 1,
      maxLength: 5,
    }),
    seed: fc.array(fc.integer({ min: 1, max: 999 }), { minLength: 400, maxLength: 400 }),
  })
  .map(({ scopes, seed }): ClassFactor[] => {
    let at = 0
    const draw = () => seed[at++ % seed.length]!
    // Every condition has a prior of its own, as in a book.
    const own = Array.from({ length: CONDITIONS }, (_, k) => 1 << k)
    return [...own, ...scopes].map((mask) => {
      const scope = Array.from({ length: CONDITIONS }, (_, k) => k).filter((k) => (mask >> k) & 1)
      const count = 1 + (draw() % 3)
      const classOf = Uint8Array.from({ length: ELEMENTS }, () => draw() % count)
      const { size } = multisetsOf(count)
      const values = Float64Array.from({ length: size << scope.length }, () => draw() / 500)
      return { scope, count, classOf, values }
    })
  })

const valueOf = (
  factor: ClassFactor,
  holds: number,
  set: readonly number[],
  values = factor.values,
) =>
  values[
    stateOf(factor.scope, holds) * multisetsOf(factor.count).size + placeOfElements(factor, set)
  ]!

/** The product of the factors, summed over every state of the conditions that is as told. */
function plainSum(
  all: readonly ClassFactor[],
  set: readonly number[],
  fixed = { mask: 0, holds: 0 },
  replaced: ReadonlyMap<number, Float64Array> = new Map(),
): number {
  let sum = 0
  for (let holds = 0; holds < 1 << CONDITIONS; holds++)
    if (((holds ^ fixed.holds) & fixed.mask) === 0)
      sum += all.reduce((p, f, at) => p * valueOf(f, holds, set, replaced.get(at) ?? f.values), 1)
  return sum
}

const SETS = [[], [2], [0, 5], [1, 3, 4], [0, 1, 2]]
const product = (left: ReturnType<Elimination['run']>, set: readonly number[]) =>
  left.reduce((p, group) => p * group.values[placeOfElements(group, set)]!, 1)
const near = (a: number, b: number) => expect(Math.abs(a / b - 1)).toBeLessThan(1e-12)

describe('conditions summed out of factors of classes', () => {
  it('give what summing over every state gives', () => {
    fc.assert(
      fc.property(factors, (all) => {
        const left = new Elimination(all).run()
        for (const set of SETS) near(product(left, set), plainSum(all, set))
      }),
      { numRuns: 100 },
    )
  })
  it('with some of them known, sum over the others', () => {
    fc.assert(
      fc.property(factors, fc.nat(15), fc.nat(15), (all, mask, is) => {
        const fixed = { mask, holds: is & mask }
        const elimination = new Elimination(all)
        elimination.run()
        const left = elimination.run(fixed)
        for (const set of SETS) near(product(left, set), plainSum(all, set, fixed))
      }),
      { numRuns: 60 },
    )
  })
  it('with other values in a factor do again what stands above it, and keep nothing of it', () => {
    fc.assert(
      fc.property(factors, fc.nat(7), (all, which) => {
        const at = which % all.length
        const other = new Map([[at, all[at]!.values.map((value) => value * 0.5 + 0.1)]])
        const elimination = new Elimination(all)
        const [changed, plain] = [elimination.run(undefined, other), elimination.run()]
        for (const set of SETS) {
          near(product(changed, set), plainSum(all, set, undefined, other))
          near(product(plain, set), plainSum(all, set))
        }
      }),
      { numRuns: 60 },
    )
  })
  it('a state of a scope and the conditions that hold in it tell the same', () => {
    const scope = [1, 2, 4]
    for (let state = 0; state < 8; state++) expect(stateOf(scope, maskOf(scope, state))).toBe(state)
    expect(maskOf(scope, 0b101)).toBe(0b10010)
  })
})
