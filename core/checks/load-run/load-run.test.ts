import { describe, expect, it } from 'vitest'
import { figures, outcome } from '../check.fixture'
import { loadRunCheck } from './check'
import type { LoadRunAnalysis } from './analysis'

describe('load run', () => {
  it('a load run says which segments overheat and the least boiling margin at the pressure really held', () => {
    const segment = (kind: string, maxC: number, load = 'within') => ({
      kind,
      minutes: 10,
      meanC: maxC - 4,
      maxC,
      airConditioning: 'off',
      heater: 'off',
      load,
    })
    const drive = (heldKPaGauge: number) =>
      outcome(
        loadRunCheck,
        'load-run.run',
        {
          segments: [segment('idle', 92), segment('climb', 112)],
          coolsWithAirConditioningOff: 'yes',
          coolsWithHeaterOn: 'not-known',
        } as never,
        { heldKPaGauge },
      )
    expect(drive(100).states).toEqual(['hot-climb'])
    expect(
      figures<LoadRunAnalysis>(drive(100)).leastMarginK -
        figures<LoadRunAnalysis>(drive(0)).leastMarginK,
    ).toBeGreaterThan(18)
    expect(figures<LoadRunAnalysis>(drive(0)).stopLimitC).toBeCloseTo(102.4, 0)
    expect(drive(100).notes.map((n) => n.id)).toContain('loadRun.acOffIsNotSolved')
  })
})
