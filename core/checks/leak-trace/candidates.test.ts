import { describe, expect, it } from 'vitest'
import { LEAK_PLACES } from '../../vehicle/places'
import { traceWithSuspects } from './candidates'
import type { LeakTrace } from './record'

const faults = [...new Set(LEAK_PLACES.map((p) => p.fault))]
const alike = new Map(faults.map((fault) => [fault, 0.1]))
const trace = (more: Partial<LeakTrace> = {}): LeakTrace => ({
  drips: [{ x: 0.4, y: 0.5, perMinute: 6 }],
  airFlow: false,
  places: [],
  ...more,
})
const shareOf = (chances: ReadonlyMap<string, number>, place: string, of = trace()) =>
  traceWithSuspects(of, 'lengthwise', chances).candidates.find((c) => c.place === place)?.share

describe('a trace with the suspects of the case', () => {
  const [place] = LEAK_PLACES

  it('before anything is ranked every place counts alike, as where all are ranked alike', () => {
    const before = traceWithSuspects(trace(), 'lengthwise', new Map()).candidates
    const after = traceWithSuspects(trace(), 'lengthwise', alike).candidates
    expect(before).toHaveLength(LEAK_PLACES.length)
    expect(after.map((c) => c.place)).toEqual(before.map((c) => c.place))
    for (const [i, c] of after.entries()) expect(c.share).toBeCloseTo(before[i]!.share, 9)
  })
  it('a likelier fault draws its places up, one hardly known is not nothing', () => {
    const likely = new Map(alike).set(place!.fault, 0.9)
    expect(shareOf(likely, place!.id)!).toBeGreaterThan(shareOf(alike, place!.id)!)
    const hardly = new Map(alike).set(place!.fault, 0.0001)
    expect(shareOf(hardly, place!.id)!).toBeGreaterThan(0)
    expect(shareOf(hardly, place!.id)!).toBeLessThan(shareOf(alike, place!.id)!)
  })
  it('a place of a fault that this vehicle cannot have is left out', () => {
    const without = new Map(alike)
    without.delete(place!.fault)
    const { candidates } = traceWithSuspects(trace(), 'lengthwise', without)
    const left = LEAK_PLACES.filter((p) => p.fault !== place!.fault).map((p) => p.id)
    expect(candidates.map((c) => c.place).sort()).toEqual([...left].sort())
  })
  it('a place that was looked at counts by the look alone: what its fault was worth no longer matters', () => {
    const looked = trace({ places: [{ place: place!.id, seen: 'dry' }] })
    const high = new Map(alike).set(place!.fault, 0.9)
    const low = new Map(alike).set(place!.fault, 0.2)
    expect(shareOf(high, place!.id, looked)).toBeCloseTo(shareOf(low, place!.id, looked)!, 9)
    expect(shareOf(high, place!.id, looked)!).toBeLessThan(shareOf(high, place!.id)!)
  })
})
