import { describe, expect, it } from 'vitest'
import { sentence } from '../../../words/catalogue'
import type { HoldAnalysis, HoldState } from './analysis'
import { holdVerdict } from './verdict'

const hold = (state: HoldState, more: Partial<HoldAnalysis> = {}) =>
  ({ state, settlingSeconds: 90, testerUnfit: false, notes: [], ...more }) as HoldAnalysis
const says = (analysis: HoldAnalysis, isRunning: boolean) =>
  sentence(holdVerdict(analysis, isRunning)!)

describe('the verdict of a hold', () => {
  it('before the first reading it judges nothing', () => {
    expect(says(hold('no-reading'), true)).toBe('Take the first reading.')
    expect(says(hold('no-reading'), false)).toBe('The hold ended before a reading was taken.')
  })
  it('a hold that has ended asks for no more minutes', () => {
    const undecided = hold('undecided', { minutesStillNeeded: 2 })
    expect(says(undecided, true)).toBe('2 more minutes with this gauge to be sure.')
    expect(says(undecided, false)).toBe('It ended 2 minutes too soon for this gauge.')
  })
  it('one minute is a minute', () =>
    expect(says(hold('undecided', { minutesStillNeeded: 1 }), true)).toBe(
      '1 more minute with this gauge to be sure.',
    ))
  it('above the limit is said of falls above it, and of nothing else', () => {
    const above: HoldState[] = ['seep', 'leak']
    const all: HoldState[] = ['no-reading', 'settling', 'undecided', 'tight', 'gross', ...above]
    for (const state of all)
      for (const isRunning of [true, false])
        expect(says(hold(state), isRunning).includes('Above the limit'), state).toBe(
          above.includes(state),
        )
  })
})
