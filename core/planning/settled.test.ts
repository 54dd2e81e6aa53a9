import { describe, expect, it } from 'vitest'
import type { Belief } from '../inference/belief'
import { firstTwo, isSettled, shownFaults } from './settled'

const NONE: ReadonlySet<number> = new Set()
/** Sets of three faults, three members each; 3 for none. */
const flat = Int16Array.from([0, 3, 3, 0, 1, 3, 2, 3, 3, 3, 3, 3])
const of = (...weights: number[]) => Float64Array.from(weights)
const prediction = { flat, leftOut: new Float64Array(3), lost: 0 }

describe('a lead that needs no more', () => {
  it('is the likeliest, and the likeliest besides it', () => {
    const { first, second } = firstTwo(of(0.5, 0.3, 0.1, 0.1), prediction, NONE)
    expect(first).toBeCloseTo(0.8, 12)
    expect(second).toBeCloseTo(0.3, 12)
  })
  it('counts what the sets left out have: a lead is no surer for their being left out', () => {
    const most = { flat, leftOut: Float64Array.of(0.02, 0.06, 0), lost: 0.1 }
    const { first, second } = firstTwo(of(0.5, 0.3, 0.1, 0.1), most, NONE)
    expect(first).toBeCloseTo(0.9 * 0.8 + 0.02, 12)
    expect(second).toBeCloseTo(0.9 * 0.3 + 0.06, 12)
  })
  it('may be that there is no fault at all', () =>
    expect(firstTwo(of(0.02, 0, 0.03, 0.95), prediction, NONE).first).toBeCloseTo(0.95, 12))
  it('has no rival in a suspect that is shown itself', () => {
    const both = of(0.05, 0.92, 0.03, 0)
    expect(isSettled(firstTwo(both, prediction, NONE))).toBe(false)
    expect(isSettled(firstTwo(both, prediction, new Set([0, 1])))).toBe(true)
  })
  it('is likely enough, with no second over one in ten', () => {
    expect(isSettled({ first: 0.9, second: 0.1 })).toBe(true)
    expect(isSettled({ first: 0.89, second: 0 })).toBe(false)
    expect(isSettled({ first: 1, second: 0.11 })).toBe(false)
  })
})

describe('a suspect that is shown', () => {
  const guard = (id: string, fact: string) => ({ id, text: id, anyOf: [[fact]] })
  const belief = (...probabilities: number[]) =>
    ({
      faults: probabilities,
      model: { faults: [{ guards: [guard('a', 'seen')] }, { guards: [] }] },
    }) as unknown as Belief
  it('is as good as certain, and has all that is asked of a proof', () => {
    expect([...shownFaults(belief(0.95, 0.95), new Set(['seen']))]).toEqual([0])
    expect([...shownFaults(belief(0.95, 0.95), new Set())]).toEqual([])
    expect([...shownFaults(belief(0.8, 0.95), new Set(['seen']))]).toEqual([])
  })
})
