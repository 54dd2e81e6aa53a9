import { describe, expect, it } from 'vitest'
import { comparePlans } from './compare-plans'
import type { PlanStep } from './plan'

const way = (...steps: [minutes: number, waitMinutes: number, expectedLead: number][]) => ({
  expectedLeadNow: 0.2,
  steps: steps.map(([minutes, waitMinutes, expectedLead]): PlanStep => ({
    check: 'cap',
    phase: 'cold',
    minutes,
    waitMinutes,
    bits: 1,
    expectedLead,
  })),
})

describe('two ways compared', () => {
  it('are compared where they get equally far, waiting counted', () => {
    const short = way([5, 0, 0.4], [10, 0, 0.7])
    const detour = way([20, 30, 0.3], [5, 0, 0.5], [10, 0, 0.7], [60, 0, 0.8])
    expect(comparePlans(detour, short)).toEqual({ lead: 0.7, longerMinutes: 50 })
    expect(comparePlans(short, detour)).toEqual({ lead: 0.7, longerMinutes: -50 })
  })
  it('gain nothing by leaving more open', () => {
    const whole = way([5, 0, 0.4], [10, 0, 0.9])
    const half = way([5, 0, 0.4])
    expect(comparePlans(half, whole)).toEqual({ lead: 0.4, longerMinutes: 0 })
  })
  it('take nothing where there is nothing to do', () => {
    expect(comparePlans(way(), way([5, 0, 0.4]))).toEqual({ lead: 0.2, longerMinutes: 0 })
  })
})
