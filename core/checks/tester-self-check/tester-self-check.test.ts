import { describe, expect, it } from 'vitest'
import { figures, kPa, outcome } from '../check.fixture'
import type { TesterSelfCheckAnalysis } from './analysis'
import { testerSelfCheckCheck } from './check'

const checked = (minutes: number, resolutionKPa: number, end = 100) =>
  outcome(testerSelfCheckCheck, 'tester-self-check.test', {
    startPressure: kPa(100),
    endPressure: kPa(end),
    durationSeconds: minutes * 60,
    resolutionKPa,
  } as never)

describe('a tester closed on itself', () => {
  it('passes nothing where its gauge could not have shown a leak in that time', () => {
    const short = checked(0.5, 7)
    expect(short.states).toEqual(['too-short'])
    const { minutesNeeded } = figures<TesterSelfCheckAnalysis>(short)
    expect(short.notes[0]!.parameters).toEqual({ minutes: minutesNeeded })
    expect(checked(minutesNeeded!, 7).states).toEqual(['sound'])
  })
  it('is sound, leaks a little or is unfit by what it would do in a vehicle', () => {
    expect(checked(10, 1).states).toEqual(['sound'])
    expect(checked(5, 1, 85).states).toEqual(['leaks-a-little'])
    expect(checked(5, 1, 20).states).toEqual(['unfit'])
    expect(figures<TesterSelfCheckAnalysis>(checked(10, 1)).minutesNeeded).toBeUndefined()
  })
})
