import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { compareMoments, millisecondsOf } from './moment'

describe('moments without a clock', () => {
  it('agree with the platform’s calendar for any date from 1900 to 2200', () => {
    fc.assert(
      fc.property(
        fc.date({ min: new Date('1900-01-01'), max: new Date('2200-01-01'), noInvalidDate: true }),
        (date) => {
          expect(millisecondsOf(date.toISOString())).toBe(date.getTime())
        },
      ),
    )
  })
  it('compare across zones', () => {
    expect(compareMoments('2026-11-23T12:00:00+01:00', '2026-11-23T11:00:00Z')).toBe(0)
    expect(compareMoments('2026-11-23T12:00:00-0200', '2026-11-23T13:59:59Z')).toBeGreaterThan(0)
  })
  it('refuse what is not a moment', () => {
    expect(() => millisecondsOf('yesterday')).toThrow(RangeError)
  })
})
