import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type Causes, causesOf, readingBits, unknownUnder } from './cause-bits'
import { entropyBits, type Shown, shownOf } from './shown'
import { setBits } from './set-bits.fixture'

const SETS = 12
const FAULTS = [0.95, 0.4, 0.3, 0.2]
const shares = (length: number) =>
  fc
    .array(fc.integer({ min: 1, max: 100 }), { minLength: length, maxLength: length })
    .map((list) => list.map((n) => n / list.reduce((sum, one) => sum + one, 0)))

/** Sets of four faults, how likely each set is, and what a reading of three states in four rows would show. */
const drawn = fc.record({
  members: fc.array(fc.subarray([0, 1, 2, 3]), { minLength: SETS, maxLength: SETS }),
  weights: shares(SETS),
  rows: fc.array(fc.integer({ min: 0, max: 3 }), { minLength: SETS, maxLength: SETS }),
  chances: fc.array(shares(3), { minLength: 4, maxLength: 4 }),
})
const shownIn = ({ rows, chances }: { rows: number[]; chances: number[][] }, { order }: Causes) =>
  shownOf(3, Uint16Array.from(rows), Float64Array.from(chances.flat()), order)

const bitsOf = (weights: number[], shown: Shown, causes: Causes, share?: number) =>
  readingBits(unknownUnder(Float64Array.from(weights), causes), shown, causes, share)

/** H(cause) − Σ_j P(j)·H(cause | j), the cause's probabilities after each reading worked out by Bayes. */
function plainly(of: Int16Array, count: number, weights: number[], chanceOf: number[][]) {
  const spread = (list: readonly number[]) => {
    const sum = list.reduce((all, p) => all + p, 0)
    const causes = new Float64Array(count)
    list.forEach((p, i) => (causes[of[i]!]! += sum > 0 ? p / sum : 0))
    return { sum, bits: entropyBits(causes) }
  }
  return [0, 1, 2].reduce((bits, j) => {
    const after = spread(weights.map((w, i) => w * chanceOf[i]![j]!))
    return bits - after.sum * after.bits
  }, spread(weights).bits)
}

describe('what a reading tells of the cause', () => {
  it('is what the cause’s probabilities lose of their entropy, in any sets', () => {
    fc.assert(
      fc.property(drawn, (one) => {
        const causes = causesOf(one.members, FAULTS)
        const bits = bitsOf(one.weights, shownIn(one, causes), causes, 0)
        const chanceOf = one.rows.map((row) => one.chances[row]!)
        expect(bits).toBeCloseTo(plainly(causes.of, causes.count, one.weights, chanceOf), 9)
      }),
    )
  })
  it('is never more than what it tells of the whole set, and what planning goes by lies between', () => {
    fc.assert(
      fc.property(drawn, (one) => {
        const causes = causesOf(one.members, FAULTS)
        const shown = shownIn(one, causes)
        const set = setBits(Float64Array.from(one.weights), shown)
        expect(bitsOf(one.weights, shown, causes, 1)).toBeCloseTo(set, 9)
        const [cause, used] = [
          bitsOf(one.weights, shown, causes, 0),
          bitsOf(one.weights, shown, causes),
        ]
        expect(cause).toBeLessThanOrEqual(set + 1e-9)
        expect(used).toBeGreaterThanOrEqual(cause - 1e-9)
        expect(used).toBeLessThanOrEqual(set + 1e-9)
      }),
    )
  })
  it('asks about the likeliest fault of a set that is still a question', () => {
    const { of } = causesOf([[], [3], [1, 3], [0, 3], [0]], FAULTS)
    expect([...of]).toEqual([4, 3, 1, 3, 0])
  })
  it('is nothing of a second fault beside the one behind all', () => {
    const causes = causesOf([[1], [1, 3]], FAULTS)
    const seen = shownOf(2, Uint16Array.from([0, 1]), Float64Array.from([0.9, 0.1, 0.1, 0.9]))
    expect(bitsOf([0.5, 0.5], seen, causes, 0)).toBeCloseTo(0, 12)
    expect(setBits(Float64Array.from([0.5, 0.5]), seen)).toBeGreaterThan(0.5)
  })
})
