import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { DESK, isKeptOnDevice, recentSinceMs } from './desk'

const now = Date.parse('2026-11-26T12:00:00.000Z')
const daysAgo = (days: number) => new Date(now - days * 86_400_000).toISOString()
const edge = new Date(recentSinceMs(now)).toISOString()
const long = daysAgo(DESK.recentDays + 1)
const lately = daysAgo(DESK.recentDays - 1)

describe('what a device keeps of a shop', () => {
  it('counts the days back from now', () => {
    expect(edge).toBe(daysAgo(DESK.recentDays))
  })
  it.each([
    ['an open case, however old', { isClosed: false, touchedAt: long }, true],
    ['a closed one worked on lately', { isClosed: true, touchedAt: lately }, true],
    ['one worked on at the very edge', { isClosed: true, touchedAt: edge }, true],
    ['a closed one of long ago', { isClosed: true, touchedAt: long }, false],
    ['an old one looked at lately', { isClosed: true, touchedAt: long, openedAt: lately }, true],
    ['one looked at long ago', { isClosed: true, touchedAt: long, openedAt: long }, false],
    ['an old one pinned for a trip', { isClosed: true, touchedAt: long, isPinned: true }, true],
    ['one whose pin was taken out', { isClosed: true, touchedAt: long, isPinned: false }, false],
  ])('%s', (_, held, expected) => expect(isKeptOnDevice(held, now)).toBe(expected))

  it('compares moments, whatever zone they are written in', () => {
    const elsewhere = '2026-11-05T14:00:00.000+02:00'
    expect(Date.parse(elsewhere)).toBe(recentSinceMs(now))
    expect(isKeptOnDevice({ isClosed: true, touchedAt: elsewhere }, now)).toBe(true)
  })
  it('lets nothing go that a later touch would keep', () =>
    fc.assert(
      fc.property(
        fc.record({
          isClosed: fc.boolean(),
          isPinned: fc.boolean(),
          touched: fc.integer({ min: 0, max: 60 }),
          later: fc.integer({ min: 0, max: 60 }),
        }),
        ({ touched, later, ...said }) => {
          const kept = (days: number) => isKeptOnDevice({ ...said, touchedAt: daysAgo(days) }, now)
          if (kept(touched)) expect(kept(Math.min(touched, later))).toBe(true)
        },
      ),
    ))
})
