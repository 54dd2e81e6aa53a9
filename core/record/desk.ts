import { DAY_MS, millisecondsOf } from '../quantity/moment'

/**
 * What a device keeps of the shop beside what somebody pinned there: the open cases, and those that were worked on, or
 * opened on it, in the last days. The rest is searched for and fetched.
 */
export const DESK = { recentDays: 21, mostOpen: 500, mostRecent: 300 } as const

/** From when on work on a case, or a look at it, is recent; both in ms since 1970. */
export const recentSinceMs = (nowMs: number): number => nowMs - DESK.recentDays * DAY_MS

/** What is known here of a case that a device holds. */
export interface HeldCase {
  isClosed: boolean
  /** moment of the newest thing recorded in it */
  touchedAt: string
  /** when it was last looked at on this device */
  openedAt?: string | undefined
  isPinned?: boolean | undefined
}

/**
 * Whether a device keeps a case, or may let it go; what was not sent is never let go, and is not asked for here. `nowMs`
 * in ms since 1970.
 */
export function isKeptOnDevice(held: HeldCase, nowMs: number): boolean {
  if (!held.isClosed || held.isPinned) return true
  const isRecent = (moment: string | undefined) =>
    moment !== undefined && millisecondsOf(moment) >= recentSinceMs(nowMs)
  return isRecent(held.touchedAt) || isRecent(held.openedAt)
}
