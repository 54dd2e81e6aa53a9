import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { ClassTable } from './class-table'
import { multisetsOf, placeOf } from './multisets'
import { termsOf, tripleTermsOf } from './terms'

/** A table of so many classes over so many twins, with values between 0.01 and 1 drawn from a list. */
function tableOf(count: number, classes: readonly number[], drawn: readonly number[]): ClassTable {
  const { size } = multisetsOf(count)
  const ofTwin = Uint8Array.from(classes, (c) => c % count)
  return {
    count,
    ofTwin,
    ofNewcomer: new Uint8Array(0),
    linked: Uint8Array.from([...ofTwin.keys()].filter((t) => ofTwin[t] !== 0)),
    values: Float64Array.from({ length: size }, (_, x) => drawn[x % drawn.length]!),
  }
}
const TWINS = 6
const tables = fc.array(
  fc
    .record({
      count: fc.integer({ min: 1, max: 4 }),
      classes: fc.array(fc.nat(9), { minLength: TWINS, maxLength: TWINS }),
      drawn: fc.array(fc.double({ min: 0.01, max: 1, noNaN: true }), {
        minLength: 20,
        maxLength: 20,
      }),
    })
    .map(({ count, classes, drawn }) => tableOf(count, classes, drawn)),
  { minLength: 1, maxLength: 4 },
)
const valueAt = ({ count, values, ofTwin }: ClassTable, fixed: number, ...twins: number[]) => {
  const [a = 0, b = 0] = twins.map((t) => ofTwin[t]!)
  return values[placeOf(multisetsOf(count), fixed, a, b)]!
}

describe('functions of classes taken apart into terms', () => {
  it('give the product of the tables again for none, one and two twins beside any fixed class', () => {
    fc.assert(
      fc.property(tables, fc.nat(3), (all, drawn) => {
        const fixed = ({ count }: ClassTable) => drawn % count
        const { none, single, pair } = termsOf(all, TWINS, fixed)
        const product = (...twins: number[]) =>
          all.reduce((p, table) => p * valueAt(table, fixed(table), ...twins), 1)
        expect(none).toBeCloseTo(product(), 12)
        for (let i = 0; i < TWINS; i++) {
          expect(none * single[i]!).toBeCloseTo(product(i), 12)
          for (let j = i; j < TWINS; j++)
            expect(none * single[i]! * single[j]! * pair[i * TWINS + j]!).toBeCloseTo(
              product(i, j),
              12,
            )
        }
      }),
    )
  })
  it('give it for three twins with what all three say together', () => {
    fc.assert(
      fc.property(tables, ([table]) => {
        const { none, single, pair } = termsOf([table!], TWINS, () => 0)
        const triple = tripleTermsOf(table!)
        for (let i = 0; i < TWINS; i++)
          for (let j = i; j < TWINS; j++)
            for (let k = j; k < TWINS; k++) {
              const [a, b, c] = [i, j, k].map((t) => table!.ofTwin[t]!) as [number, number, number]
              const two = pair[i * TWINS + j]! * pair[i * TWINS + k]! * pair[j * TWINS + k]!
              const three = triple?.cube[(a * table!.count + b) * table!.count + c] ?? 1
              const told = none * single[i]! * single[j]! * single[k]! * two * three
              const value = table!.values[placeOf(multisetsOf(table!.count), a, b, c)]!
              expect(told).toBeCloseTo(value, 11)
            }
      }),
    )
  })
  it('have no triple term where the members speak one by one', () => {
    const alone = [1, 0.5, 0.2]
    const { size } = multisetsOf(3)
    const values = new Float64Array(size)
    for (let a = 0; a < 3; a++)
      for (let b = a; b < 3; b++)
        for (let c = b; c < 3; c++)
          values[placeOf(multisetsOf(3), a, b, c)] = alone[a]! * alone[b]! * alone[c]!
    const table = { ...tableOf(3, [0, 1, 2, 1, 0, 2], [1]), values }
    expect(tripleTermsOf(table)).toBeUndefined()
    expect(
      tripleTermsOf({ ...table, values: values.map((v, x) => (x === size - 1 ? v / 2 : v)) }),
    ).toBeDefined()
  })
})
