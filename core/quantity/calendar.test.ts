import { expect, it } from 'vitest'
import { millisecondsOf } from './moment'

it.each([
  '2026-13-01T10:00:00Z',
  '2026-00-01T10:00:00Z',
  '2026-09-31T10:00:00Z',
  '2026-09-00T10:00:00Z',
  '2026-02-29T10:00:00Z',
  '2100-02-29T10:00:00Z',
  '2026-09-01T24:00:00Z',
  '2026-09-01T10:60:00Z',
  '2026-09-01T10:00:61Z',
])('%s is on no calendar', (moment) =>
  expect(() => millisecondsOf(moment)).toThrow(`${moment} is on no calendar`),
)

it.each([
  '2024-02-29T23:59:60Z',
  '2000-02-29T00:00:00Z',
  '2026-01-31T10:00:00Z',
  '2026-12-31T23:59:59.5+14:00',
  '2026-04-30T10:00Z',
])('%s is', (moment) => expect(Number.isFinite(millisecondsOf(moment))).toBe(true))
