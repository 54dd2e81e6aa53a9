import { describe, expect, it } from 'vitest'
import { holdWhatIf } from './what-if'

const asked = { stepKPa: 1, holdKPa: 100, capKPa: 100, hoursPerWeek: 10 }

describe('a hold reckoned before it is made', () => {
  it('takes the longer the coarser the gauge is', () => {
    expect(holdWhatIf(asked).minutesForUsualLimit).toBe(3)
    expect(holdWhatIf({ ...asked, stepKPa: 6.894757 }).minutesForUsualLimit).toBe(15)
  })
  it('a fall and the loss that it makes lead back to each other', () => {
    const { litresPerWeek, leakMLPerMinute } = holdWhatIf({ ...asked, fallKPaPerMinute: 0.5 })
    expect(leakMLPerMinute!.value).toBeCloseTo(2.6, 9)
    const back = holdWhatIf({ ...asked, lossLitresPerWeek: litresPerWeek!.value })
    expect(back.lossFallKPaPerMinute!.value).toBeCloseTo(0.5, 6)
    expect(back.minutesToSeeLoss).toBe(2)
  })
  it('says nothing of what was not asked', () => {
    expect(holdWhatIf(asked)).toEqual({ minutesForUsualLimit: 3 })
    expect(holdWhatIf({ ...asked, lossLitresPerWeek: 0 })).toEqual({ minutesForUsualLimit: 3 })
  })
})
