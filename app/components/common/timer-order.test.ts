import { describe, expect, it } from 'vitest'
import { isOver, mostPressing } from './timer-order'

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

describe('a time that was set going for a check', () => {
  const cap = { caseId: 'a', check: 'cap', startedAt: 1000 }
  const test = { caseId: 'a', kind: 'cap.test', observedMs: 1000 }

  it('is over once the test it was for is kept', () => {
    expect(isOver(cap, [test])).toBe(true)
    expect(isOver(cap, [])).toBe(false)
  })

  it('goes on for what was kept before it, in another case, or of another check', () => {
    expect(isOver(cap, [{ ...test, observedMs: 999 }])).toBe(false)
    expect(isOver(cap, [{ ...test, caseId: 'b' }])).toBe(false)
    expect(isOver(cap, [{ ...test, kind: 'cap-seal.seen' }])).toBe(false)
  })
})
