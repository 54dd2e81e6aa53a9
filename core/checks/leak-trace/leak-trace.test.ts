import { describe, expect, it } from 'vitest'
import { figures, outcome, speaksFor } from '../check.fixture'
import { leakTraceCheck } from './check'
import type { TraceAnalysis } from './analysis'

describe('leak trace', () => {
  const trace = (places: [string, string][], more: object = {}) =>
    outcome(leakTraceCheck, 'leak-trace.trace', {
      drips: [{ x: 0.5, y: 0.5, perMinute: 20 }],
      airFlow: false,
      places: places.map(([place, seen]) => ({ place, seen })),
      ...more,
    } as never)
  it('the source is found only when seen issuing or wet again after drying', () => {
    expect(trace([['weep-hole', 'wet']]).states).toEqual(['not-found'])
    expect(trace([['weep-hole', 'issuing']]).facts).toContain('traced:weep-hole')
  })
  it('nothing leaks upward: places below the highest wet point are no candidates', () => {
    const { candidates, mLPerMinute } = figures<TraceAnalysis>(
      trace([
        ['thermostat-flange', 'wet'],
        ['weep-hole', 'wet'],
      ]),
    )
    const share = (id: string) => candidates.find((c) => c.place === id)!.share
    expect(share('thermostat-flange')).toBeGreaterThan(20 * share('weep-hole'))
    expect(candidates.reduce((s, c) => s + c.share, 0)).toBeCloseTo(1, 9)
    expect(mLPerMinute).toBeCloseTo(1, 9)
  })
  it('a drip that nobody counted has a place and no rate', () => {
    const drip = { x: 0.5, y: 0.5 }
    const only = (drips: object[]) => trace([], { drips })
    expect(figures<TraceAnalysis>(only([drip])).mLPerMinute).toBeUndefined()
    expect(only([drip]).intervals).toEqual({})
    expect(figures<TraceAnalysis>(only([drip])).byDrip).toHaveLength(1)
    // Beside one that was counted it adds its place, and nothing to the rate.
    const counted = { x: 0.2, y: 0.4, perMinute: 20 }
    expect(figures<TraceAnalysis>(only([drip, counted])).mLPerMinute).toBeCloseTo(1, 9)
    // … and it is said that the rate is of some of them.
    const notes = (drips: object[]) => only(drips).notes.map(({ id }) => id)
    expect(notes([drip, counted])).toEqual(['trace.partlyCounted'])
    expect([notes([drip]), notes([counted, counted])]).toEqual([[], []])
  })
  it('a drip that was watched falling points more sharply than one that may have run along something', () => {
    const above = (falling: boolean) =>
      figures<TraceAnalysis>(trace([], { drips: [{ x: 0.5, y: 0.27, falling }] })).byDrip[0]![0]!
    expect(above(true).place).toBe('weep-hole')
    expect(above(true).share).toBeGreaterThan(1.3 * above(false).share)
  })
  it('a place that the list does not have is told in words, and speaks for what is not in the book', () => {
    const elsewhere = (seen: string) =>
      trace([], { elsewhere: [{ where: 'Steel pipe behind the turbo', seen }] })
    const found = elsewhere('issuing')
    expect(found.states).toEqual(['source-found'])
    expect(found.facts).toEqual(expect.arrayContaining(['traced:elsewhere', 'loss-traced']))
    expect(figures<TraceAnalysis>(found).foundElsewhere).toEqual(['Steel pipe behind the turbo'])
    expect(found.signs[0]!.says.parameters).toEqual({ place: 'Steel pipe behind the turbo' })
    expect(elsewhere('wet').states).toEqual(['not-found'])
    expect(speaksFor(found.signs, 'traced:elsewhere')).toBeGreaterThan(
      1 + speaksFor(elsewhere('wet').signs, 'traced:elsewhere'),
    )
  })
  it('air flow widens what is possible, and a wet place speaks far less than one seen issuing', () => {
    const lower = (airFlow: boolean) =>
      figures<TraceAnalysis>(trace([['thermostat-flange', 'wet']], { airFlow })).candidates.find(
        (c) => c.place === 'weep-hole',
      )!.share
    expect(lower(true)).toBeGreaterThan(lower(false))
    expect(speaksFor(trace([['weep-hole', 'issuing']]).signs, 'traced:weep-hole')).toBeGreaterThan(
      1 + speaksFor(trace([['weep-hole', 'wet']]).signs, 'traced:weep-hole'),
    )
  })
})
