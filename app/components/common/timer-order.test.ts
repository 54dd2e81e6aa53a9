import { describe, expect, it } from 'vitest'
import { mostPressing } from './timer-order'

const timer = (caseId: string, startedAt: number, due: boolean) => ({
  caseId,
  startedAt,
  plannedMs: 1000,
  due,
})

describe('the order of times that run', () => {
  it('puts the open case first, then what was over last, then what is over next', () => {
    const timers = [
      timer('forgotten', 0, true),
      timer('later', 9000, false),
      timer('soon', 8500, false),
      timer('open', 9500, false),
      timer('just over', 7000, true),
    ]
    expect(mostPressing(timers, 'open').map(({ caseId }) => caseId)).toEqual([
      'open',
      'just over',
      'forgotten',
      'soon',
      'later',
    ])
    expect(timers[0]!.caseId).toBe('forgotten')
  })
})
