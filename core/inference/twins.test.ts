import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { elementsOf } from './elements'
import { modelOrSkip, randomCase } from './random-book.fixture'
import { twinsOf } from './twins'

/** Σ of the products of the odds over all ways of taking so many of a list. */
function sumOver(odds: readonly number[], many: number): number {
  if (many === 0) return 1
  return odds.reduce((sum, o, at) => sum + o * sumOver(odds.slice(at + 1), many - 1), 0)
}

describe('twins', () => {
  it('are together exactly where no partition and nothing of their own tells them apart', () => {
    fc.assert(
      fc.property(
        randomCase,
        fc.array(fc.nat(2), { minLength: 12, maxLength: 12 }),
        (one, drawn) => {
          const { model, timeline } = modelOrSkip(one)
          const { faults } = model
          const elements = elementsOf(faults.length, timeline)
          const partitions = [0, 1].map((p) => ({
            count: 3,
            classOf: Uint8Array.from(elements.fault, (f) => drawn[(f + 5 * p) % 12]!),
          }))
          const twins = twinsOf(model, elements, partitions)
          const came = new Set(elements.newcomers.map(({ fault }) => fault))
          const tellsApart = (f: number, g: number) =>
            partitions.some(({ classOf }) => classOf[f] !== classOf[g]) ||
            faults[f]!.excludes !== faults[g]!.excludes ||
            elements.standsIn.some((stands) => stands[f] !== stands[g]) ||
            came.has(f) ||
            came.has(g)
          for (let f = 0; f < faults.length; f++)
            for (let g = f + 1; g < faults.length; g++)
              expect(twins.of[f] === twins.of[g], `${f} and ${g}`).toBe(!tellsApart(f, g))
        },
      ),
    )
  })
  it('sum the odds of one, two and three of a class, of two that exclude each other nothing', () => {
    fc.assert(
      fc.property(randomCase, (one) => {
        const { model, timeline } = modelOrSkip(one)
        const elements = elementsOf(model.faults.length, timeline)
        const twins = twinsOf(model, elements, [])
        twins.members.forEach((members, t) => {
          const odds = members.map((f) => model.weights.odds[f]!)
          const excludes = model.faults[members[0]!]!.excludes !== undefined
          expect(odds).toEqual([...odds].sort((a, b) => b - a))
          expect(twins.e1[t]).toBeCloseTo(sumOver(odds, 1), 12)
          expect(twins.e2[t]).toBeCloseTo(excludes ? 0 : sumOver(odds, 2), 12)
          expect(twins.e3[t]).toBeCloseTo(excludes ? 0 : sumOver(odds, 3), 12)
        })
      }),
    )
  })
})
