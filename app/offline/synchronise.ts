import type { Ref } from 'vue'
import { Refusal, Unreachable } from './api'
import type { SessionOfCopy } from './session-of-copy'

/**
 * How long after a look at the server the next follows, in ms: when something came in meanwhile, when it did not come
 * to its end, and when nothing is told.
 */
export const PACE_MS = { soon: 250, failed: 2_500, quiet: 15_000 }

interface Looking {
  readonly session: SessionOfCopy
  readonly paceMs: typeof PACE_MS
  /** there is a copy to look for */
  readonly open: Readonly<Ref<boolean>>
  readonly reachable: Ref<boolean>
  /** sends what waits and takes what is new, once */
  readonly look: () => Promise<void>
}

/** Looks at the server when asked and, as a safety net, every few seconds: one look at a time. */
export function useSynchronise({ session, paceMs, open, reachable, look }: Looking) {
  let timer: ReturnType<typeof setTimeout> | undefined
  let busy = false
  let again = false

  async function synchronise(): Promise<void> {
    if (!open.value) return
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
        await look()
      } while (again)
      reachable.value = true
      if (session.state === 'offline') session.state = 'signed-in'
    } catch (error) {
      failed = true
      cameToNothing(error, since)
    } finally {
      busy = false
      clearTimeout(timer)
      if (open.value) timer = setTimeout(() => void synchronise(), nextInMs(failed))
    }
  }

  function cameToNothing(error: unknown, since: number) {
    if (error instanceof Unreachable || (error instanceof Refusal && error.status >= 500)) {
      reachable.value = false
      if (session.state === 'signed-in') session.state = 'offline'
    } else if (error instanceof Refusal && error.status === 401) {
      // Asked before somebody signed in: it says nothing of the session that is now.
      if (session.signedInAt === since) session.state = 'signed-out'
      else again = true
    } else if (!(error instanceof Refusal)) console.error(error)
  }

  function nextInMs(failed: boolean): number {
    if (again) return paceMs.soon
    return failed && session.state !== 'signed-out' ? paceMs.failed : paceMs.quiet
  }

  return { synchronise, rest: () => clearTimeout(timer) }
}
