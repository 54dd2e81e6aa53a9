import { z } from 'zod'

/** Years that a clock may show: what lies outside is no moment of a vehicle's repair, and some databases cannot hold it. */
const FIRST_YEAR = 1970
const LAST_YEAR = 9998

/** A moment as it is written down: ISO 8601 with offset or Z, by a clock that may be wrong by any number of years. */
export const moment = z.iso.datetime({ offset: true }).refine(
  (written) => {
    const year = Number(written.slice(0, 4))
    return year >= FIRST_YEAR && year <= LAST_YEAR
  },
  { message: `the year lies outside ${FIRST_YEAR} to ${LAST_YEAR}` },
)

/**
 * Milliseconds since 1970-01-01T00:00Z of an ISO 8601 date-time with offset or Z. Core has no clock and no Date,
 * so the civil calendar is computed here (days from civil, proleptic Gregorian). RangeError for anything else.
 */
export function millisecondsOf(moment: string): number {
  const known = readBefore.get(moment)
  if (known !== undefined) return known
  const milliseconds = readMoment(moment)
  if (readBefore.size >= MOST_REMEMBERED) readBefore.clear()
  readBefore.set(moment, milliseconds)
  return milliseconds
}

/** Moments read lately: the same few are compared again and again. */
const readBefore = new Map<string, number>()
const MOST_REMEMBERED = 10_000

function readMoment(moment: string): number {
  const m = /^(\d{4})-(\d\d)-(\d\d)T(\d\d):(\d\d)(?::(\d\d)(\.\d+)?)?(Z|[+-]\d\d:?\d\d)$/.exec(
    moment,
  )
  if (!m) throw new RangeError(`${moment} is not an ISO 8601 moment`)
  const year = Number(m[1])
  const month = Number(m[2])
  const isOnCalendar =
    month >= 1 &&
    month <= 12 &&
    Number(m[3]) >= 1 &&
    Number(m[3]) <= daysIn(month, year) &&
    Number(m[4]) <= 23 &&
    Number(m[5]) <= 59 &&
    Number(m[6] ?? 0) <= 60
  if (!isOnCalendar) throw new RangeError(`${moment} is on no calendar`)
  const shifted = month <= 2 ? year - 1 : year
  const era = Math.floor(shifted / 400)
  const yearOfEra = shifted - era * 400
  const dayOfYear = Math.floor((153 * (month + (month > 2 ? -3 : 9)) + 2) / 5) + Number(m[3]) - 1
  const dayOfEra =
    yearOfEra * 365 + Math.floor(yearOfEra / 4) - Math.floor(yearOfEra / 100) + dayOfYear
  const days = era * 146097 + dayOfEra - 719468
  const zone = m[8]!
  const sign = zone.startsWith('-') ? -1 : 1
  const zoneMinutes =
    zone === 'Z' ? 0 : sign * (Number(zone.slice(1, 3)) * 60 + Number(zone.slice(-2)))
  const seconds =
    days * 86400 + Number(m[4]) * 3600 + (Number(m[5]) - zoneMinutes) * 60 + Number(m[6] ?? 0)
  return seconds * 1000 + Math.round(Number(m[7] ?? 0) * 1000)
}

function daysIn(month: number, year: number): number {
  if (month === 2) return year % 4 === 0 && (year % 100 !== 0 || year % 400 === 0) ? 29 : 28
  return [4, 6, 9, 11].includes(month) ? 30 : 31
}

/** A day, ms. */
export const DAY_MS = 86_400_000

/** Days from one date to another, both as year-month-day. */
export const daysFrom = (from: string, to: string): number =>
  (millisecondsOf(`${to}T00:00:00Z`) - millisecondsOf(`${from}T00:00:00Z`)) / DAY_MS

export function compareMoments(a: string, b: string): number {
  return millisecondsOf(a) - millisecondsOf(b)
}

/** The calendar year that a moment was written in, in its own zone. */
export const yearOf = (written: string): number => Number(written.slice(0, 4))
