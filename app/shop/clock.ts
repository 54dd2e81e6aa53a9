import { DateTime } from 'luxon'

/** A device's clock that is further off than this is told of, ms. */
const WORTH_TELLING_MS = 90_000

/** How many minutes a device's clock is behind the server's or ahead of it, as `offsetMs` says; none when it is right. */
export function minutesOff(offsetMs = 0): { minutes: number; way: 'behind' | 'ahead' } {
  const minutes =
    Math.abs(offsetMs) > WORTH_TELLING_MS ? Math.round(Math.abs(offsetMs) / 60_000) : 0
  return { minutes, way: offsetMs > 0 ? 'behind' : 'ahead' }
}

/** When an engine that is not cold will be, hours and minutes of the day; `nowMs` since 1970. */
export const coldAt = ({ coldInMinutes }: { coldInMinutes: number }, nowMs = Date.now()): string =>
  DateTime.fromMillis(nowMs).plus({ minutes: coldInMinutes }).toFormat('HH:mm')
