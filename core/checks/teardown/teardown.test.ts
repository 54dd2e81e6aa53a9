import { describe, expect, it } from 'vitest'
import { figures, outcome } from '../check.fixture'
import { teardownCheck } from './check'
import type { TeardownAnalysis } from './analysis'

describe('teardown', () => {
  it('flatness is the worst gap against the limit that was entered; without a limit nothing is judged', () => {
    const measure = (more: object) =>
      outcome(teardownCheck, 'teardown.measure', {
        what: 'head-face',
        gaps: [
          [0, 0, 0.02],
          [200, 0, 0.03],
          [0, 400, 0.02],
          [200, 400, 0.12],
          [100, 200, 0.05],
        ].map(([xMm, yMm, gapMm]) => ({ xMm, yMm, gapMm })),
        overheated: 'yes',
        crack: 'not-known',
        gasketTrace: 'not-known',
        pitting: 'not-known',
        ...more,
      } as never)
    expect(measure({ flatnessLimitMm: 0.05 }).states).toContain('warped')
    expect(measure({ flatnessLimitMm: 0.2 }).states).toContain('flat')
    expect(measure({}).notes[0]!.id).toBe('teardown.limitNeeded')
    const a = figures<TeardownAnalysis>(
      measure({
        linerProtrusionMm: [0.05, 0.05, -0.02],
        protrusionLimitsMm: { low: 0.02, high: 0.1 },
        boltLengthsMm: [100, 102],
        boltLimitMm: 101,
      }),
    )
    expect([a.linersOutOfLimits, a.boltsTooLong, a.boltsMayBeReused]).toEqual([[3], [2], false])
    expect(a.protrusionSpreadMm).toBeCloseTo(0.07, 9)
  })
})
