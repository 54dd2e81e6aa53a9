import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { piecesOf } from './pieces'
import { gatherSeries, joined, type Series } from './series'

const RUN = '0195bbbb-0000-7000-8000-000000000009'
const trace = (seconds: number[], values: number[]) => ({
  run: RUN,
  channel: 'scan-coolant' as const,
  seconds,
  values,
})

/** Rising seconds, in tenths. */
const line = fc
  .uniqueArray(fc.integer({ min: 0, max: 400 }), { minLength: 2, maxLength: 60 })
  .map((tenths) => tenths.toSorted((a, b) => a - b).map((tenth) => tenth / 10))

describe('a line in pieces', () => {
  it('has every sample once, in pieces no longer than asked and never of one alone', () => {
    fc.assert(
      fc.property(line, fc.integer({ min: 2, max: 20 }), (seconds, most) => {
        const pieces = piecesOf(trace(seconds, seconds), most)
        expect(pieces.flatMap((piece) => piece.seconds)).toEqual(seconds)
        expect(pieces.flatMap((piece) => piece.values)).toEqual(seconds)
        for (const piece of pieces) {
          expect(piece.seconds.length).toBeGreaterThanOrEqual(2)
          // Two samples are a line; three cannot be shared out between two.
          expect(piece.seconds.length).toBeLessThanOrEqual(Math.max(most, 3))
          expect(piece.channel).toBe('scan-coolant')
        }
      }),
    )
  })
  it('is the line again, whatever the order in which its pieces came', () => {
    fc.assert(
      fc.property(line, fc.infiniteStream(fc.nat()), (seconds, dice) => {
        const whole = trace(seconds, seconds)
        const pieces = piecesOf(whole, 5)
          .map((piece) => ({ piece, at: dice.next().value as number }))
          .toSorted((a, b) => a.at - b.at)
          .map(({ piece }) => piece)
        expect(gatherSeries([], pieces)).toEqual(gatherSeries([], [whole]))
      }),
    )
  })
})

describe('lines that lie over each other', () => {
  /** As it was always told: everything sorted, the earlier piece first where two are of one moment. */
  const sorted = (pieces: readonly Series[]) => {
    const all = pieces.flatMap(({ x, y }) => x.map((at, i) => ({ at, value: y[i]! })))
    const rising = all.toSorted((a, b) => a.at - b.at)
    return { x: rising.map(({ at }) => at), y: rising.map(({ value }) => value) }
  }
  it('have all samples of both, in their order', () => {
    fc.assert(
      fc.property(fc.array(line, { minLength: 1, maxLength: 4 }), (lines) => {
        const pieces = lines.map((x, i) => ({ x, y: x.map((at) => at + 100 * i) }))
        expect(joined(pieces)).toEqual(sorted(pieces))
      }),
    )
  })
  it('an hour read live in pieces of fifteen seconds is put together in a moment', () => {
    const pieces = Array.from({ length: 240 }, (_, piece) => {
      const x = Array.from({ length: 150 }, (_, i) => piece * 15 + i / 10)
      return { x, y: x }
    })
    const began = performance.now()
    const { x } = joined(pieces)
    expect(x.length).toBe(36_000)
    expect(performance.now() - began).toBeLessThan(200)
  })
})
