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
