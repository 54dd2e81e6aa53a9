import { describe, expect, it } from 'vitest'
import { coldAt, minutesOff } from './clock'

describe('a clock that is off', () => {
  it.each([
    [undefined, 0],
    [0, 0],
    [89_000, 0],
    [-90_000, 0],
    [120_000, 2],
    [-3_600_000, 60],
  ])('by %s ms is told of as %s min', (offsetMs, minutes) => {
    expect(minutesOff(offsetMs).minutes).toBe(minutes)
  })
  it('is behind when the server’s is later', () => {
    expect([minutesOff(600_000).way, minutesOff(-600_000).way]).toEqual(['behind', 'ahead'])
  })
})

describe('when an engine will be cold', () => {
  it('is told by the clock of the day, over midnight too', () => {
    const at = new Date(2026, 10, 20, 23, 30).getTime()
    expect(coldAt({ coldInMinutes: 20 }, at)).toBe('23:50')
    expect(coldAt({ coldInMinutes: 45 }, at)).toBe('00:15')
  })
})
