import { DateTime } from 'luxon'

/** Moments as they are written for a reader. */
export function useMoments() {
  const moment = (iso: string) => DateTime.fromISO(iso).toFormat('d LLL yyyy, HH:mm')
  const day = (iso: string) => DateTime.fromISO(iso).toFormat('d LLLL yyyy')
  return { moment, day }
}
