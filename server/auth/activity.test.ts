import { afterEach, describe, expect, it } from 'vitest'
import { idleLimitMs, isIdle } from './activity'

const now = Date.parse('2026-11-26T12:00:00.000Z')
const hoursAgo = (hours: number) => new Date(now - hours * 3_600_000).toISOString()

afterEach(() => void delete process.env.THERMOGNOSIS_IDLE_HOURS)

describe('a session in which nothing is done', () => {
  it('ends after half a day, and not a moment before', () => {
    expect(isIdle(hoursAgo(12), now)).toBe(false)
    expect(isIdle(hoursAgo(12.2), now)).toBe(true)
  })
  it('ends when the shop says so', () => {
    process.env.THERMOGNOSIS_IDLE_HOURS = '1'
    expect(isIdle(hoursAgo(1.2), now)).toBe(true)
    expect(isIdle(hoursAgo(0.9), now)).toBe(false)
  })
  it.each(['', '0', '-3', 'never'])('is not kept open for ever by “%s”', (said) => {
    process.env.THERMOGNOSIS_IDLE_HOURS = said
    expect(idleLimitMs()).toBe(12 * 3_600_000)
  })
})
