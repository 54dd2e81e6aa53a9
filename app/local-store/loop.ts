import type { Ref } from 'vue'
import { Refusal, Unreachable } from './api'
import type { StoreSession } from './session'

/**
 * How long after a round the next follows, in ms: when it was asked for meanwhile, when it did not come to its end, and
 * when nothing is told.
 */
export const PACE_MS = { soon: 250, failed: 2_500, quiet: 15_000 }

interface Rounds {
  readonly session: StoreSession
  readonly paceMs: typeof PACE_MS
  /** there is a store to go round with */
  readonly isOpen: Readonly<Ref<boolean>>
  readonly reachable: Ref<boolean>
  /** goes round once; tells whether the server was asked */
  readonly round: () => Promise<boolean>
}

/** Goes round with the server when asked and, as a safety net, every few seconds: one round at a time. */
export function useLoop({ session, paceMs, isOpen, reachable, round }: Rounds) {
  let timer: ReturnType<typeof setTimeout> | undefined
  let busy = false
  let again = false

  async function go(): Promise<void> {
    if (!isOpen.value) return
    if (busy) {
      again = true
      return
    }
    busy = true
    clearTimeout(timer)
    const since = session.signedInAt
    let failed = false
    try {
      do {
        again = false
        if (await round()) answered()
      } while (again)
    } catch (error) {
      failed = true
      cameToNothing(error, since)
    } finally {
      busy = false
      clearTimeout(timer)
      if (isOpen.value) timer = setTimeout(() => void go(), nextInMs(failed))
    }
  }

  function answered() {
    reachable.value = true
    if (session.state === 'offline') session.state = 'signed-in'
  }

  function cameToNothing(error: unknown, since: number) {
    if (error instanceof Unreachable || (error instanceof Refusal && error.status >= 500)) {
      reachable.value = false
      if (session.state === 'signed-in') session.state = 'offline'
    } else if (error instanceof Refusal && error.status === 401) {
      // Asked before somebody signed in: it says nothing of the session that is now.
      if (session.signedInAt === since) session.state = 'signed-out'
      else again = true
    } else if (!(error instanceof Refusal) && isOpen.value) console.error(error)
  }

  function nextInMs(failed: boolean): number {
    if (again) return paceMs.soon
    return failed && session.state !== 'signed-out' ? paceMs.failed : paceMs.quiet
  }

  return { go, rest: () => clearTimeout(timer) }
}
